package lexicor.core.practice.patient;

import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * What turns one reading positive: a noisy-or of conditions over a background (the generative side of method M17).
 *
 * @param background that it is positive with none of them
 * @param activation by candidate, how often it turns it positive where nothing else does
 */
record Causes(double background, double[] activation) {
    private static final double LEAST = 1e-6;
    private static final double LEAST_BACKGROUND = 0.001;
    private static final double MOST_ACTIVATION = 0.9999;
    private static final double LESS = 0.8;
    private static final int ROUNDS = 60;

    /**
     * Causes by which every figure's sensitivity is met exactly among the patients who have the condition, and the specificity among
     * those who have not; of several figures the specificities are met on average, as their controls cannot all have been alike.
     * Figures come before what is assumed.
     *
     * @param sensitivity by candidate; NaN where there is no figure
     * @param specificity the same
     * @param assumed by candidate without figures, how often it turns the reading positive all the same
     */
    static Causes meeting(Sets sets, double[] sensitivity, double[] specificity, double[] assumed) {
        double[] activation = assumed.clone();
        double silent = 1;
        for (int round = 0; round < ROUNDS; round++) {
            double log = 0;
            int figures = 0;
            for (int c = 0; c < activation.length; c++) {
                if (!Double.isNaN(specificity[c])) {
                    log += Math.log(specificity[c]) - Math.log(sets.silent(c, false, activation));
                    figures++;
                }
            }
            double wanted = Math.exp(log / figures);
            silent = Math.min(1 - LEAST_BACKGROUND, Math.max(LEAST_BACKGROUND, wanted));
            if (wanted > silent) {
                lessen(activation, sensitivity);
            }
            for (int c = 0; c < activation.length; c++) {
                if (!Double.isNaN(sensitivity[c])) {
                    double missed = (1 - sensitivity[c]) / (silent * sets.silent(c, true, activation));
                    activation[c] = Math.min(MOST_ACTIVATION, Math.max(0, 1 - missed));
                }
            }
        }
        return new Causes(1 - silent, activation);
    }

    /** What is assumed gives way where the figures leave no room for it. */
    private static void lessen(double[] activation, double[] sensitivity) {
        for (int c = 0; c < activation.length; c++) {
            activation[c] *= Double.isNaN(sensitivity[c]) ? LESS : 1;
        }
    }

    /** That it is positive in somebody who has exactly these. */
    double positive(int set) {
        double silent = 1 - background;
        for (int c = 0; c < activation.length; c++) {
            silent *= Sets.has(set, c) ? 1 - activation[c] : 1;
        }
        return Math.min(1 - LEAST, Math.max(LEAST, 1 - silent));
    }

    /** The threshold of the overlap model for that (method M4). */
    double threshold(int set) {
        return NormalTable.probit(Logit.of(positive(set)));
    }
}
