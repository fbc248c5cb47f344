package lexicor.core.catalogue.packs;

import java.nio.file.Path;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;

/** The packs as they ship, for tests. */
public final class Shipped {
    public static final Path PACKS = Path.of(System.getProperty("lexicor.packs", "../packs"));
    public static final Catalogue CATALOGUE = Packs.read(PACKS);

    private Shipped() {}

    /** Every complaint's id, for tests that hold of each. */
    public static Stream<String> complaints() {
        return CATALOGUE.complaints().stream().map(Complaint::id);
    }
}
