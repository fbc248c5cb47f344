package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A user's path through the real pages, by mouse and by keyboard, with axe on every screen. */
class BrowserPathTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static Playwright playwright;
    private static Browser browser;
    private Page page;

    @BeforeAll
    static void launch() {
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    @AfterAll
    static void close() {
        playwright.close();
    }

    @BeforeEach
    void openPage() {
        page = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
                .newPage();
        page.setDefaultTimeout(30_000);
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
    }

    @Test
    void aShoulderByMouse() {
        page.navigate(LEXICOR.url("/"));
        assertThat(page.getByText("does not diagnose")).isVisible();
        accessible("Cases, first use");
        button("I have read this").click();
        button("New case").click();
        accessible("New case");
        page.getByLabel("What brings the patient").selectOption("shoulder-slipping");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Left"))
                .click();
        button("Open the case").click();

        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ask")))
                .isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sports clinic"))
                .click();
        Locator suspicion = page.getByRole(
                AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Suspicion of Anterior shoulder instability"));
        suspicion
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName("More likely").setExact(true))
                .click();
        assertThat(suspicion.locator("xpath=..")).containsText(percent("33"));
        accessible("Ask");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the couch"))
                .click();

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Anterior apprehension")))
                .click();
        side("Right, other side").getByText("Nothing found").click();
        side("Left, the one that troubles").getByText("Fears it slipping").click();
        assertThat(outcomes()).containsText("Fear of slipping: fears it slipping");
        Locator first = page.getByLabel("Standing").locator("li").first();
        assertThat(first).containsText("Anterior shoulder instability");
        assertThat(first).containsText(percent("33"));
        assertThat(first.locator("b")).not().hasText(percent("33"));
        accessible("Couch");

        button(Pattern.compile("^Take the last tap back")).click();
        assertThat(first.locator("b")).hasText(percent("33"));
        side("Left, the one that troubles").getByText("Fears it slipping").click();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Weigh"))
                .click();
        assertThat(page.getByText("What was counted")).isVisible();
        assertThat(page.locator("table").first()).containsText("Anterior apprehension");
        assertThat(page.getByText("Not weighed (")).isVisible();
        accessible("Weigh");
        String now =
                page.getByLabel("Candidates in order").locator("li b").first().textContent();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        assertThat(page.getByText("does not diagnose")).isVisible();
        accessible("Print");

        LEXICOR.restart();
        page.navigate(
                LEXICOR.url(Path.of(java.net.URI.create(page.url()).getPath()).getParent() + "/weigh"));
        assertThat(page.getByLabel("Candidates in order").locator("li b").first())
                .hasText(now);
    }

    @Test
    void aShoulderByKeyboard() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=apprehension"));
        Locator involved = side("Right, the one that troubles");
        assertThat(involved).containsText("keys go here");
        page.keyboard().press("n");
        assertThat(pad("Left, other side", "Nothing found")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("2");
        assertThat(pad("Right, the one that troubles", "Fears it slipping")).hasAttribute("aria-pressed", "true");
        assertThat(outcomes()).containsText("fears it slipping");
        page.keyboard().press("PageDown");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setLevel(2).setName("Relocation")))
                .isVisible();
        page.keyboard().press("PageUp");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setLevel(2).setName("Anterior apprehension")))
                .isVisible();
        page.keyboard().press("z");
        assertThat(pad("Right, the one that troubles", "Fears it slipping")).hasAttribute("aria-pressed", "false");
        page.keyboard().press(".");
        assertThat(outcomes()).containsText("could not tell");
        page.keyboard().press("u");
        assertThat(side("Left, other side")).containsText("keys go here");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("take the last tap back");
        accessible("Keys");
        page.keyboard().press("Escape");
        page.keyboard().press("PageDown");
        String suggested =
                page.getByLabel("Standing").locator("h3").textContent().replaceAll("^[^:]*: | [0-9.]+ minutes?$", "");
        page.keyboard().press("g");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions()
                                .setLevel(2)
                                .setName(suggested)
                                .setExact(true)))
                .isVisible();
        page.keyboard().press("w");
        assertThat(page).hasURL(Pattern.compile("/weigh$"));
    }

    @Test
    void anImpossibleNumberIsRefusedWhereItStands() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=sulcus"));
        Locator gap = page.getByLabel("Gap, Right, in mm");
        gap.fill("900");
        gap.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Gap: expected 0 to 500 mm.");
        gap.fill("20");
        gap.blur();
        assertThat(outcomes()).containsText("gap 20 mm");
    }

    @Test
    void theDepartmentsWayAndTheCasesOwn() {
        page.navigate(LEXICOR.url("/cases/HB-004/weigh?of=slap-tear"));
        Locator bias = side("Studies at high risk of bias");
        assertThat(bias).containsText("depends on how such studies are taken");
        Locator now = page.getByLabel("Reasons for Superior labral (SLAP) tear")
                .locator("b")
                .first();
        String before = now.textContent();
        bias.getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName("Left out").setExact(true))
                .click();
        assertThat(now).not().hasText(before);

        page.navigate(LEXICOR.url("/settings"));
        accessible("Settings");
        page.getByLabel("Within a family").fill("2");
        button("Use these").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("expected a number from 0 to 0.9");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Each counts in full"))
                .click();
        assertThat(page.getByText("Tends to be too sure of itself")).isVisible();
        page.navigate(LEXICOR.url("/cases/HB-001/weigh"));
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Each counts in full")))
                .containsText("in use");
    }

    @Test
    void aBlockedTestAndAWarningSign() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=kim"));
        assertThat(side("Blocked")).containsText("known recent subluxation");
        accessible("Blocked");
        page.keyboard().press("2");
        assertThat(page.locator("button.pad")).hasCount(0);
        button("Go ahead all the same").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("at least 10 characters");
        page.getByLabel("Going ahead takes a written reason").fill("The surgeon asks for it and stands by");
        button("Go ahead all the same").click();
        pad("Right, the one that troubles", "Their pain").click();
        assertThat(page.getByText("The surgeon asks for it and stands by")).isVisible();

        page.navigate(LEXICOR.url("/cases/HB-011/ask"));
        page.getByText("Warning signs:").click();
        page.getByLabel("Fever or feeling ill with a hot swollen joint").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Stop. Same-day medical review.");
        accessible("Warning");
        page.navigate(LEXICOR.url("/cases/HB-011/print"));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Stop. Same-day medical review.");
        assertThat(page.getByText("was done all the same: The surgeon asks")).isVisible();
    }

    @Test
    void whatFitsOnOneSheetPrintsOnOneSheet() {
        for (String code : List.of("HB-001", "HB-003", "HB-004")) {
            page.navigate(LEXICOR.url("/cases/" + code + "/print"));
            assertThat(page.getByText("Candidates in order")).isVisible();
            byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
            String text = new String(pdf, java.nio.charset.StandardCharsets.ISO_8859_1);
            Assertions.assertThat(Pattern.compile("/Type\\s*/Page\\b")
                            .matcher(text)
                            .results()
                            .count())
                    .as(code)
                    .isEqualTo(1);
        }
    }

    private Locator side(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    private Locator pad(String side, String label) {
        return side(side).locator("button.pad", new Locator.LocatorOptions().setHasText(label));
    }

    private Locator outcomes() {
        return page.getByLabel("Current test").locator("ul[aria-live]");
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static String percent(String number) {
        return number + "\u202f%";
    }

    private void accessible(String screen) {
        page.locator(":root").evaluate("e => Promise.all(e.getAnimations({subtree: true}).map(a => a.finished))");
        Assertions.assertThat(new AxeBuilder(page).analyze().getViolations())
                .as(screen)
                .extracting(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
