package lexicor.core.outcomes;

import java.util.ArrayList;
import java.util.List;

/**
 * The Brier score and its split by Murphy (1973) over ten bins of equal width (method M13):
 * {@code reliability - resolution + uncertainty}, each bin standing for the mean of its predictions. The split equals the
 * score exactly where all predictions of a bin are equal.
 *
 * @param brier mean squared difference of probability and outcome; lower is better
 * @param reliability how far the bins' predictions are from their outcomes; lower is better
 * @param resolution how far the bins' outcomes are from the overall share; higher is better
 * @param uncertainty of the outcome by itself
 */
public record Calibration(double brier, double reliability, double resolution, double uncertainty, List<Bin> table) {
    private static final int BINS = 10;

    /** A line of the calibration table; bins without predictions are left out. */
    public record Bin(double from, double to, int count, double meanPredicted, double shareObserved) {}

    /**
     * @param predictions one or more
     */
    public static Calibration of(List<Prediction> predictions) {
        if (predictions.isEmpty()) {
            throw new IllegalArgumentException("expected one prediction or more");
        }
        int n = predictions.size();
        double share =
                predictions.stream().mapToDouble(Prediction::outcome).average().orElseThrow();
        double brier = predictions.stream()
                .mapToDouble(p -> Math.pow(p.probability() - p.outcome(), 2))
                .average()
                .orElseThrow();
        List<Bin> table = new ArrayList<>();
        double reliability = 0;
        double resolution = 0;
        for (int b = 0; b < BINS; b++) {
            int index = b;
            List<Prediction> in = predictions.stream()
                    .filter(p -> binOf(p.probability()) == index)
                    .toList();
            if (in.isEmpty()) {
                continue;
            }
            double predicted =
                    in.stream().mapToDouble(Prediction::probability).average().orElseThrow();
            double observed =
                    in.stream().mapToDouble(Prediction::outcome).average().orElseThrow();
            table.add(new Bin((double) b / BINS, (b + 1.0) / BINS, in.size(), predicted, observed));
            reliability += in.size() * Math.pow(predicted - observed, 2) / n;
            resolution += in.size() * Math.pow(observed - share, 2) / n;
        }
        return new Calibration(brier, reliability, resolution, share * (1 - share), List.copyOf(table));
    }

    private static int binOf(double probability) {
        return Math.min(BINS - 1, (int) (probability * BINS));
    }
}
