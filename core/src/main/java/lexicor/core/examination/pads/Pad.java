package lexicor.core.examination.pads;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Map;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue;

/**
 * One thing to tap: a label and the leaves it sets. A leaf with several codes is added to what stands, or taken out of it.
 *
 * @param id stable within its test
 * @param hint a second, smaller line; may be empty
 * @param group what it belongs to
 */
public record Pad(String id, String label, String hint, Group group, Map<ReadingLeaf, ReadingValue> sets) {
    /** What a pad is about. */
    public enum Group {
        /** What was felt or seen. */
        SIGN,
        /** Where it hurts. */
        SITE,
        /** Which fingers tingle. */
        FINGER,
        /** Ways round the test. */
        CHEAT;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
