package lexicor.core.numbers;

/** Uncertainty of a yes-or-no question. */
public final class Entropy {
    private Entropy() {}

    /** {@code -p log2 p - (1-p) log2 (1-p)}, in bits; 0 at both ends. */
    public static double bits(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log1p(-p)) / Math.log(2);
    }
}
