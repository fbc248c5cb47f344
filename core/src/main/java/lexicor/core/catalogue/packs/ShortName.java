package lexicor.core.catalogue.packs;

import java.util.Optional;
import lexicor.core.document.Entry;

/** A name for where there is little room: a list on the couch, a rail. */
final class ShortName {
    /** What a line of the narrowest list holds. */
    static final int LONGEST = 26;

    private ShortName() {}

    static Optional<String> read(Entry entry) {
        Optional<String> name = entry.optionalText("short");
        name.filter(n -> n.length() > LONGEST).ifPresent(n -> {
            throw entry.problem("short", "expected at most " + LONGEST + " letters, found " + n.length());
        });
        return name;
    }
}
