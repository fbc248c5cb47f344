package lexicor.core.catalogue.packs;

import java.nio.file.Path;
import lexicor.core.catalogue.Catalogue;

/** The packs as they ship, for tests. */
public final class Shipped {
    public static final Path PACKS = Path.of(System.getProperty("lexicor.packs", "../packs"));
    public static final Catalogue CATALOGUE = Packs.read(PACKS);

    private Shipped() {}
}
