package lexicor.core.weighing.model;

import java.util.Arrays;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * A finding as sets of conditions explain it (method M17): a noisy-or of the conditions that turn it positive, over a background, less
 * what conditions take from it in which it is rarer.
 *
 * @param logSilent {@code ln(1 - b)}: that nothing but the background turns it positive, and does not
 * @param causes places in the case of the conditions that have figures for it or are known to turn it positive, rising
 * @param logMissed by cause, {@code ln(1 - lambda)}: that the condition does not turn it positive
 * @param logSpared by cause, {@code ln rho}: how much rarer the condition makes it; 0 where it does not
 */
record Explained(
        String id,
        String family,
        boolean positive,
        double logSilent,
        int[] causes,
        double[] logMissed,
        double[] logSpared) {
    private static final double LEAST = 1e-6;

    /**
     * By set of its causes, a set that it cannot tell from this one, the first of them: where of causes which do the same to it only
     * the number matters, and causes which do nothing to it do not matter.
     */
    int[] alike() {
        int[] alike = new int[1 << causes.length];
        for (int c = 0; c < causes.length; c++) {
            for (int others = 0; others < 1 << c; others++) {
                int first = alike[others];
                alike[others | 1 << c] = doesNothing(c) ? first : first | 1 << firstFree(first, c);
            }
        }
        return alike;
    }

    private boolean doesNothing(int c) {
        return logMissed[c] == 0 && logSpared[c] == 0;
    }

    /** The first cause outside the set that does exactly the same to it. */
    private int firstFree(int set, int like) {
        for (int c = 0; ; c++) {
            if (logMissed[c] == logMissed[like] && logSpared[c] == logSpared[like] && (set >> c & 1) == 0) {
                return c;
            }
        }
    }

    /** The threshold of the overlap model for {@code q(S)}, the probability of a positive where exactly these causes are there. */
    double threshold(int set) {
        double missed = logSilent;
        double spared = 0;
        for (int c = 0; c < causes.length; c++) {
            if ((set >> c & 1) == 1) {
                missed += logMissed[c];
                spared += logSpared[c];
            }
        }
        double positive = Math.min(1 - LEAST, Math.max(LEAST, -Math.expm1(missed) * Math.exp(spared)));
        return NormalTable.probit(Logit.of(positive));
    }

    /** By what it says, so that what was worked out for it once is found again. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Explained e
                        && id.equals(e.id)
                        && family.equals(e.family)
                        && positive == e.positive
                        && logSilent == e.logSilent
                        && Arrays.equals(causes, e.causes)
                        && Arrays.equals(logMissed, e.logMissed)
                        && Arrays.equals(logSpared, e.logSpared);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * id.hashCode() + Boolean.hashCode(positive)) + Double.hashCode(logSilent);
    }
}
