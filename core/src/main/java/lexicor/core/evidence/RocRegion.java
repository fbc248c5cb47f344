package lexicor.core.evidence;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.numbers.Logit;

/**
 * A 95 % region around a pooled value in ROC space: an ellipse on the logit scale,
 * {@code (y - mu)' C^-1 (y - mu) = 5.991} (the 95 % point of chi-squared with two degrees of freedom; Reitsma 2005), drawn
 * where sensitivity and specificity are.
 */
public final class RocRegion {
    private static final double CHI_SQUARED_95 = 5.991464547107979;

    /** A corner of the drawn line; both in (0, 1). */
    public record Point(double sensitivity, double specificity) {}

    private RocRegion() {}

    /** How well the average is known. */
    public static List<Point> confidence(Accuracy pooled, int corners) {
        return around(pooled, pooled.estimate(), corners);
    }

    /** Where a new clinic may be. */
    public static List<Point> prediction(Accuracy pooled, int corners) {
        return around(pooled, pooled.predictive(), corners);
    }

    private static List<Point> around(Accuracy pooled, Covariance c, int corners) {
        // The Cholesky factor takes the unit circle to the ellipse.
        double l11 = Math.sqrt(c.sensitivity());
        double l21 = l11 == 0 ? 0 : c.both() / l11;
        double l22 = Math.sqrt(Math.max(0, c.specificity() - l21 * l21));
        double radius = Math.sqrt(CHI_SQUARED_95);
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * i / corners;
            double x = radius * Math.cos(turn);
            double y = radius * Math.sin(turn);
            line.add(new Point(
                    Logit.inverse(pooled.logitSensitivity() + l11 * x),
                    Logit.inverse(pooled.logitSpecificity() + l21 * x + l22 * y)));
        }
        return line;
    }
}
