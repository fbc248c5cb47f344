package lexicor.core.outcomes.foresight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import lexicor.core.numbers.Interval;

/**
 * The difference of two Brier scores over the same patients, with its percentile interval by bootstrap over patients (Efron and
 * Tibshirani 1993, chapter 13; method M13): whole patients are drawn, since what is said of one patient hangs together. The same
 * predictions give the same interval.
 *
 * @param difference the first less the second; below 0 the first was nearer to the truth
 */
public record Bootstrap(double difference, Interval interval) {
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
        List<double[]> patients = new ArrayList<>(byPatient.values());
        SplittableRandom random = new SplittableRandom(SEED);
        double[] drawn = new double[DRAWS];
        for (int d = 0; d < DRAWS; d++) {
            double sum = 0;
            double count = 0;
            for (int i = 0; i < patients.size(); i++) {
                double[] one = patients.get(random.nextInt(patients.size()));
                sum += one[0];
                count += one[1];
            }
            drawn[d] = sum / count;
        }
        Arrays.sort(drawn);
        return new Bootstrap(
                patients.stream().mapToDouble(p -> p[0]).sum() / first.size(),
                new Interval(drawn[(int) (TAIL * DRAWS)], drawn[(int) ((1 - TAIL) * DRAWS) - 1]));
    }
}
