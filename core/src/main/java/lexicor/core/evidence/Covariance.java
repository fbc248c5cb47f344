package lexicor.core.evidence;

/** A symmetric 2x2 covariance of (logit sensitivity, logit specificity). */
public record Covariance(double sensitivity, double both, double specificity) {
    /** No uncertainty. */
    public static final Covariance ZERO = new Covariance(0, 0, 0);

    /** Two margins that vary by themselves. */
    public static Covariance diagonal(double sensitivity, double specificity) {
        return new Covariance(sensitivity, 0, specificity);
    }

    Covariance plus(Covariance o) {
        return new Covariance(sensitivity + o.sensitivity, both + o.both, specificity + o.specificity);
    }

    /** {@code g' V g} for the gradient g. */
    public double quadraticForm(double bySensitivity, double bySpecificity) {
        return bySensitivity * bySensitivity * sensitivity
                + 2 * bySensitivity * bySpecificity * both
                + bySpecificity * bySpecificity * specificity;
    }
}
