package lexicor.core.weighing.model;

import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * A finding as sets of conditions explain it (method M17): a noisy-or of the conditions that turn it positive, over a background.
 *
 * @param logSilent {@code ln(1 - b)}: that nothing but the background turns it positive, and does not
 * @param logMissed by condition, {@code ln(1 - lambda)}: that the condition does not turn it positive; 0 for one that does not
 */
record Explained(String id, String family, boolean positive, double logSilent, double[] logMissed) {
    private static final double LEAST = 1e-6;

    /** {@code q(S)}, the probability of a positive where exactly the conditions in the set are there. */
    double positiveIn(int set) {
        double log = logSilent;
        for (int c = 0; c < logMissed.length; c++) {
            if ((set >> c & 1) == 1) {
                log += logMissed[c];
            }
        }
        return Math.min(1 - LEAST, Math.max(LEAST, -Math.expm1(log)));
    }

    /** The threshold of the overlap model for that probability. */
    double threshold(int set) {
        return NormalTable.probit(Logit.of(positiveIn(set)));
    }

    /** The conditions that turn it positive, as a set. */
    int causes() {
        int causes = 0;
        for (int c = 0; c < logMissed.length; c++) {
            if (logMissed[c] < 0) {
                causes |= 1 << c;
            }
        }
        return causes;
    }
}
