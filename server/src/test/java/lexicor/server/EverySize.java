package lexicor.server;

import com.microsoft.playwright.Page;
import java.util.List;
import org.assertj.core.api.Assertions;

/** What a page has to keep to at whatever size, in whatever theme and however far apart its text is set. */
final class EverySize {
    /** A tablet held flat and upright, and a window magnified four times. */
    static final int[][] SMALLER = {{1180, 820}, {820, 1180}, {320, 640}};

    /** What reaches over its side: the page, or a part that has not been made to be moved sideways. */
    private static final String CUT_OFF =
            """
            () => [document.documentElement, ...document.querySelectorAll('body *')]
              .filter(e => e.scrollWidth > e.clientWidth + 1 && !e.matches('[data-wide], input, select')
                && (e === document.documentElement || ['auto', 'scroll'].includes(getComputedStyle(e).overflowX)))
              .map(e => `${e.scrollWidth - e.clientWidth} of ${e.outerHTML.slice(0, 120)}`)
            """;

    /** As far apart as a reader may set lines, letters, words and paragraphs (WCAG 2.2, 1.4.12). */
    private static final String SPACED =
            """
            * { line-height: 1.5 !important; letter-spacing: .12em !important; word-spacing: .16em !important; }
            p { margin-bottom: 2em !important; }
            """;

    /** Text that is cut where it is set farther apart: by what it is in, or by reaching out of what it stands on. */
    private static final String CUT_WHERE_SPACED =
            """
            () => {
              const shown = e => e.clientWidth > 1 && e.checkVisibility({visibilityProperty: true}) && e.innerText?.trim();
              const hides = e => {
                const style = getComputedStyle(e);
                return ['hidden', 'clip'].includes(style.overflowX) || ['hidden', 'clip'].includes(style.overflowY);
              };
              const over = e => e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 1;
              const said = e => `${e.scrollWidth - e.clientWidth}, ${e.scrollHeight - e.clientHeight} of `
                + e.outerHTML.slice(0, 160);
              const boxes = [...document.querySelectorAll('body *')]
                .filter(e => !(e instanceof SVGElement) && !e.matches('select') && shown(e) && over(e)
                  && (hides(e) || e.matches('button, a.action, [role=tab], [role=radio], summary, h1, h2, h3, th, td')
                      && getComputedStyle(e).display !== 'inline'))
                .map(said);
              const drawn = [...document.querySelectorAll('svg text')].filter(t => {
                const box = t.getBoundingClientRect();
                const around = t.ownerSVGElement.getBoundingClientRect();
                return box.width > 0 && hides(t.ownerSVGElement)
                  && (box.left < around.left - 2 || box.right > around.right + 2);
              }).map(t => 'drawn: ' + t.textContent);
              return [...boxes, ...drawn];
            }
            """;

    private static final String DRAWN =
            "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done))))";

    private EverySize() {}

    static void inTheme(Page page, String theme) {
        page.evaluate("theme => { document.documentElement.dataset.theme = theme; }", theme);
    }

    static void drawn(Page page) {
        page.evaluate(DRAWN);
    }

    static void nothingCutOff(Page page, String at) {
        Assertions.assertThat((List<?>) page.evaluate(CUT_OFF))
                .as("cut off at " + at)
                .isEmpty();
    }

    /** From now on the text is set as far apart as may be. */
    static void spaceOut(Page page) {
        page.addStyleTag(new Page.AddStyleTagOptions().setContent(SPACED));
    }

    static void nothingCutWhereSpaced(Page page, String at) {
        drawn(page);
        Assertions.assertThat((List<?>) page.evaluate(CUT_WHERE_SPACED))
                .as("cut where spaced at " + at)
                .isEmpty();
    }
}
