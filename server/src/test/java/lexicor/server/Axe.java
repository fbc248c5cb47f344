package lexicor.server;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/** What axe finds wrong with a page. Its script is brought in once a page, however often the page is looked at. */
final class Axe {
    private static final String SCRIPT = script();

    /** Leaves out the sheet of paper, which runs no scripts and would keep this one waiting for ever. */
    private static final String RUN =
            """
            ([within, ...rules]) => axe
              .run({include: [[within]], exclude: [['iframe']]}, {
                resultTypes: ['violations'],
                preload: false,
                ...(rules.length > 0 ? {runOnly: {type: 'rule', values: rules}} : {}),
              })
              .then(found => found.violations.map(v => `${v.id}: ${v.nodes[0].html}`))
            """;

    private Axe() {}

    /**
     * @param rules the only ones to look by; all that are on by themselves where none is named
     */
    static List<String> violations(Page page, String... rules) {
        return violationsWithin(page, "html", rules);
    }

    /**
     * Of a part alone: a list or a note that is drawn over the page, which is as it was behind it.
     *
     * @param within a selector of the part
     */
    @SuppressWarnings("unchecked")
    static List<String> violationsWithin(Page page, String within, String... rules) {
        if (Boolean.TRUE.equals(page.evaluate("() => window.axe === undefined"))) {
            page.evaluate(SCRIPT);
        }
        List<String> asked = Stream.concat(Stream.of(within), Stream.of(rules)).toList();
        return (List<String>) page.evaluate(RUN, asked);
    }

    private static String script() {
        try (InputStream file = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
