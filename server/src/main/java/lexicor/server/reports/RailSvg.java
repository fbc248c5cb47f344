package lexicor.server.reports;

import java.util.Locale;
import lexicor.core.numbers.Logit;
import lexicor.server.reports.ReportViews.RailLine;

/** A condition on its rail, as a drawing of its own: where it began, where it stands, how sure that is, its two lines. */
final class RailSvg {
    private static final double WIDTH = 215;
    private static final double EDGE = 10;
    private static final double MIDDLE = 9.5;
    private static final double HEIGHT = 19;
    private static final double LOW = Logit.of(0.001);
    private static final double HIGH = Logit.of(0.999);
    private static final double[] TICKS = {0.001, 0.01, 0.05, 0.1, 0.25, 0.5, 0.75, 0.9, 0.95, 0.99, 0.999};

    private final StringBuilder svg = new StringBuilder();

    private RailSvg() {}

    static String of(RailLine r) {
        RailSvg rail = new RailSvg();
        rail.put(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\" viewBox=\"0 0 %.0f %.0f\">",
                WIDTH, HEIGHT, WIDTH, HEIGHT);
        rail.line(EDGE, MIDDLE, WIDTH - EDGE, MIDDLE, "#17252a", 1);
        for (double tick : TICKS) {
            rail.line(x(tick), MIDDLE - 2, x(tick), MIDDLE + 2, "#17252a", 0.8);
        }
        rail.band(r.lowNewClinic(), r.highNewClinic(), 7, "#cfdedd");
        rail.band(r.low(), r.high(), 3.5, "#8fbab6");
        rail.notch(r.ruleOut(), -4);
        rail.notch(r.act(), 4);
        rail.line(x(r.pretest()), MIDDLE, x(r.posttest()), MIDDLE, "#0e6060", 3.5);
        rail.line(x(r.pretest()), MIDDLE - 6, x(r.pretest()), MIDDLE + 6, "#17252a", 2);
        double at = x(r.posttest());
        rail.put(
                "<path d=\"M%.1f %.1f l5 5 l-5 5 l-5 -5 z\" fill=\"#0e6060\" stroke=\"#ffffff\" stroke-width=\"1\"/>",
                at, MIDDLE - 5);
        return rail.svg.append("</svg>").toString();
    }

    /** Where a probability stands; beyond the ends it stays there. */
    private static double x(double p) {
        double bounded = Math.min(0.999, Math.max(0.001, p));
        return EDGE + (WIDTH - 2 * EDGE) * (Logit.of(bounded) - LOW) / (HIGH - LOW);
    }

    private void band(double low, double high, double half, String colour) {
        put(
                "<rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" fill=\"%s\"/>",
                x(low), MIDDLE - half, Math.max(1, x(high) - x(low)), 2 * half, colour);
    }

    private void notch(double p, double opens) {
        put(
                "<path d=\"M%.1f %.1f v16 m0 -16 h%.0f m%.0f 16 h%.0f\" fill=\"none\" stroke=\"#17252a\" stroke-width=\"1.4\"/>",
                x(p), MIDDLE - 8, opens, -opens, opens);
    }

    private void line(double x1, double y1, double x2, double y2, String colour, double width) {
        put(
                "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" stroke=\"%s\" stroke-width=\"%.1f\"/>",
                x1, y1, x2, y2, colour, width);
    }

    private void put(String format, Object... values) {
        svg.append(String.format(Locale.ROOT, format, values));
    }
}
