package lexicor.core.outcomes;

/**
 * A probability that was given and what turned out.
 *
 * @param probability in [0, 1]
 */
public record Prediction(double probability, boolean present) {
    public Prediction {
        if (!(probability >= 0 && probability <= 1)) {
            throw new IllegalArgumentException("expected a probability from 0 to 1, found " + probability);
        }
    }

    double outcome() {
        return present ? 1 : 0;
    }
}
