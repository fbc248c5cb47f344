package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;

/**
 * A decision ladder: a question, then tests one at a time, each outcome leading to another rung or to an end.
 *
 * @param answers the rung that each answer to the question leads to
 */
public record Ladder(String id, String name, String question, Map<String, String> answers, Map<String, Rung> rungs) {
    /** One test of the ladder and where its outcomes lead. */
    public record Rung(String test, Step positive, Step negative) {}

    /** Where an outcome leads. */
    public sealed interface Step {
        /** On to another rung. */
        record To(String rung) implements Step {}

        /** The ladder ends: conditions to suspect, and what to say. Either may be empty. */
        record End(List<String> suspect, String reading) implements Step {}
    }
}
