package lexicor.core.outcomes.foresight;

import java.util.Arrays;
import java.util.List;
import lexicor.core.numbers.Interval;
import org.hipparchus.stat.StatUtils;

/**
 * The area under the ROC curve with its interval by DeLong, DeLong and Clarke-Pearson (Biometrics 1988; method M13): the chance
 * that somebody with the condition was given a higher probability than somebody without, ties counting half. Where each stands
 * among the others is looked up in their sorted probabilities, so that many thousand take no time.
 */
public record RocArea(double area, Interval interval) {
    /**
     * @throws IllegalArgumentException unless there are two predictions or more with the condition and two or more without
     */
    public static RocArea of(List<Prediction> predictions) {
        double[] with = sorted(predictions, true);
        double[] without = sorted(predictions, false);
        if (with.length < 2 || without.length < 2) {
            throw new IllegalArgumentException("expected at least two predictions with the condition and two without");
        }
        double[] placedWith = placements(with, without);
        double[] placedWithout = placements(without, with);
        double area = StatUtils.mean(placedWith);
        double half = Interval.Z
                * Math.sqrt(StatUtils.variance(placedWith) / with.length
                        + StatUtils.variance(placedWithout) / without.length);
        return new RocArea(area, new Interval(Math.max(0, area - half), Math.min(1, area + half)));
    }

    private static double[] sorted(List<Prediction> predictions, boolean present) {
        double[] sorted = predictions.stream()
                .filter(p -> p.present() == present)
                .mapToDouble(Prediction::probability)
                .toArray();
        Arrays.sort(sorted);
        return sorted;
    }

    /** The share of the others below each, ties counting half; both in rising order, so that one walk along them is enough. */
    private static double[] placements(double[] sorted, double[] others) {
        double[] placed = new double[sorted.length];
        int below = 0;
        int notAbove = 0;
        for (int i = 0; i < sorted.length; i++) {
            while (below < others.length && others[below] < sorted[i]) {
                below++;
            }
            while (notAbove < others.length && others[notAbove] <= sorted[i]) {
                notAbove++;
            }
            placed[i] = (below + notAbove) / 2.0 / others.length;
        }
        return placed;
    }
}
