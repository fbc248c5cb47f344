package lexicor.core.measuring;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A measure now against the last time.
 *
 * @param before in the measure's unit
 * @param now in the measure's unit
 * @param error what two measurements of the same thing can differ by; empty where nobody stated it
 */
public record Change(double before, double now, Optional<Double> error) {
    /** Two-sided 95 % point of the normal distribution. */
    private static final double Z95 = 1.959963984540054;

    /**
     * The means of two visits' trials held against what is stated, or else against what the spread of the trials explains.
     *
     * @param before at least one
     * @param now at least one
     * @param stated the error that the department states at the mean before
     * @param byTrials whether the values are trials of one thing, whose spread says something
     */
    public static Change between(
            List<Double> before, List<Double> now, Function<Double, Optional<Double>> stated, boolean byTrials) {
        double was = mean(before);
        return new Change(
                was, mean(now), stated.apply(was).or(() -> byTrials ? errorOfTrials(before, now) : Optional.empty()));
    }

    private static double mean(List<Double> trials) {
        return trials.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    public double difference() {
        return now - before;
    }

    /** Whether the change is larger than the measurement error; empty where that is not known. */
    public Optional<Boolean> exceedsError() {
        return error.map(e -> Math.abs(difference()) > e);
    }

    /**
     * The least difference between two means that the spread of their own trials does not explain at 95 %:
     * {@code 1.96 sqrt(s1^2/n1 + s2^2/n2)}. It knows nothing of another examiner or another day, so it is the least that an
     * error can be. Empty unless both means are of two trials or more.
     */
    public static Optional<Double> errorOfTrials(List<Double> before, List<Double> now) {
        if (before.size() < 2 || now.size() < 2) {
            return Optional.empty();
        }
        return Optional.of(Z95 * Math.sqrt(varianceOfMean(before) + varianceOfMean(now)));
    }

    private static double varianceOfMean(List<Double> trials) {
        double mean = mean(trials);
        double squares =
                trials.stream().mapToDouble(t -> (t - mean) * (t - mean)).sum();
        return squares / (trials.size() - 1) / trials.size();
    }
}
