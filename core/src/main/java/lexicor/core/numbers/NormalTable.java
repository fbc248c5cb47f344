package lexicor.core.numbers;

import org.hipparchus.special.Erf;
import org.hipparchus.util.FastMath;

/**
 * The standard normal distribution function, fast.
 *
 * <p>The joint likelihood evaluates it at every pair of quadrature nodes for every finding, so it is read from a table by
 * cubic Hermite interpolation: values and derivatives at steps of 1/64 give an absolute error below 3e-10, far inside the
 * 1e-6 that method M4 asks of probabilities. Values below {@link #FLOOR} are raised to it, so that a finding can be
 * divided out of a product again.
 */
public final class NormalTable {
    public static final double FLOOR = 1e-100;

    private static final int PER_UNIT = 64;
    private static final double LOW = -22;
    private static final double STEP = 1.0 / PER_UNIT;
    /** Value and derivative times the step, in pairs. */
    private static final double[] TABLE = table();

    private static final double INVERSE_SQRT_2PI = 1 / Math.sqrt(2 * Math.PI);

    private NormalTable() {}

    private static double[] table() {
        int n = (int) (-LOW * PER_UNIT) + 2;
        double[] t = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double x = LOW + i * STEP;
            t[2 * i] = 0.5 * Erf.erfc(-x / FastMath.sqrt(2));
            t[2 * i + 1] = STEP * Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
        }
        return t;
    }

    /** {@code Φ(x)}, at least {@link #FLOOR}; with {@code Φ(-x)} it makes up 1, as a result and its opposite have to. */
    public static double cdf(double x) {
        return x > 0 ? 1 - lower(-x) : lower(x);
    }

    /** {@code Φ(x)} for x up to 0. */
    private static double lower(double x) {
        if (!(x > LOW)) {
            return FLOOR;
        }
        double scaled = (x - LOW) * PER_UNIT;
        int i = (int) scaled;
        double t = scaled - i;
        int k = 2 * i;
        double y0 = TABLE[k];
        double d0 = TABLE[k + 1];
        double dy = TABLE[k + 2] - y0;
        double d1 = TABLE[k + 3];
        double value = y0 + t * (d0 + t * (3 * dy - 2 * d0 - d1 + t * (d0 + d1 - 2 * dy)));
        return value > FLOOR ? value : FLOOR;
    }

    /** {@code φ(x)}. */
    public static double density(double x) {
        return INVERSE_SQRT_2PI * Math.exp(-x * x / 2);
    }

    /** {@code Φ^-1} of the probability with the given log-odds, accurate in both tails. */
    public static double probit(double logOdds) {
        double tail = 1 / (1 + Math.exp(Math.abs(logOdds)));
        double z = FastMath.sqrt(2) * Erf.erfcInv(2 * tail);
        return logOdds < 0 ? -z : z;
    }
}
