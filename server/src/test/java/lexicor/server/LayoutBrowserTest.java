package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Every test of the content on the couch: what there is to tap, to measure and to read is in sight, and nothing is cut. */
class LayoutBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    /** A case with a ladder to be started, which takes room above every test. */
    private static final String WITH_LADDER = "HB-002";

    /**
     * Goes through the running order by keys, opens both sides at every place of every test, and says what does not fit. In the
     * page itself, since one step at a time would take minutes.
     */
    private static final String WALK =
            """
            async places => {
              const press = key => document.body.dispatchEvent(new KeyboardEvent('keydown', {key, bubbles: true}));
              const drawn = () => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)));
              const section = () => document.querySelector("section[aria-label='Current test']");
              const faults = [];
              for (const [index, test] of places.entries()) {
                if (index > 0) { press('ArrowDown'); await drawn(); }
                for (let place = 0; place < test.places; place++) {
                  if (place > 0) { press('o'); await drawn(); }
                  press('u');
                  await drawn();
                  const box = section();
                  const at = test.name + ' ' + (place + 1) + ': ';
                  if (box.querySelector('h2').textContent !== test.name) {
                    faults.push(at + 'shows ' + box.querySelector('h2').textContent);
                    break;
                  }
                  if (box.scrollHeight > box.clientHeight) {
                    faults.push(at + (box.scrollHeight - box.clientHeight) + ' px too high');
                  }
                  const bottom = box.getBoundingClientRect().bottom;
                  const right = box.getBoundingClientRect().right;
                  for (const e of box.querySelectorAll('.pad, .choice, .plate-name, input, [role=timer], ul[aria-live] li')) {
                    // What is folded away is there for whoever opens it.
                    if (e.closest('details:not([open])')) continue;
                    const r = e.getBoundingClientRect();
                    if (r.width > 0 && (r.bottom > bottom + 1 || r.right > right + 1)) {
                      faults.push(at + 'out of sight: ' + (e.textContent || e.getAttribute('aria-label')));
                    }
                    if (e.scrollWidth > e.clientWidth + 1 && e.tagName !== 'INPUT' && e.tagName !== 'LI') {
                      faults.push(at + 'cut: ' + e.textContent);
                    }
                  }
                  const figure = box.querySelector('svg.figure');
                  if (!figure || /NaN|Infinity/.test(figure.outerHTML)) {
                    faults.push(at + 'no figure');
                  }
                }
              }
              return faults;
            }
            """;

    @Test
    void everyTestFitsTheScreenWithBothSidesOpen() {
        JsonNode tests = LEXICOR.get("/api/catalogue").body().get("tests");
        String all = tests.valueStream()
                .map(t -> "\"" + t.get("id").asString() + "\"")
                .collect(Collectors.joining(","));
        int version =
                LEXICOR.get("/api/cases/" + WITH_LADDER).body().get("version").asInt();
        Assertions.assertThat(LEXICOR.put(
                                "/api/cases/" + WITH_LADDER + "/plan",
                                "{\"version\":" + version + ",\"tests\":[" + all + "],\"arrange\":false}")
                        .status())
                .isEqualTo(200);
        List<Map<String, Object>> places = tests.valueStream()
                .map(t -> Map.<String, Object>of(
                        "name", t.get("name").asString(),
                        "places", t.get("boards").size()))
                .toList();

        page.addInitScript("localStorage.setItem('lexicor.stages-at-once', 'no')");
        page.navigate(LEXICOR.url("/cases/" + WITH_LADDER + "/couch?test="
                + tests.get(0).get("id").asString()));
        assertThat(page.locator("svg.figure")).isVisible();
        assertThat(side("Ladders")).isVisible();
        page.evaluate(
                "document.querySelectorAll('nav[aria-label=\"Running order\"] h2 [aria-expanded=false]').forEach(b => b.click())");
        assertThat(page.locator(".order-row")).hasCount(tests.size());

        @SuppressWarnings("unchecked")
        List<String> faults = (List<String>) page.evaluate(WALK, places);
        Assertions.assertThat(faults).isEmpty();
    }

    /** Looking and feeling as a whole: whatever place is in hand, all of it is in sight. */
    @ParameterizedTest
    @CsvSource({"HB-003, look", "HB-003, feel", "HB-007, look", "HB-010, feel", "HB-014, feel", "HB-003, move"})
    void aWholeStageFitsTheScreen(String code, String stage) {
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?stage=" + stage));
        assertThat(page.locator("svg.figure, .move-table").first()).isVisible();
        @SuppressWarnings("unchecked")
        List<String> faults = (List<String>)
                page.evaluate(
                        """
                async () => {
                  const press = key => document.body.dispatchEvent(new KeyboardEvent('keydown', {key, bubbles: true}));
                  const drawn = () => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)));
                  const box = document.querySelector("section[aria-label='Current test']");
                  const faults = [];
                  for (let i = 0; i < 24; i++) {
                    await drawn();
                    const beyond = box.scrollHeight - box.clientHeight;
                    // The neck's screen by itself has more to say than fits beside the other movements.
                    const chosen = box.querySelector('section[aria-label] h3')?.textContent ?? '';
                    if (beyond > 0 && !chosen.includes('Neck movement screen')) faults.push(chosen + ' ' + beyond + ' px too high');
                    press('o');
                  }
                  return faults;
                }
                """);
        Assertions.assertThat(faults).isEmpty();
    }
}
