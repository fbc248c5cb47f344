package lexicor.server.reports;

import java.util.Locale;

/** So many of so many people as dots, the ones meant filled and square, the others open and round. */
final class PeopleSvg {
    private static final int IN_A_ROW = 20;
    private static final int STEP = 13;

    private PeopleSvg() {}

    static String of(int outOf, int with) {
        int inARow = outOf > 100 ? 50 : IN_A_ROW;
        int step = outOf > 100 ? 6 : STEP;
        double half = step * 0.36;
        int rows = (outOf + inARow - 1) / inARow;
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\">",
                inARow * step,
                rows * step,
                inARow * step,
                rows * step));
        for (int i = 0; i < outOf; i++) {
            double x = (i % inARow + 0.5) * step;
            double y = (i / inARow + 0.5) * step;
            svg.append(
                    i < with
                            ? String.format(
                                    Locale.ROOT,
                                    "<rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" fill=\"#0e6060\"/>",
                                    x - half,
                                    y - half,
                                    2 * half,
                                    2 * half)
                            : String.format(
                                    Locale.ROOT,
                                    "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"none\" stroke=\"#17252a\" stroke-width=\"0.8\"/>",
                                    x,
                                    y,
                                    half));
        }
        return svg.append("</svg>").toString();
    }
}
