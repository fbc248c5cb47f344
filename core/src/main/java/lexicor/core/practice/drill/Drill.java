package lexicor.core.practice.drill;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lexicor.core.weighing.explain.Hundred;

/**
 * A question with its answer.
 *
 * @param key by which the same question is made again
 * @param ask the question
 * @param details what it is about, line by line
 * @param options what can be answered; none where a probability is guessed
 * @param answer the right option's id, or the right probability in percent
 * @param why the answer as a sentence or two
 * @param map the drawn region, where a place of it is asked for
 * @param people the same in whole people, where a probability was guessed
 */
public record Drill(
        Kind kind,
        String key,
        String ask,
        List<String> details,
        List<Option> options,
        String answer,
        String why,
        Optional<String> map,
        Optional<Hundred> people) {

    public record Option(String id, String label) {}

    /** What is drilled. */
    public enum Kind {
        /** Which test separates two conditions. */
        SEPARATE("separate"),
        /** What a positive does to a base rate. */
        BASE_RATE("baseRate"),
        /** Where a landmark is. */
        LANDMARK("landmark"),
        /** What an arc of pain points to. */
        ARC("arc"),
        /** Positive, negative or unclear. */
        VERDICT("verdict");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }

        public static Optional<Kind> withId(String id) {
            return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
        }
    }

    /** A guess so many percent points off is right all the same; a working line. */
    private static final double NEAR_PERCENT = 10;

    /** Whether an answer is right. A guess is, that is near enough. */
    public boolean isRight(String given) {
        if (kind != Kind.BASE_RATE) {
            return answer.equals(given);
        }
        try {
            return Math.abs(Double.parseDouble(given) - Double.parseDouble(answer)) <= NEAR_PERCENT;
        } catch (NumberFormatException e) {
            return false;
        }
    }
}
