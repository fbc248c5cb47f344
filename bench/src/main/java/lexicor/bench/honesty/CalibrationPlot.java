package lexicor.bench.honesty;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.honesty.Judged;
import lexicor.core.honesty.Scenario;
import lexicor.core.weighing.School;

/** What was stated against what was so, a panel for each scenario, as a picture for the page. */
final class CalibrationPlot {
    private static final int PANEL = 250;
    private static final int LEFT = 46;
    private static final int TOP = 30;
    private static final int GAP = 24;
    private static final Map<School, String> COLOURS =
            Map.of(School.SOBER, "#0d5e5f", School.OVERLAP_AWARE, "#9a4f00", School.INDEPENDENT, "#6b6459");
    /** The way that a department begins with, and the two that it is held against. */
    static final List<School> DRAWN = List.of(School.INDEPENDENT, School.OVERLAP_AWARE, School.SOBER);

    private CalibrationPlot() {}

    static String svg(HonestyRun run) {
        int width = LEFT + 2 * PANEL + GAP + 20;
        int rows = (Scenario.values().length + 1) / 2;
        int height = TOP + rows * (PANEL + 62) + 20;
        List<String> parts = new ArrayList<>();
        parts.add(String.format(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" width=\"%d\" height=\"%d\" role=\"img\""
                        + " font-family=\"sans-serif\" font-size=\"13\"><title>Stated probability against how many had it</title>",
                width, height, width, height));
        parts.add(String.format("<rect width=\"%d\" height=\"%d\" fill=\"#fbf8f1\"/>", width, height));
        for (Scenario scenario : Scenario.values()) {
            int x = LEFT + scenario.ordinal() % 2 * (PANEL + GAP);
            int y = TOP + scenario.ordinal() / 2 * (PANEL + 62);
            parts.addAll(panel(run, scenario, x, y));
        }
        parts.add(legend(height - 14));
        parts.add("</svg>");
        return String.join("\n", parts) + "\n";
    }

    private static List<String> panel(HonestyRun run, Scenario scenario, int x, int y) {
        List<String> parts = new ArrayList<>();
        parts.add(String.format("<text x=\"%d\" y=\"%d\" fill=\"#1c2526\">%s</text>", x, y - 8, scenario.words()));
        parts.add(String.format(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" fill=\"#fffdf7\" stroke=\"#cfc7b6\"/>",
                x, y, PANEL, PANEL));
        parts.add(String.format(
                "<line x1=\"%d\" y1=\"%d\" x2=\"%d\" y2=\"%d\" stroke=\"#1c2526\" stroke-dasharray=\"3 3\"/>",
                x, y + PANEL, x + PANEL, y));
        for (int percent = 0; percent <= 100; percent += 50) {
            int along = PANEL * percent / 100;
            parts.add(String.format(
                    "<text x=\"%d\" y=\"%d\" text-anchor=\"middle\" fill=\"#5b5548\">%d</text>",
                    x + along, y + PANEL + 16, percent));
            if (scenario.ordinal() % 2 == 0) {
                parts.add(String.format(
                        "<text x=\"%d\" y=\"%d\" text-anchor=\"end\" fill=\"#5b5548\">%d</text>",
                        x - 6, y + PANEL - along + 5, percent));
            }
        }
        Judged judged = run.together.get(scenario);
        for (School school : DRAWN) {
            List<String> points = new ArrayList<>();
            for (double[] point : judged.by(school).points()) {
                double px = x + PANEL * point[0];
                double py = y + PANEL * (1 - point[1]);
                points.add(String.format(Locale.ROOT, "%.1f,%.1f", px, py));
                parts.add(mark(school, px, py));
            }
            parts.add(String.format(
                    "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"1.8\"/>",
                    String.join(" ", points), COLOURS.get(school)));
        }
        return parts;
    }

    /** Told apart by shape as well as by colour. */
    private static String mark(School school, double x, double y) {
        String colour = COLOURS.get(school);
        return switch (school) {
            case SOBER ->
                String.format(
                        Locale.ROOT,
                        "<rect x=\"%.1f\" y=\"%.1f\" width=\"8\" height=\"8\" transform=\"rotate(45 %.1f %.1f)\" fill=\"%s\"/>",
                        x - 4,
                        y - 4,
                        x,
                        y,
                        colour);
            case OVERLAP_AWARE ->
                String.format(Locale.ROOT, "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"4.2\" fill=\"%s\"/>", x, y, colour);
            default ->
                String.format(
                        Locale.ROOT,
                        "<rect x=\"%.1f\" y=\"%.1f\" width=\"7\" height=\"7\" fill=\"none\" stroke=\"%s\" stroke-width=\"1.6\"/>",
                        x - 3.5,
                        y - 3.5,
                        colour);
        };
    }

    private static String legend(int y) {
        return mark(School.SOBER, LEFT + 6, y - 5)
                + label(LEFT + 16, y, "sober")
                + mark(School.OVERLAP_AWARE, LEFT + 166, y - 5)
                + label(LEFT + 176, y, "each by itself, overlap counted")
                + mark(School.INDEPENDENT, LEFT + 396, y - 5)
                + label(LEFT + 406, y, "multiplied");
    }

    private static String label(int x, int y, String words) {
        return String.format("<text x=\"%d\" y=\"%d\" fill=\"#1c2526\">%s</text>", x, y, words);
    }
}
