package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Without a network, against a server that refuses, on a device that keeps nothing, and after a fault: no tap vanishes. */
class OfflineBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static final String SIDE = "Right, affected side";
    private static final String TEST = "resisted-wrist-extension";

    /** What of the case lies in the browser's database as anybody can read it. */
    private static final String LYING_THERE =
            """
            async () => {
              const db = await new Promise((done) => {
                const asked = indexedDB.open('lexicor');
                asked.onsuccess = () => done(asked.result);
              });
              const all = [];
              for (const name of db.objectStoreNames) {
                const store = db.transaction(name).objectStore(name);
                const values = await new Promise((done) => {
                  const asked = store.getAll();
                  asked.onsuccess = () => done(asked.result);
                });
                for (const value of values) {
                  const bytes = value.data instanceof ArrayBuffer ? new TextDecoder('latin1').decode(value.data) : '';
                  all.push(name + ' ' + JSON.stringify({ ...value, data: bytes }));
                }
              }
              db.close();
              return all;
            }
            """;

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private String couch(String code) {
        return LEXICOR.url("/cases/" + code + "/couch?test=" + TEST);
    }

    private static String newCase(String code) {
        Assertions.assertThat(LEXICOR.post(
                                "/api/cases",
                                "{\"code\":\"%s\",\"complaint\":\"elbow-lateral\",\"involvedSide\":\"right\"}"
                                        .formatted(code))
                        .status())
                .isIn(201, 422);
        return code;
    }

    private static JsonNode taps(String code) {
        return LEXICOR.get("/api/cases/" + code + "/taps").body();
    }

    private static void close(String code, boolean closed) {
        JsonNode view = LEXICOR.get("/api/cases/" + code).body();
        Assertions.assertThat(LEXICOR.put(
                                "/api/cases/" + code + "/closure",
                                "{\"version\":" + view.get("version") + ",\"closed\":" + closed + "}")
                        .status())
                .isEqualTo(200);
    }

    private Locator refused(int taps) {
        return button(Pattern.compile(taps == 1 ? "^1 tap was refused" : "^" + taps + " taps were refused"));
    }

    @Test
    void aReloadWithoutANetworkComesBackToTheCouchAndGoesOnRecording() {
        String code = "HB-010";
        int before = taps(code).size();
        page = newPage(ServiceWorkerPolicy.ALLOW);
        enter();
        page.navigate(couch(code));
        assertThat(pad(SIDE, "Their pain")).isVisible();
        page.evaluate("() => navigator.serviceWorker.ready");
        page.reload();
        assertThat(pad(SIDE, "Their pain")).isVisible();
        page.waitForCondition(() -> page.evaluate(LYING_THERE).toString().contains("shelf"));

        page.context().setOffline(true);
        pad(SIDE, "Their pain").click();
        assertThat(page.getByText("Waiting to save, 1 tap")).isVisible();
        page.reload();
        assertThat(pad(SIDE, "Their pain")).hasAttribute("aria-pressed", "true");
        assertThat(page.getByText("Waiting to save, 1 tap")).isVisible();
        pad(SIDE, "Weak").first().click();
        assertThat(page.getByText("Waiting to save, 2 taps")).isVisible();
        Assertions.assertThat(page.evaluate(LYING_THERE).toString())
                .contains("acts ", "keys ", "shelf ")
                .doesNotContain(code, TEST, "pain.familiar");

        page.context().setOffline(false);
        assertThat(page.getByText("Waiting to save")).isHidden();
        page.waitForCondition(() -> taps(code).size() == before + 2);

        // Signed out, nothing is left that could be opened.
        button(Pattern.compile("^Account of")).click();
        page.getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName("Sign out").setExact(true))
                .click();
        assertThat(page.getByLabel("Name")).isVisible();
        page.waitForCondition(() -> page.evaluate(LYING_THERE).toString().equals("[]"));
        // The one who was signed in from the start goes on.
        LEXICOR.restart();
    }

    @Test
    void whatTheServerRefusesStaysUntilItIsSentAgainOrDiscarded() throws Exception {
        String code = newCase("RF-1");
        page.navigate(couch(code));
        assertThat(pad(SIDE, "Their pain")).isVisible();
        page.context().setOffline(true);
        pad(SIDE, "Their pain").click();
        assertThat(page.getByText("Waiting to save, 1 tap")).isVisible();
        close(code, true);
        page.context().setOffline(false);
        assertThat(refused(1)).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("is closed");
        Assertions.assertThat(taps(code)).isEmpty();

        page.reload();
        refused(1).click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("RF-1: ");
        assertThat(dialog).containsText("Their pain");
        assertThat(dialog).containsText("is closed");
        accessible("Refused taps");
        for (int[] size : EverySize.SMALLER) {
            page.setViewportSize(size[0], size[1]);
            EverySize.drawn(page);
            EverySize.nothingCutOff(page, "Refused taps at " + size[0]);
        }
        page.setViewportSize(1280, 800);
        Download file = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write them into a file"))
                        .click());
        Assertions.assertThat(Files.readString(file.path())).contains("lexicor-refused-taps", TEST, "is closed");
        button("Send again").click();
        assertThat(dialog).containsText("is closed");
        close(code, false);
        button("Send again").click();
        page.waitForCondition(() -> taps(code).size() == 1);
        assertThat(refused(1)).isHidden();
        // The page has heard of it as well: what is cut off before that is asked about again.
        assertThat(page.getByText("Waiting to save")).isHidden();

        page.reload();
        page.context().setOffline(true);
        pad(SIDE, "Weak").first().click();
        close(code, true);
        page.context().setOffline(false);
        refused(1).click();
        button("Discard").click();
        assertThat(page.getByRole(AriaRole.ALERT).last()).containsText("for good?");
        button("Keep it").click();
        button("Discard").click();
        button("Discard this one").click();
        assertThat(refused(1)).isHidden();
        page.reload();
        assertThat(page.getByText("Closed ")).isVisible();
        assertThat(refused(1)).isHidden();
    }

    @Test
    void aDeviceThatKeepsNothingIsSaidAndHoldsUpNothing() {
        String code = newCase("KN-1");
        page.addInitScript(
                "IDBObjectStore.prototype.add = () => { throw new DOMException('full', 'QuotaExceededError'); }");
        page.navigate(couch(code));
        assertThat(pad(SIDE, "Their pain")).isVisible();
        page.context().setOffline(true);
        pad(SIDE, "Their pain").click();
        assertThat(page.getByText("This device keeps nothing: 1 tap is in this page alone"))
                .isVisible();
        page.context().setOffline(false);
        page.waitForCondition(() -> taps(code).size() == 1);
        assertThat(page.getByText("This device keeps nothing")).isHidden();
        pad(SIDE, "Weak").first().click();
        page.waitForCondition(() -> taps(code).size() == 2);
    }

    @Test
    void aPageThatFailsToDrawSaysThatTheTapsAreKeptAndLeavesTheOthers() {
        page.route("**/api/cases/HB-001", this::withoutLadders);
        page.navigate(LEXICOR.url("/cases/HB-001/couch"));
        Locator stopped =
                page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("This page has stopped"));
        assertThat(stopped).containsText("Every tap is kept");
        accessible("Stopped");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ask").setExact(true))
                .click();
        assertThat(page.getByLabel("What happened")).isVisible();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Couch").setExact(true))
                .click();
        assertThat(stopped).isVisible();
        page.unroute("**/api/cases/HB-001");
        button("Load it again").click();
        assertThat(page.getByLabel("Current test")).isVisible();
    }

    private void withoutLadders(Route route) {
        String body = route.fetch().text();
        route.fulfill(new Route.FulfillOptions()
                .setContentType("application/json")
                .setBody(body.replaceFirst("\"ladders\":\\[", "\"ladders\":null,\"was\":[")));
    }
}
