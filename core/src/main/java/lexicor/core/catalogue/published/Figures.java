package lexicor.core.catalogue.published;

import java.util.OptionalDouble;

/**
 * Accuracy as a study prints it.
 *
 * @param sensitivity in [0, 1]
 * @param specificity in [0, 1]; empty where the study had nobody without the condition
 * @param diseased people with the condition; empty where not known
 * @param healthy people without the condition; empty where not known
 * @param people all of them, where it is not known how many had the condition; empty where it is, and where nothing is known
 */
public record Figures(
        double sensitivity,
        OptionalDouble specificity,
        OptionalDouble diseased,
        OptionalDouble healthy,
        OptionalDouble people) {
    /** Of which the two groups are known, or nothing. */
    public Figures(double sensitivity, OptionalDouble specificity, OptionalDouble diseased, OptionalDouble healthy) {
        this(sensitivity, specificity, diseased, healthy, OptionalDouble.empty());
    }

    /** Everybody who was studied, where a number was printed. */
    public OptionalDouble studied() {
        return diseased.isPresent() && healthy.isPresent()
                ? OptionalDouble.of(diseased.getAsDouble() + healthy.getAsDouble())
                : people;
    }
}
