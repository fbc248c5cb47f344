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
        QUESTION(Packs.HISTORY, "items"),
        PRECAUTION(Packs.PRECAUTIONS, "precautions"),
        DEFINITION(Packs.DEFINITIONS, "definitions"),
        /** The conditions that also turn tests of a family positive. */
        PROVOKED_FAMILY(Packs.PROVOKES, "families", true),
        /** The conditions that also turn a test positive. */
        PROVOKED_TEST(Packs.PROVOKES, "tests", true),
        /** The conditions that also turn a criterion positive. */
        PROVOKED_CRITERION(Packs.PROVOKES, "criteria", true),
        /** The conditions that a family of tests is usually done for. */
        EXAMINED_FAMILY(Packs.EXAMINES, "families", true);

        /** The one field of an entry that stands in its file as a name and a list. */
        static final String CONDITIONS_FIELD = "conditions";

        private final String file;
        private final String list;

        private final boolean byName;

        Kind(String file, String list) {
            this(file, list, false);
        }

        Kind(String file, String list, boolean byName) {
            this.file = file;
            this.list = list;
            this.byName = byName;
        }

        /** Whether entries stand in the file as names with a list each, rather than as a list of entries. */
        boolean isByName() {
            return byName;
        }

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
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
