package lexicor.core.honesty;

/**
 * A figure measured in made-up patients.
 *
 * @param value what it came to
 * @param within 1.96 standard errors, of patients drawn anew; not finite where there are too few to say
 */
public record Estimate(double value, double within) {
    static final double WITHIN = 1.96;

    /** The mean of one figure for each patient. */
    static Estimate mean(double[] byPatient) {
        double sum = 0;
        double squares = 0;
        for (double one : byPatient) {
            sum += one;
            squares += one * one;
        }
        double mean = sum / byPatient.length;
        double variance = Math.max(0, squares / byPatient.length - mean * mean);
        return new Estimate(mean, WITHIN * Math.sqrt(variance / byPatient.length));
    }
}
