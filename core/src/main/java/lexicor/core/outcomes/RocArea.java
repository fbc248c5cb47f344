package lexicor.core.outcomes;

import java.util.List;
import java.util.function.ToDoubleFunction;
import lexicor.core.numbers.Interval;

/**
 * The area under the ROC curve with its interval by DeLong, DeLong and Clarke-Pearson (1988; method M13): the chance that
 * somebody with the condition was given a higher probability than somebody without, ties counting half.
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
        double[] placementWith = placements(with, w -> below(without, w));
        double[] placementWithout = placements(without, w -> 1 - below(with, w));
        double area = mean(placementWith);
        double variance =
                sampleVariance(placementWith) / with.length + sampleVariance(placementWithout) / without.length;
        double half = Interval.Z * Math.sqrt(variance);
        return new RocArea(area, new Interval(Math.max(0, area - half), Math.min(1, area + half)));
    }

    private static double[] probabilities(List<Prediction> predictions, boolean present) {
        return predictions.stream()
                .filter(p -> p.present() == present)
                .mapToDouble(Prediction::probability)
                .toArray();
    }

    private static double[] placements(double[] values, ToDoubleFunction<Double> placement) {
        double[] placements = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            placements[i] = placement.applyAsDouble(values[i]);
        }
        return placements;
    }

    /** The share of values below, ties counting half. */
    private static double below(double[] values, double limit) {
        double sum = 0;
        for (double v : values) {
            sum += v < limit ? 1 : v == limit ? 0.5 : 0;
        }
        return sum / values.length;
    }

    private static double mean(double[] values) {
        double sum = 0;
        for (double v : values) {
            sum += v;
        }
        return sum / values.length;
    }

    private static double sampleVariance(double[] values) {
        double mean = mean(values);
        double sum = 0;
        for (double v : values) {
            sum += (v - mean) * (v - mean);
        }
        return sum / (values.length - 1);
    }
}
