package lexicor.core.catalogue.packs;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.node.ObjectNode;

/**
 * One entry of a pack as it is written: a test, a condition, and so on.
 *
 * @param fields as in the file, {@code id} among them
 */
public record PackEntry(Kind kind, String id, ObjectNode fields) {
    static final String ID = "id";

    /** What can be changed entry by entry, and the list it stands in. */
    public enum Kind {
        TEST(Packs.CATALOGUE, "tests"),
        CONDITION(Packs.CONDITIONS, "conditions"),
        COMPLAINT(Packs.CONDITIONS, "complaints"),
        LADDER(Packs.CONDITIONS, "ladders"),
        WARNING(Packs.CONDITIONS, "warnings"),
        CLUSTER(Packs.CLUSTERS, "clusters"),
        COUNT(Packs.CLUSTERS, "counts"),
        QUESTION(Packs.HISTORY, "items");

        private final String file;
        private final String list;

        Kind(String file, String list) {
            this.file = file;
            this.list = list;
        }

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Kind> withId(String id) {
            return Arrays.stream(values()).filter(k -> k.id().equals(id)).findFirst();
        }

        String file() {
            return file;
        }

        String list() {
            return list;
        }

        /** How problems name an entry of this kind. */
        public String path(String entryId) {
            return list + "." + entryId;
        }
    }
}
