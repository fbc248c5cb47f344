package lexicor.bench;

import org.hipparchus.special.Erf;

/** The joint model once more, by the trapezoidal rule, so that the table does not rest on the code that it judges. */
final class TrueModel {
    private static final int STEPS = 121;
    private static final double REACH = 8;

    private TrueModel() {}

    /** {@code P(results | D)} of tests in two families of equal size. */
    static double probability(double[][] tests, int results, double family, double general, boolean present) {
        double step = 2 * REACH / (STEPS - 1);
        double total = 0;
        for (int i = 0; i < STEPS; i++) {
            double z0 = -REACH + i * step;
            double product = density(z0) * step;
            for (int half = 0; half < 2; half++) {
                double inner = 0;
                for (int j = 0; j < STEPS; j++) {
                    double zg = -REACH + j * step;
                    double p = density(zg) * step;
                    for (int t = half * tests.length / 2; t < (half + 1) * tests.length / 2; t++) {
                        double share = present ? tests[t][0] : 1 - tests[t][1];
                        double threshold = -Math.sqrt(2) * Erf.erfcInv(2 * share);
                        double x = (threshold + Math.sqrt(general) * z0 + Math.sqrt(family - general) * zg)
                                / Math.sqrt(1 - family);
                        double positive = 0.5 * Erf.erfc(-x / Math.sqrt(2));
                        p *= (results >> t & 1) == 1 ? positive : 1 - positive;
                    }
                    inner += p;
                }
                product *= inner;
            }
            total += product;
        }
        return total;
    }

    private static double density(double z) {
        return Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
    }
}
