package lexicor.core.measuring;

import java.util.List;
import lexicor.core.evidence.Interval;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * The pace of a nerve's regrowth from its advancing tapping point: ordinary least squares of distance on days, with the
 * slope's 95 % t interval (method M14).
 *
 * @param mmPerDay slope
 * @param interval the slope's interval, in mm a day
 */
public record Regrowth(double mmPerDay, Interval interval) {
    /** The customary pace beside which the slope is shown, in mm a day. */
    public static final double CUSTOMARY_MM_PER_DAY = 1;

    private static final double UPPER = 0.975;

    /**
     * One reading.
     *
     * @param day days since any fixed date
     * @param distanceMm distance of the tapping point from the landmark
     */
    public record Point(double day, double distanceMm) {}

    /**
     * @throws IllegalArgumentException for fewer than three readings, or all on one day: no interval follows from them
     */
    public static Regrowth of(List<Point> points) {
        SimpleRegression regression = new SimpleRegression();
        points.forEach(p -> regression.addData(p.day(), p.distanceMm()));
        if (points.size() < 3
                || points.stream().mapToDouble(Point::day).distinct().count() < 2) {
            throw new IllegalArgumentException("expected three readings or more, on two days or more");
        }
        double slope = regression.getSlope();
        double t = new TDistribution(points.size() - 2.0).inverseCumulativeProbability(UPPER);
        double half = t * regression.getSlopeStdErr();
        return new Regrowth(slope, new Interval(slope - half, slope + half));
    }
}
