package lexicor.core.measuring;

import java.util.List;
import java.util.Locale;
import lexicor.core.numbers.Interval;
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

    /** The pace in a plain sentence, beside the customary one. */
    public String sentence() {
        String pace = String.format(
                Locale.ROOT,
                "The tapping point moves %.2f mm a day (95 %%: %.2f to %.2f), ",
                mmPerDay,
                interval.low(),
                interval.high());
        if (interval.high() < CUSTOMARY_MM_PER_DAY) {
            return pace
                    + (interval.low() > 0
                            ? "slower than the customary 1 mm a day."
                            : "slower than the customary 1 mm a day; whether it advances at all is not certain.");
        }
        return pace
                + (interval.low() > CUSTOMARY_MM_PER_DAY
                        ? "faster than the customary 1 mm a day."
                        : "in keeping with the customary 1 mm a day.");
    }

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
