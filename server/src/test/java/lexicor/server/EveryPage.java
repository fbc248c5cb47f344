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
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * Every page and every tab of it, in both themes and on a telephone: no fault that axe knows, nothing cut off at the
 * side, nothing said in the console, and everything there is to press reached by Tab with the focus to be seen.
 */
abstract class EveryPage extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.shared();

    private static final int MOST_STOPS = 600;

    /** What has the focus: marked as come by, and what is wrong with the sight of it. A date has several stops within one field. */
    private static final String STOP =
            """
            () => {
              const e = document.activeElement;
              if (!e || e === document.body) return 'end';
              if (e.dataset.comeBy) return e.type === 'date' && e === window.stoppedAt ? '' : 'again';
              window.stoppedAt = e;
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

    private final AtomicInteger waiting = new AtomicInteger();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    /**
     * As it opens on a screen, by keys alone and in both themes; then as it opens on a telephone in the dark, and smaller in both;
     * at last with its text set far apart.
     */
    void look(String path) {
        List<String> said = new ArrayList<>();
        page.onConsoleMessage(m -> {
            if (List.of("error", "warning").contains(m.type())) {
                said.add(m.text());
            }
        });
        page.onPageError(said::add);
        openIn(path, "light");
        byKeysAlone(path);
        everyTab(() -> {
            accessible(path);
            EverySize.inTheme(page, "dark");
            legible(path + " in the dark");
            EverySize.inTheme(page, "light");
        });
        page.setViewportSize(390, 844);
        openIn(path, "dark");
        everyTab(() -> EverySize.nothingCutOff(page, path));
        for (int[] size : EverySize.SMALLER) {
            page.setViewportSize(size[0], size[1]);
            settled();
            String at = path + " at " + size[0] + " by " + size[1];
            Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                    .as("width of " + at)
                    .isLessThanOrEqualTo(size[0]);
        }
        // At its narrowest a page is made of other pieces; colours are those of the theme at every size.
        accessible(path + " at its narrowest");
        page.setViewportSize(1280, 800);
        EverySize.spaceOut(page);
        everyTab(() -> EverySize.nothingCutWhereSpaced(page, path));
        Assertions.assertThat(said).as("console").isEmpty();
    }

    @BeforeEach
    void watch() {
        page.onRequest(r -> count(r, 1));
        page.onRequestFinished(r -> count(r, -1));
        page.onRequestFailed(r -> count(r, -1));
        page.addInitScript("localStorage.setItem('lexicor.caution-read', 'yes')");
    }

    void openIn(String path, String theme) {
        page.addInitScript("localStorage.setItem('lexicor.theme', '" + theme + "')");
        page.navigate(lexicor().url(path));
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
    void settled() {
        page.locator("h1, h2").first().waitFor();
        page.waitForCondition(() -> {
            EverySize.drawn(page);
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
