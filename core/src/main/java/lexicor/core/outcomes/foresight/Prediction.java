package lexicor.core.outcomes.foresight;

import java.util.List;

/**
 * A probability that was given and what turned out.
 *
 * @param patient of whom; what is said of one patient hangs together
 * @param probability in [0, 1]
 */
public record Prediction(long patient, String condition, double probability, boolean present) {
    public Prediction {
        if (!(probability >= 0 && probability <= 1)) {
            throw new IllegalArgumentException("expected a probability from 0 to 1, found " + probability);
        }
    }

    double outcome() {
        return present ? 1 : 0;
    }

    /** The Brier score of some, one or more: the mean of their squared errors. */
    static double brier(List<Prediction> some) {
        return some.stream().mapToDouble(Prediction::squaredError).average().orElseThrow();
    }

    double squaredError() {
        double off = probability - outcome();
        return off * off;
    }
}
