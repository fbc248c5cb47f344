package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A decision ladder: a question, then tests one at a time, each outcome leading to another rung or to an end.
 *
 * @param startsFrom criteria of which a positive offers the ladder
 * @param answers the rung that each answer to the question leads to
 * @param answeredBy the outcomes that give an answer
 */
public record Ladder(
        String id,
        String name,
        List<String> startsFrom,
        String question,
        Map<String, String> answers,
        Map<String, Signs> answeredBy,
        Map<String, Rung> rungs) {
    /** Criteria of which one positive, or one negative, gives the answer. */
    public record Signs(List<String> positive, List<String> negative) {}

    /** The conditions that its ends point at. */
    public Set<String> suspects() {
        return rungs.values().stream()
                .flatMap(r -> Stream.of(r.positive(), r.negative()))
                .flatMap(s -> s instanceof Step.End end ? end.suspect().stream() : Stream.of())
                .collect(Collectors.toSet());
    }

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
