package lexicor.core.numbers;

/** Log-odds and back. */
public final class Logit {
    private Logit() {}

    /** {@code ln(p / (1 - p))}, for p in [0, 1]; infinite at the ends. */
    public static double of(double p) {
        return Math.log(p) - Math.log1p(-p);
    }

    /** The probability with the given log-odds, without overflow for any argument. */
    public static double inverse(double logOdds) {
        if (logOdds >= 0) {
            return 1 / (1 + Math.exp(-logOdds));
        }
        double e = Math.exp(logOdds);
        return e / (1 + e);
    }

    /** {@code ln} of the probability with the given log-odds, without loss for large arguments of either sign. */
    public static double logInverse(double logOdds) {
        return logOdds >= 0 ? -Math.log1p(Math.exp(-logOdds)) : logOdds - Math.log1p(Math.exp(logOdds));
    }
}
