package lexicor.core.measuring;

import java.util.List;

/**
 * Repeated trials of one muscle group on one side (method M14).
 *
 * @param trials forces in newtons, each at least 0; one trial or more
 */
public record Strength(List<Double> trials) {
    /** Side deficit that is marked unless the department sets another, in percent. */
    public static final double USUAL_DEFICIT_PERCENT = 15;

    public Strength {
        trials = List.copyOf(trials);
        if (trials.isEmpty() || trials.stream().anyMatch(t -> !(t >= 0))) {
            throw new IllegalArgumentException("expected one trial or more, each at least 0 N");
        }
    }

    /** Mean of the trials, in newtons. */
    public double meanNewtons() {
        return trials.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** The strongest trial, in newtons. */
    public double bestNewtons() {
        return trials.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }

    /** Sample standard deviation over the mean, in percent; 0 for one trial or a mean of 0. */
    public double variationPercent() {
        double mean = meanNewtons();
        if (trials.size() < 2 || mean == 0) {
            return 0;
        }
        double squares =
                trials.stream().mapToDouble(t -> (t - mean) * (t - mean)).sum();
        return 100 * Math.sqrt(squares / (trials.size() - 1)) / mean;
    }

    /**
     * Torque of the mean force, in newton metres.
     *
     * @param leverMetres distance from the joint's axis to where the force is taken, above 0
     */
    public double torqueNewtonMetres(double leverMetres) {
        if (!(leverMetres > 0)) {
            throw new IllegalArgumentException("expected a lever above 0 m");
        }
        return meanNewtons() * leverMetres;
    }

    /**
     * {@code 100 * involved / uninvolved}, from the means, in percent.
     *
     * @throws IllegalArgumentException if the uninvolved side has no force to compare with
     */
    public double sideIndexPercent(Strength uninvolved) {
        if (uninvolved.meanNewtons() == 0) {
            throw new IllegalArgumentException("the uninvolved side has no force to compare with");
        }
        return 100 * meanNewtons() / uninvolved.meanNewtons();
    }
}
