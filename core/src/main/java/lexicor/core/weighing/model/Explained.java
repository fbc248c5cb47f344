package lexicor.core.weighing.model;

import java.util.Arrays;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * A finding as sets of conditions explain it (method M17): a noisy-or of the conditions that turn it positive, over a background.
 *
 * @param logSilent {@code ln(1 - b)}: that nothing but the background turns it positive, and does not
 * @param logMissed by condition, {@code ln(1 - lambda)}: that the condition does not turn it positive; 0 for one that does not
 * @param causes the conditions that have figures for it or are known to turn it positive, as a set
 */
record Explained(String id, String family, boolean positive, double logSilent, double[] logMissed, int causes) {
    private static final double LEAST = 1e-6;

    /**
     * By set, a set that it cannot tell from this one, the first of them: the causes that are there, where of causes which turn it
     * positive as often as one another only the number matters.
     */
    int[] alike() {
        int[] alike = new int[1 << logMissed.length];
        for (int c = 0; c < logMissed.length; c++) {
            for (int others = 0; others < 1 << c; others++) {
                int first = alike[others];
                alike[others | 1 << c] = logMissed[c] < 0 ? first | 1 << firstFree(first, logMissed[c]) : first;
            }
        }
        return alike;
    }

    /** The first condition outside the set that turns it positive exactly so often. */
    private int firstFree(int set, double missed) {
        for (int c = 0; ; c++) {
            if (logMissed[c] == missed && (set >> c & 1) == 0) {
                return c;
            }
        }
    }

    /** The threshold of the overlap model for {@code q(S)}, the probability of a positive where exactly these conditions are there. */
    double threshold(int set) {
        double log = logSilent;
        for (int c = 0; c < logMissed.length; c++) {
            if ((set >> c & 1) == 1) {
                log += logMissed[c];
            }
        }
        double positive = Math.min(1 - LEAST, Math.max(LEAST, -Math.expm1(log)));
        return NormalTable.probit(Logit.of(positive));
    }

    /** By what it says, so that what was worked out for it once is found again. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Explained e
                && id.equals(e.id)
                && family.equals(e.family)
                && positive == e.positive
                && causes == e.causes
                && logSilent == e.logSilent
                && Arrays.equals(logMissed, e.logMissed);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * id.hashCode() + Boolean.hashCode(positive)) + Double.hashCode(logSilent);
    }
}
