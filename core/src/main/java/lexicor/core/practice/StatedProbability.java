package lexicor.core.practice;

/**
 * A learner's probability for a condition of a simulated patient, and whether the patient has it.
 *
 * @param probability in [0, 1]
 */
public record StatedProbability(double probability, boolean present) {
    public StatedProbability {
        if (!(probability >= 0 && probability <= 1)) {
            throw new IllegalArgumentException("expected a probability from 0 to 1, found " + probability);
        }
    }

    /** Brier score: {@code (p - outcome)²}; 0 is best, 1 worst. */
    public double brier() {
        double off = probability - (present ? 1 : 0);
        return off * off;
    }

    /** Logarithmic score: surprise at the truth in bits; 0 is best, infinite where the truth was ruled out. */
    public double logScoreBits() {
        return -Math.log(present ? probability : 1 - probability) / Math.log(2) + 0.0;
    }
}
