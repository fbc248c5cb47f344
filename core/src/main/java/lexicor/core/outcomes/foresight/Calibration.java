package lexicor.core.outcomes.foresight;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.numbers.Interval;

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

    /**
     * A line of the calibration table; bins without predictions are left out.
     *
     * @param observed Wilson's 95 % interval of the share
     */
    public record Bin(
            double from, double to, int count, double meanPredicted, double shareObserved, Interval observed) {}

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
        double brier = Prediction.brier(predictions);
        List<Bin> table = new ArrayList<>();
        double reliability = 0;
        double resolution = 0;
        Map<Integer, List<Prediction>> bins = predictions.stream()
                .collect(Collectors.groupingBy(p -> binOf(p.probability()), TreeMap::new, Collectors.toList()));
        for (Map.Entry<Integer, List<Prediction>> bin : bins.entrySet()) {
            int b = bin.getKey();
            List<Prediction> in = bin.getValue();
            double predicted =
                    in.stream().mapToDouble(Prediction::probability).average().orElseThrow();
            double there = in.stream().mapToDouble(Prediction::outcome).sum();
            double observed = there / in.size();
            table.add(new Bin(
                    (double) b / BINS,
                    (b + 1.0) / BINS,
                    in.size(),
                    predicted,
                    observed,
                    Interval.wilson(there, in.size())));
            reliability += in.size() * Math.pow(predicted - observed, 2) / n;
            resolution += in.size() * Math.pow(observed - share, 2) / n;
        }
        return new Calibration(brier, reliability, resolution, share * (1 - share), List.copyOf(table));
    }

    private static int binOf(double probability) {
        return Math.min(BINS - 1, (int) (probability * BINS));
    }
}
