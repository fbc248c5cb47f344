package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * Every page and every tab of it, in both themes and on a telephone: no fault that axe knows, nothing cut off at the
 * side, nothing said in the console, and everything there is to press reached by Tab with the focus to be seen.
 */
abstract class EveryPage extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.shared();

    private static final int MOST_STOPS = 600;

    /** What reaches over its side: the page, or a part that has not been made to be moved sideways. */
    private static final String CUT_OFF =
            """
            () => [document.documentElement, ...document.querySelectorAll('body *')]
              .filter(e => e.scrollWidth > e.clientWidth + 1 && !e.matches('[data-wide], input, select')
                && (e === document.documentElement || ['auto', 'scroll'].includes(getComputedStyle(e).overflowX)))
              .map(e => `${e.scrollWidth - e.clientWidth} of ${e.outerHTML.slice(0, 120)}`)
            """;

    private static final String DRAWN =
            "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done))))";

    private static final String IN_THEME = "theme => { document.documentElement.dataset.theme = theme; }";

    /** What has the focus: marked as come by, and what is wrong with the sight of it. */
    private static final String STOP =
            """
            () => {
              const e = document.activeElement;
              if (!e || e === document.body) return 'end';
              if (e.dataset.comeBy) return 'again';
              e.dataset.comeBy = 'yes';
              const style = getComputedStyle(e);
              const seen = e.matches(':focus-visible')
                && (style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2 || style.boxShadow !== 'none');
              const box = e.getBoundingClientRect();
              const within = box.width > 0 && box.bottom > 0 && box.top < innerHeight;
              return (seen ? '' : 'no ring ') + (within ? '' : 'out of sight ')
                + (seen && within ? '' : e.outerHTML.slice(0, 200));
            }
            """;

    /** What can be pressed and was not come by; in a group that is moved about in with arrows, one is enough. */
    private static final String MISSED =
            """
            () => [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]')]
              .filter(e => e.checkVisibility({visibilityProperty: true}) && !e.disabled && !e.dataset.comeBy
                && !e.closest('[inert], [aria-hidden=true]')
                && !e.closest('[role=tablist], [role=radiogroup], [role=toolbar]')
                && !(e.type === 'radio'))
              .map(e => e.outerHTML.slice(0, 200))
            """;

    /** A tablet held flat and upright, and a window magnified four times: in the dark, as the telephone before them. */
    private static final int[][] SIZES = {{1180, 820}, {820, 1180}, {320, 640}};

    private final AtomicInteger waiting = new AtomicInteger();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    /** As it opens on a screen, by keys alone and in both themes; then as it opens on a telephone in the dark. */
    void look(String path) {
        List<String> said = new ArrayList<>();
        page.onRequest(r -> count(r, 1));
        page.onRequestFinished(r -> count(r, -1));
        page.onRequestFailed(r -> count(r, -1));
        page.onConsoleMessage(m -> {
            if (List.of("error", "warning").contains(m.type())) {
                said.add(m.text());
            }
        });
        page.onPageError(said::add);
        page.addInitScript("localStorage.setItem('lexicor.caution-read', 'yes')");
        openIn(path, "light");
        byKeysAlone(path);
        everyTab(() -> {
            accessible(path);
            page.evaluate(IN_THEME, "dark");
            legible(path + " in the dark");
            page.evaluate(IN_THEME, "light");
        });
        page.setViewportSize(390, 844);
        openIn(path, "dark");
        everyTab(() -> Assertions.assertThat((List<?>) page.evaluate(CUT_OFF))
                .as("cut off at " + path)
                .isEmpty());
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            settled();
            String at = path + " at " + size[0] + " by " + size[1];
            Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                    .as("width of " + at)
                    .isLessThanOrEqualTo(size[0]);
            accessible(at);
        }
        Assertions.assertThat(said).as("console").isEmpty();
    }

    private void openIn(String path, String theme) {
        page.addInitScript("localStorage.setItem('lexicor.theme', '" + theme + "')");
        page.navigate(LEXICOR.url(path));
        settled();
        assertThat(page.locator(":root")).hasAttribute("data-theme", theme);
    }

    /** As it ships, with the worker that keeps the page: nothing that it does may be complained of. */
    @Override
    ServiceWorkerPolicy workers() {
        return ServiceWorkerPolicy.ALLOW;
    }

    /** The stream of the measuring devices never ends, so nothing waits for it. */
    private void count(Request request, int by) {
        if (!request.url().endsWith("/events")) {
            waiting.addAndGet(by);
        }
    }

    /** Everything that was asked for has come and is drawn, and nothing more was asked for because of it. */
    private void settled() {
        page.locator("h1, h2").first().waitFor();
        page.waitForCondition(() -> {
            page.evaluate(DRAWN);
            return waiting.get() == 0;
        });
    }

    private Locator tabs() {
        return page.getByRole(AriaRole.TAB);
    }

    /** Looks at the page as it opens, and at every tab of it. */
    private void everyTab(Runnable look) {
        look.run();
        for (int i = 0; i < tabs().count(); i++) {
            if (!"true".equals(tabs().nth(i).getAttribute("aria-selected"))) {
                tabs().nth(i).click();
                settled();
                look.run();
            }
        }
    }

    private void byKeysAlone(String path) {
        List<String> faults = new ArrayList<>();
        int stops = 0;
        for (; stops < MOST_STOPS; stops++) {
            page.keyboard().press("Tab");
            String stop = (String) page.evaluate(STOP);
            if (List.of("end", "again").contains(stop)) {
                break;
            }
            if (!stop.isEmpty()) {
                faults.add(stop);
            }
        }
        Assertions.assertThat(stops).as("stops of " + path).isBetween(1, MOST_STOPS - 1);
        Assertions.assertThat(faults).as("focus of " + path).isEmpty();
        Assertions.assertThat((List<?>) page.evaluate(MISSED))
                .as("missed by Tab at " + path)
                .isEmpty();
    }
}
