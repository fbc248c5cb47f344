package lexicor.server;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A page in headless Chromium for every test, and the pieces of Lexicor's pages by name. */
@Tag("browser")
abstract class InBrowser {
    /** Without a window, a menu and tabs of its own it is at its work in half the time; the whole browser does as well. */
    private static final Path SHELL = Path.of("/usr/bin/chromium-headless-shell");

    private static final Path WHOLE = Path.of("/usr/bin/chromium");

    private static final BrowserType.LaunchOptions OPTIONS = new BrowserType.LaunchOptions()
            .setExecutablePath(Files.exists(SHELL) ? SHELL : WHOLE)
            .setArgs(List.of(
                    "--no-sandbox",
                    "--disable-gpu",
                    "--disable-quic",
                    "--no-first-run",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync"));

    private static Playwright playwright;
    private static Browser browser;
    Page page;

    /** One browser for all classes; every test has a window of its own in it. */
    @RegisterExtension
    static final BeforeAllCallback LAUNCH = test -> test.getRoot()
            .getStore(ExtensionContext.Namespace.GLOBAL)
            .getOrComputeIfAbsent(InBrowser.class, key -> launch());

    private static AutoCloseable launch() {
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright.chromium().launch(OPTIONS);
        return playwright::close;
    }

    /** The program that the tests of the class look at. */
    abstract Running lexicor();

    @BeforeEach
    void openPage() {
        page = newPage(workers());
        enter();
        page.setDefaultTimeout(30_000);
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
    }

    @AfterEach
    void closePages() {
        browser.contexts().forEach(BrowserContext::close);
    }

    /** Most tests do without the worker that keeps the page for when there is no network. */
    ServiceWorkerPolicy workers() {
        return ServiceWorkerPolicy.BLOCK;
    }

    /** A page of a browser of its own. */
    Page newPage(ServiceWorkerPolicy workers) {
        return browser.newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setServiceWorkers(workers))
                .newPage();
    }

    /** Signs the page in; after a restart it has to be done again. */
    void enter() {
        page.context()
                .addCookies(List.of(new Cookie("LEXICOR", lexicor().caller().cookie("LEXICOR"))
                        .setUrl(lexicor().url("/"))));
    }

    /** A new case; its code. */
    String open(String complaint, String side) {
        return lexicor()
                .post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"%s\"}".formatted(complaint, side))
                .body()
                .get("code")
                .asString();
    }

    Locator side(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    Locator pad(String side, String label) {
        return side(side)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(label))
                .first();
    }

    Locator outcomes() {
        return page.getByLabel("Current test").locator("ul[aria-live]");
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    static String percent(String number) {
        return number + "\u202f%";
    }

    void accessible(String screen) {
        clean(screen);
    }

    /** Whether everything can be told from what is behind it: the one thing that a theme changes. */
    void legible(String screen) {
        clean(screen, "color-contrast");
    }

    private void clean(String screen, String... rules) {
        page.locator("h1, h2").first().waitFor();
        page.locator(":root").evaluate("e => Promise.all(e.getAnimations({subtree: true}).map(a => a.finished))");
        Assertions.assertThat(Axe.violations(page, rules)).as(screen).isEmpty();
    }
}
