package lexicor.core.outcomes.agreement;

import java.util.List;
import java.util.Optional;
import lexicor.core.numbers.Interval;
import org.hipparchus.distribution.continuous.FDistribution;

/**
 * Agreement of two examiners on a number (method M21): the intraclass correlation ICC(2,1), two-way random, single measurement,
 * absolute agreement (Shrout and Fleiss, Psychol Bull 1979), its interval by McGraw and Wong (Psychol Methods 1996).
 *
 * @param patients measured by both
 * @param icc at most 1
 * @param measurementError the standard error of measurement in the unit of what was measured: the square root of the variance
 *     between examiners and of what is left
 * @param firstHigher mean of the first less the second, in that unit
 */
public record Reliability(int patients, double icc, Interval interval, double measurementError, double firstHigher) {
    /** Two-sided 95 % point of the normal distribution. */
    private static final double Z95 = 1.959963984540054;

    private static final double TAIL = 0.025;
    private static final int FEWEST = 3;

    /**
     * @param first one examiner's measurements
     * @param second the other's of the same patients in the same order
     * @return empty with fewer than three patients, or where everybody measures the same
     */
    public static Optional<Reliability> of(List<Double> first, List<Double> second) {
        int n = first.size();
        if (n != second.size()) {
            throw new IllegalArgumentException("expected both to have measured the same patients");
        }
        if (n < FEWEST) {
            return Optional.empty();
        }
        double meanFirst = mean(first);
        double meanSecond = mean(second);
        double grand = (meanFirst + meanSecond) / 2;
        double betweenPatients = 0;
        double rest = 0;
        for (int i = 0; i < n; i++) {
            double patient = (first.get(i) + second.get(i)) / 2;
            betweenPatients += 2 * square(patient - grand);
            rest += square(first.get(i) - patient - meanFirst + grand)
                    + square(second.get(i) - patient - meanSecond + grand);
        }
        double msr = betweenPatients / (n - 1);
        double mse = rest / (n - 1);
        double msc = n * (square(meanFirst - grand) + square(meanSecond - grand));
        double all = msr + mse + 2 * (msc - mse) / n;
        if (!(all > 0) || !(msr > 0)) {
            return Optional.empty();
        }
        double icc = (msr - mse) / all;
        double examiners = Math.max(0, (msc - mse) / n);
        return Optional.of(new Reliability(
                n, icc, interval(n, msr, msc, mse, icc), Math.sqrt(examiners + mse), meanFirst - meanSecond));
    }

    /** McGraw and Wong's interval for two examiners. */
    private static Interval interval(int n, double msr, double msc, double mse, double icc) {
        if (mse == 0 && msc == 0) {
            return new Interval(1, 1);
        }
        double a = 2 * icc / (n * (1 - icc));
        double b = 1 + 2 * icc * (n - 1) / (n * (1 - icc));
        double freedom = square(a * msc + b * mse) / (square(a * msc) + square(b * mse) / (n - 1));
        double upper = quantile(n - 1.0, freedom);
        double lower = quantile(freedom, n - 1.0);
        return new Interval(
                n * (msr - upper * mse) / (upper * (2 * msc + (2.0 * n - 2 - n) * mse) + n * msr),
                n * (lower * msr - mse) / (2 * msc + (2.0 * n - 2 - n) * mse + n * lower * msr));
    }

    private static double quantile(double above, double below) {
        return new FDistribution(above, below).inverseCumulativeProbability(1 - TAIL);
    }

    /** The smallest change in one patient that two measurements by different examiners do not explain at 95 %. */
    public double smallestRealChange() {
        return Z95 * Math.sqrt(2) * measurementError;
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double square(double x) {
        return x * x;
    }
}
