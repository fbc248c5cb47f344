package lexicor.core.outcomes.foresight;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import lexicor.core.numbers.Interval;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.ranking.NaNStrategy;
import org.hipparchus.stat.ranking.NaturalRanking;
import org.hipparchus.stat.ranking.TiesStrategy;

/**
 * The area under the ROC curve with its interval by DeLong, DeLong and Clarke-Pearson (Biometrics 1988; method M13): the chance
 * that somebody with the condition was given a higher probability than somebody without, ties counting half. The placements come
 * from ranks (Sun and Xu, IEEE Signal Processing Letters 2014), so that many thousand take no time.
 */
public record RocArea(double area, Interval interval) {
    /**
     * @throws IllegalArgumentException unless there are two predictions or more with the condition and two or more without
     */
    public static RocArea of(List<Prediction> predictions) {
        double[] with = probabilities(predictions, true);
        double[] without = probabilities(predictions, false);
        if (with.length < 2 || without.length < 2) {
            throw new IllegalArgumentException("expected at least two predictions with the condition and two without");
        }
        double[] together = ranks(
                DoubleStream.concat(Arrays.stream(with), Arrays.stream(without)).toArray());
        double[] placedWith = placements(together, 0, ranks(with), without.length);
        double[] placedWithout = placements(together, with.length, ranks(without), with.length);
        double area = StatUtils.mean(placedWith);
        double half = Interval.Z
                * Math.sqrt(StatUtils.variance(placedWith) / with.length
                        + StatUtils.variance(placedWithout) / without.length);
        return new RocArea(area, new Interval(Math.max(0, area - half), Math.min(1, area + half)));
    }

    private static double[] probabilities(List<Prediction> predictions, boolean present) {
        return predictions.stream()
                .filter(p -> p.present() == present)
                .mapToDouble(Prediction::probability)
                .toArray();
    }

    private static double[] ranks(double[] values) {
        return new NaturalRanking(NaNStrategy.FAILED, TiesStrategy.AVERAGE).rank(values);
    }

    /** The share of the others below each, ties counting half: its rank among all less its rank among its own. */
    private static double[] placements(double[] together, int from, double[] own, int others) {
        double[] placed = new double[own.length];
        for (int i = 0; i < own.length; i++) {
            placed[i] = (together[from + i] - own[i]) / others;
        }
        return placed;
    }
}
