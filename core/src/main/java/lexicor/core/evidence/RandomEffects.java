package lexicor.core.evidence;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Random effects on one margin with the moment estimate of the variance between studies (DerSimonian and Laird 1986;
 * method M2).
 *
 * @param mean pooled logit
 * @param variance variance of the mean
 * @param tau2 variance between studies, at least 0
 */
record RandomEffects(double mean, double variance, double tau2) {
    static RandomEffects pool(
            List<LogitPoint> points, ToDoubleFunction<LogitPoint> value, ToDoubleFunction<LogitPoint> variance) {
        double sumW = 0;
        double sumW2 = 0;
        double sumWy = 0;
        for (LogitPoint p : points) {
            double w = 1 / variance.applyAsDouble(p);
            sumW += w;
            sumW2 += w * w;
            sumWy += w * value.applyAsDouble(p);
        }
        double fixed = sumWy / sumW;
        double q = 0;
        for (LogitPoint p : points) {
            double d = value.applyAsDouble(p) - fixed;
            q += d * d / variance.applyAsDouble(p);
        }
        double tau2 = Math.max(0, (q - (points.size() - 1)) / (sumW - sumW2 / sumW));
        double total = 0;
        double weighted = 0;
        for (LogitPoint p : points) {
            double w = 1 / (variance.applyAsDouble(p) + tau2);
            total += w;
            weighted += w * value.applyAsDouble(p);
        }
        return new RandomEffects(weighted / total, 1 / total, tau2);
    }
}
