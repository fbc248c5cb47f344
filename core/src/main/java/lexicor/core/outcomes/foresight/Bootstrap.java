package lexicor.core.outcomes.foresight;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import lexicor.core.numbers.Interval;

/**
 * The difference of two Brier scores over the same patients, with its percentile interval by bootstrap over patients (Efron and
 * Tibshirani 1993, chapter 13; method M13): whole patients are drawn, since what is said of one patient hangs together. Over more
 * than {@link #MOST_DRAWN_FROM} patients the interval is the normal one that the draws come to. The same predictions give the same
 * interval.
 *
 * @param difference the first less the second; below 0 the first was nearer to the truth
 */
public record Bootstrap(double difference, Interval interval) {
    /** From more patients nothing is drawn. */
    static final int MOST_DRAWN_FROM = 2000;

    private static final int DRAWS = 1000;
    private static final long SEED = 1993;
    private static final double TAIL = 0.025;

    /**
     * @param first one or more
     * @param second of the same patients and conditions in the same order
     * @throws IllegalArgumentException if the two are not of the same
     */
    public static Bootstrap of(List<Prediction> first, List<Prediction> second) {
        if (first.isEmpty() || first.size() != second.size()) {
            throw new IllegalArgumentException("expected two lists of the same predictions, one or more");
        }
        Map<Long, double[]> byPatient = new LinkedHashMap<>();
        for (int i = 0; i < first.size(); i++) {
            if (first.get(i).patient() != second.get(i).patient()) {
                throw new IllegalArgumentException("expected predictions of the same patients in the same order");
            }
            double[] sums = byPatient.computeIfAbsent(first.get(i).patient(), p -> new double[2]);
            sums[0] += first.get(i).squaredError() - second.get(i).squaredError();
            sums[1]++;
        }
        double[] sums = byPatient.values().stream().mapToDouble(p -> p[0]).toArray();
        double[] counts = byPatient.values().stream().mapToDouble(p -> p[1]).toArray();
        double difference = Arrays.stream(sums).sum() / first.size();
        return new Bootstrap(
                difference, sums.length > MOST_DRAWN_FROM ? normal(sums, counts, difference) : drawn(sums, counts));
    }

    private static Interval drawn(double[] sums, double[] counts) {
        SplittableRandom random = new SplittableRandom(SEED);
        double[] drawn = new double[DRAWS];
        for (int d = 0; d < DRAWS; d++) {
            double sum = 0;
            double count = 0;
            for (int i = 0; i < sums.length; i++) {
                int one = random.nextInt(sums.length);
                sum += sums[one];
                count += counts[one];
            }
            drawn[d] = sum / count;
        }
        Arrays.sort(drawn);
        return new Interval(drawn[(int) (TAIL * DRAWS)], drawn[(int) ((1 - TAIL) * DRAWS) - 1]);
    }

    /** The difference is a ratio of two sums over patients, so its error is that of a ratio (delta method). */
    private static Interval normal(double[] sums, double[] counts, double difference) {
        double squares = 0;
        for (int i = 0; i < sums.length; i++) {
            double off = sums[i] - difference * counts[i];
            squares += off * off;
        }
        double half = Interval.Z * Math.sqrt(squares) / Arrays.stream(counts).sum();
        return new Interval(difference - half, difference + half);
    }
}
