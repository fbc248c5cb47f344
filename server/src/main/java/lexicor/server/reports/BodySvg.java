package lexicor.server.reports;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/** The body as it was tapped on, from the front and from behind: the same drawing as in the pages, made once for paper. */
final class BodySvg {
    /** Small enough that a report keeps to its pages. */
    private static final double SCALE = 0.65;

    private static final List<View> VIEWS = read();
    private static final Map<String, String> INK = Map.of("line", "2", "mark", "0.8");

    /** A view of the body; in {@code body.json}. */
    record View(String name, int width, int height, List<Stroke> strokes, Map<String, Point> places) {}

    record Stroke(String kind, String look, String d) {}

    record Point(double x, double y) {}

    private BodySvg() {}

    static List<View> views() {
        return VIEWS;
    }

    /** The views on which something was tapped; empty where none of the places is known to the drawing. */
    static String of(List<String> hurts) {
        return VIEWS.stream()
                .filter(v -> hurts.stream().anyMatch(v.places()::containsKey))
                .map(v -> svg(v, hurts))
                .collect(Collectors.joining());
    }

    private static String svg(View view, List<String> hurts) {
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\">",
                Math.round(SCALE * view.width()),
                Math.round(SCALE * view.height()),
                view.width(),
                view.height()));
        for (Stroke stroke : view.strokes()) {
            String width = INK.get(stroke.kind());
            svg.append("<path d=\"").append(stroke.d()).append('"');
            svg.append(
                    width == null
                            ? " fill=\"" + (stroke.look().equals("cloth") ? "#ece7dc" : "#ffffff") + "\""
                            : " fill=\"none\" stroke=\"#17262b\" stroke-width=\"" + width + "\"");
            svg.append("/>");
        }
        hurts.stream()
                .filter(view.places()::containsKey)
                .map(view.places()::get)
                .forEach(p -> svg.append(String.format(
                        Locale.ROOT, "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"5\" fill=\"#945003\"/>", p.x(), p.y())));
        return svg.append("</svg>").toString();
    }

    private static List<View> read() {
        try (InputStream file = BodySvg.class.getResourceAsStream("/body.json")) {
            return List.of(JsonMapper.shared().readValue(file, View[].class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
