package lexicor.core.honesty;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How sure a way to weigh may be: the logistic regression of what is so on the log-odds stated, by Newton's method.
 *
 * @param intercept 0 at best
 * @param slope 1 at best; below it what is stated is too extreme
 */
public record Calibration(Estimate intercept, Estimate slope) {
    private static final int STEPS = 100;
    /** Small steps, since with stated extremes Newton's own can be far too long. */
    private static final double LONGEST = 0.2;

    static Calibration of(List<Scores.Judgement> judgements) {
        double[] line = {0, 1};
        double[] inverse = new double[3];
        for (int step = 0; step < STEPS; step++) {
            double[] g = new double[2];
            double[] h = new double[3];
            for (Scores.Judgement j : judgements) {
                double x = logOdds(j);
                double fitted = fitted(line, x);
                double residual = (j.is() ? 1 : 0) - fitted;
                double weight = fitted * (1 - fitted);
                g[0] += residual;
                g[1] += residual * x;
                h[0] += weight;
                h[1] += weight * x;
                h[2] += weight * x * x;
            }
            double determinant = h[0] * h[2] - h[1] * h[1];
            inverse = new double[] {h[2] / determinant, -h[1] / determinant, h[0] / determinant};
            line[0] += atMost(inverse[0] * g[0] + inverse[1] * g[1]);
            line[1] += atMost(inverse[1] * g[0] + inverse[2] * g[1]);
        }
        double[] variance = variance(judgements, line, inverse);
        return new Calibration(
                new Estimate(line[0], Estimate.WITHIN * Math.sqrt(variance[0])),
                new Estimate(line[1], Estimate.WITHIN * Math.sqrt(variance[1])));
    }

    /** The sandwich over patients, since the judgements of one patient hang together (Liang and Zeger 1986). */
    private static double[] variance(List<Scores.Judgement> judgements, double[] line, double[] inverse) {
        Map<Integer, double[]> byPatient = new LinkedHashMap<>();
        for (Scores.Judgement j : judgements) {
            double x = logOdds(j);
            double residual = (j.is() ? 1 : 0) - fitted(line, x);
            double[] sum = byPatient.computeIfAbsent(j.patient(), p -> new double[2]);
            sum[0] += residual;
            sum[1] += residual * x;
        }
        if (byPatient.isEmpty()) {
            return new double[] {Double.NaN, Double.NaN};
        }
        double[] variance = new double[2];
        for (double[] s : byPatient.values()) {
            variance[0] += Math.pow(inverse[0] * s[0] + inverse[1] * s[1], 2);
            variance[1] += Math.pow(inverse[1] * s[0] + inverse[2] * s[1], 2);
        }
        return variance;
    }

    private static double logOdds(Scores.Judgement j) {
        double p = Math.min(1 - 1e-6, Math.max(1e-6, j.stated()));
        return Math.log(p / (1 - p));
    }

    private static double fitted(double[] line, double x) {
        return 1 / (1 + Math.exp(-line[0] - line[1] * x));
    }

    private static double atMost(double step) {
        return Math.max(-LONGEST, Math.min(LONGEST, step));
    }
}
