package lexicor.core.outcomes.foresight;

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

    double squaredError() {
        double off = probability - outcome();
        return off * off;
    }
}
