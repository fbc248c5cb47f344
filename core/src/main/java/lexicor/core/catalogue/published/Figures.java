package lexicor.core.catalogue.published;

import java.util.OptionalDouble;

/**
 * Accuracy as a study prints it.
 *
 * @param sensitivity in [0, 1]
 * @param specificity in [0, 1]; empty where the study had nobody without the condition
 * @param diseased people with the condition; empty where not known
 * @param healthy people without the condition; empty where not known
 */
public record Figures(
        double sensitivity, OptionalDouble specificity, OptionalDouble diseased, OptionalDouble healthy) {}
