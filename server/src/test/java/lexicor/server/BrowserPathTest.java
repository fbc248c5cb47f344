package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A user's path through the real pages, by mouse and by keyboard, with axe on every screen. */
class BrowserPathTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
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
        assertThat(suspicion.locator("xpath=..")).containsText(percent("71"));
        accessible("Ask");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the couch"))
                .click();

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Anterior apprehension")))
                .click();
        side("Right, other side").getByText("Nothing found").click();
        side("Left, affected side").getByText("Apprehension").click();
        assertThat(outcomes()).containsText("Fear of slipping: apprehension");
        Locator first = page.getByLabel("Standing").locator("li").first();
        assertThat(first).containsText("Anterior instability");
        assertThat(first).containsText(percent("71"));
        assertThat(first.locator("b")).not().hasText(percent("71"));
        accessible("Couch");

        button(Pattern.compile("^Take the last tap back")).click();
        // Nothing has touched it then.
        assertThat(side("Standing").getByText("Not touched yet")).isVisible();
        assertThat(first.locator("b")).hasCount(0);
        side("Left, affected side").getByText("Apprehension").click();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Weigh"))
                .click();
        assertThat(page.getByText("What was counted")).isVisible();
        assertThat(page.locator("table").first()).containsText("Anterior apprehension");
        assertThat(page.getByText("Not weighed (")).isVisible();
        accessible("Weigh");
        String now =
                page.getByLabel("Candidates in order").locator("li b").first().textContent();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Report"))
                .click();
        page.getByText("Print the case as it stands").click();
        assertThat(page.frameLocator("iframe").getByText("does not diagnose")).isVisible();
        accessible("Print");

        LEXICOR.restart();
        enter();
        page.navigate(
                LEXICOR.url(Path.of(java.net.URI.create(page.url()).getPath()).getParent() + "/weigh"));
        assertThat(page.getByLabel("Candidates in order").locator("li b").first())
                .hasText(now);
    }

    @Test
    void aShoulderByKeyboard() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=apprehension"));
        Locator involved = side("Right, affected side");
        assertThat(involved).containsText("keys go here");
        page.keyboard().press("n");
        assertThat(pad("Left, other side", "Nothing found")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("2");
        assertThat(pad("Right, affected side", "Apprehension")).hasAttribute("aria-pressed", "true");
        assertThat(outcomes()).containsText("Fear of slipping: apprehension");
        page.keyboard().press("PageDown");
        page.keyboard().press("PageDown");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setLevel(2).setName("Relocation")))
                .isVisible();
        page.keyboard().press("PageUp");
        page.keyboard().press("PageUp");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setLevel(2).setName("Anterior apprehension")))
                .isVisible();
        page.keyboard().press("z");
        assertThat(pad("Right, affected side", "Apprehension")).hasAttribute("aria-pressed", "false");
        page.keyboard().press(".");
        assertThat(outcomes()).containsText("could not tell");
        page.keyboard().press("u");
        assertThat(side("Left, other side")).containsText("keys go here");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("take the last tap back");
        accessible("Keys");
        page.keyboard().press("Escape");
        page.keyboard().press("PageDown");
        // Looking comes first, and is where the key goes; what tells more is shown to who asks for it.
        assertThat(side("Standing")).containsText("Looking comes first");
        page.keyboard().press("g");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setLevel(2).setName(Pattern.compile("^Look: "))))
                .isVisible();
        button("Show what would tell most").focus();
        page.keyboard().press("Enter");
        String suggested = page.getByLabel("Standing").locator("h3").getAttribute("title");
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

    /** From the first look to the ranking: looking, feeling and moving as a whole, then test by test, nothing found but the weakness. */
    @Test
    void aFullShoulderWithNothingButKeys() {
        String code = open("shoulder-weakness", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch"));
        Locator hand = page.getByLabel("Current test").locator("h2");
        for (String stage : List.of("Look", "Feel", "Move")) {
            assertThat(hand).hasText(stage);
            page.keyboard().press("n");
            assertThat(button(Pattern.compile("^The rest is normal"))).isHidden();
            page.keyboard().press("ArrowDown");
        }
        int tests = 0;
        for (String before = ""; !hand.textContent().equals(before); tests++) {
            before = hand.textContent();
            page.keyboard().press("n");
            boolean weak = before.startsWith("Drop arm") || before.startsWith("Resisted external rotation");
            List<String> pads =
                    side("Right, affected side").locator("button.pad").allTextContents();
            long first = pads.stream()
                    .takeWhile(p -> !weak || !p.matches("(Arm drops|Clearly weak).*"))
                    .count();
            page.keyboard().press(Long.toString(weak ? first + 1 : 1));
            page.keyboard().press("ArrowDown");
        }
        Assertions.assertThat(tests).isGreaterThan(12);
        page.keyboard().press("w");
        assertThat(page).hasURL(Pattern.compile("/weigh$"));
        assertThat(page.getByLabel("Candidates in order"))
                .not()
                .containsText("still being saved", new LocatorAssertions.ContainsTextOptions().setTimeout(90_000));
        Locator first = page.getByLabel("Candidates in order").locator("li").first();
        String leads = LEXICOR.get("/api/cases/" + code + "/weighed")
                .body()
                .at("/standing/conditions/0/name")
                .asString();
        // What would be felt by nearly everybody with a torn cuff was not, but for the weakness.
        assertThat(first).containsText(leads);
        LEXICOR.restart();
        enter();
        page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
        assertThat(first).containsText(leads);
    }

    @Test
    void aWristLadderWithTheConnectionCutInTheMiddle() {
        String code = open("wrist-ulnar", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?test=wrist-movements"));
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Passive pronation"))
                .click();
        pad("Right, affected side", "Their pain").click();
        pad("Right, affected side", "On the palm side of the wrist").click();
        Locator ladder = side("Ladders");
        assertThat(ladder.getByText("palm side, as found")).isVisible();
        page.keyboard().press("l");
        assertThat(ladder.getByText("Step 1: Distal radioulnar")).isVisible();
        page.keyboard().press("l");
        page.keyboard().press("o");
        assertThat(page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Where"))
                        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setChecked(true)))
                .containsText("pronation");
        page.keyboard().press("h");
        assertThat(page.getByText("Rest the elbow on the table, bent")).isHidden();
        page.keyboard().press("h");
        accessible("Ladder");
        pad("Right, affected side", "Nothing found").click();
        ladder.getByText("Step 2: Volar").click();

        page.context().setOffline(true);
        pad("Left, other side", "Nothing found").click();
        pad("Right, affected side", "Nothing found").click();
        assertThat(page.locator("header").getByRole(AriaRole.STATUS)).hasText("Waiting to save, 2 taps");
        page.keyboard().press("z");
        assertThat(pad("Right, affected side", "Nothing found")).hasAttribute("aria-pressed", "false");
        pad("Right, affected side", "Nothing found").click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowUp");
        assertThat(pad("Right, affected side", "Nothing found")).hasAttribute("aria-pressed", "true");
        assertThat(outcomes()).containsText("Not done");

        page.context().setOffline(false);
        assertThat(page.locator("header").getByRole(AriaRole.STATUS)).hasText("");
        assertThat(outcomes()).containsText("Negative");
        ladder.getByText("Step 3: Ulnar fovea").click();
        pad("Right, affected side", "Tender").click();
        pad("Right, affected side", "Their pain").click();
        assertThat(ladder).containsText("suspect Triangular fibrocartilage complex injury or Ulnocarpal impaction");
        button("All taps").click();
        Locator taps = page.getByLabel("Taps", new Page.GetByLabelOptions().setExact(true));
        assertThat(taps.locator("tbody tr")).hasCount(8);
        assertThat(taps).containsText("(taken back)");
        accessible("All taps");
    }
}
