package lexicor.core.catalogue.packs;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One entry of a pack as it is written: a test, a condition, and so on.
 *
 * @param fields as in the file, {@code id} among them
 */
public record PackEntry(Kind kind, String id, ObjectNode fields) {
    static final String ID = "id";
    private static final String BETWEEN = "/";

    /** How a judgement is named. */
    public static String judgedId(String criterion, String condition) {
        return criterion + BETWEEN + condition;
    }

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
        /** What no visit leaves out, by what the patient comes with. */
        CORE(Packs.CORE, "core", false, List.of("complaint")),
        /** Stages that are never left out whole. */
        STAGE_RULE(Packs.CORE, "stages"),
        /** Tests that are done as one. */
        SET(Packs.CORE, "sets"),
        DEFINITION(Packs.DEFINITIONS, "definitions"),
        /** The conditions that also turn tests of a family positive. */
        PROVOKED_FAMILY(Packs.PROVOKES, "families", true),
        /** The conditions that also turn a test positive. */
        PROVOKED_TEST(Packs.PROVOKES, "tests", true),
        /** The conditions that also turn a criterion positive. */
        PROVOKED_CRITERION(Packs.PROVOKES, "criteria", true),
        /** The conditions that a family of tests is usually done for. */
        EXAMINED_FAMILY(Packs.EXAMINES, "families", true),
        /** A sign that no study has measured for a condition, judged in words. */
        JUDGED(Packs.JUDGED, "judged", false, List.of("criterion", "condition")),
        /** What is part of a condition, so that the two are no rivals. */
        KIN(Packs.RELATIONS, "kin", true),
        /** What has to be settled before a condition is acted on. */
        SETTLE_FIRST(Packs.RELATIONS, "settleFirst", true),
        /** Odds of a condition by age band. */
        AGE_ODDS(Packs.AGES, "ages", false, List.of("condition")),
        /** Odds of a condition by sex. */
        SEX_ODDS(Packs.AGES, "sex", false, List.of("condition"));

        /** The one field of an entry that stands in its file as a name and a list. */
        static final String CONDITIONS_FIELD = "conditions";

        private final String file;
        private final String list;

        private final boolean byName;
        private final List<String> keys;

        Kind(String file, String list) {
            this(file, list, false);
        }

        Kind(String file, String list, boolean byName) {
            this(file, list, byName, List.of());
        }

        Kind(String file, String list, boolean byName, List<String> keys) {
            this.file = file;
            this.list = list;
            this.byName = byName;
            this.keys = keys;
        }

        /** The fields that tell an entry from every other where it has no id of its own; empty where it has one. */
        public List<String> keys() {
            return keys;
        }

        /** What an entry's fields say its id is; empty where they do not. */
        Optional<String> idOf(ObjectNode fields) {
            List<String> named = (keys.isEmpty() ? List.of(ID) : keys)
                    .stream()
                            .map(fields::get)
                            .filter(v -> v != null && v.isString())
                            .map(JsonNode::asString)
                            .toList();
            return named.size() == Math.max(1, keys.size())
                    ? Optional.of(String.join(BETWEEN, named))
                    : Optional.empty();
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
