package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import lexicor.core.weighfile.WeighFile;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

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

    /** From the first look to the ranking: every planned test, both sides, nothing found but the arc and the weakness. */
    @Test
    void aFullShoulderWithNothingButKeys() {
        String code = open("shoulder-weakness", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch"));
        Locator rows = page.locator(".order-row");
        assertThat(rows.first()).isVisible();
        int planned = rows.count();
        Assertions.assertThat(planned).isGreaterThan(15);
        for (int i = 0; i < planned; i++) {
            assertThat(rows.nth(i)).hasAttribute("aria-current", "step");
            page.keyboard().press("n");
            String name = rows.nth(i).locator(".order-name").textContent();
            boolean weak = name.startsWith("Drop arm") || name.startsWith("Resisted external rotation");
            List<String> pads =
                    side("Right, the one that troubles").locator("button.pad").allTextContents();
            long first = pads.stream()
                    .takeWhile(p -> !weak || !p.matches("(Drops|Clearly weak).*"))
                    .count();
            page.keyboard().press(Long.toString(weak ? first + 1 : 1));
            page.keyboard().press("ArrowDown");
        }
        assertThat(rows.first().locator("svg[aria-label='this side: Negative']"))
                .isVisible();
        page.keyboard().press("w");
        assertThat(page).hasURL(Pattern.compile("/weigh$"));
        assertThat(page.getByLabel("Candidates in order"))
                .not()
                .containsText("still being saved", new LocatorAssertions.ContainsTextOptions().setTimeout(90_000));
        assertThat(page.getByLabel("Candidates in order").locator("li").first())
                .containsText("Full-thickness rotator cuff tear");
        LEXICOR.restart();
        enter();
        page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
        assertThat(page.getByLabel("Candidates in order").locator("li").first())
                .containsText("Full-thickness rotator cuff tear");
    }

    @Test
    void aWristLadderWithTheConnectionCutInTheMiddle() {
        String code = open("wrist-ulnar", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?test=wrist-movements"));
        pad("Right, the one that troubles", "Their pain").click();
        pad("Right, the one that troubles", "Pain volar wrist").click();
        Locator ladder = side("Ladders");
        assertThat(ladder.getByText("palm side, as found")).isVisible();
        page.keyboard().press("l");
        assertThat(ladder.getByText("Step 1: Distal radioulnar")).isVisible();
        page.keyboard().press("l");
        page.keyboard().press("o");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setChecked(true)))
                .containsText("pronation");
        page.keyboard().press("h");
        assertThat(page.getByText("Rest the elbow on the table, bent")).isHidden();
        page.keyboard().press("h");
        accessible("Ladder");
        pad("Right, the one that troubles", "Nothing found").click();
        ladder.getByText("Step 2: Volar").click();

        page.context().setOffline(true);
        pad("Left, other side", "Nothing found").click();
        pad("Right, the one that troubles", "Nothing found").click();
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("Waiting to save, 2 taps");
        page.keyboard().press("z");
        assertThat(pad("Right, the one that troubles", "Nothing found")).hasAttribute("aria-pressed", "false");
        pad("Right, the one that troubles", "Nothing found").click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowUp");
        assertThat(pad("Right, the one that troubles", "Nothing found")).hasAttribute("aria-pressed", "true");
        assertThat(outcomes()).containsText("Not done");

        page.context().setOffline(false);
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("");
        assertThat(outcomes()).containsText("Negative");
        ladder.getByText("Step 3: Ulnar fovea").click();
        pad("Right, the one that troubles", "Tender").click();
        pad("Right, the one that troubles", "Their pain").click();
        assertThat(ladder).containsText("suspect Triangular fibrocartilage complex injury or Ulnocarpal impaction");
        button("All taps").click();
        Locator taps = page.getByLabel("Taps", new Page.GetByLabelOptions().setExact(true));
        assertThat(taps.locator("tbody tr")).hasCount(8);
        assertThat(taps).containsText("(taken back)");
        accessible("All taps");
    }

    @Test
    void aTimedTestKeepsItsOnsetAndSurvivesAReload() {
        String code = open("thumb-side-tingling", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?test=phalen"));
        assertThat(side("Timer")).containsText("Up to 60 s");
        page.keyboard().press("Space");
        assertThat(button(Pattern.compile("^It comes"))).isVisible();
        // As if the hold had begun twenty seconds earlier.
        page.evaluate("() => { const t = JSON.parse(localStorage.getItem('lexicor.timer')); t.startedAt -= 20000;"
                + " localStorage.setItem('lexicor.timer', JSON.stringify(t)); }");
        page.reload();
        assertThat(page.getByRole(AriaRole.TIMER)).hasText(Pattern.compile("2[0-9] s"));
        page.keyboard().press("Space");
        assertThat(side("Timer")).containsText("Onset noted");
        assertThat(outcomes()).containsText("which fingers tingle not recorded");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tingling: Thumb, index"))
                .click();
        assertThat(outcomes()).containsText(Pattern.compile("Median tingling within 60 s: onset 2[0-9] s, median"));
        accessible("Timer");
    }

    @Test
    void theRunningOrderIsChangedKeptAndUsedAgain() {
        String code = open("hand-circulation", "left");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch"));
        assertThat(page.locator(".order-row").first()).isVisible();
        page.keyboard().press("p");
        Locator plan = page.getByRole(AriaRole.DIALOG);
        plan.getByLabel("Drop Look: swelling").click();
        plan.getByLabel("Add a test").fill("scratch coll");
        plan.getByText("Add Scratch collapse").click();
        assertThat(plan).containsText("Own order");
        assertThat(plan.locator("ol li").last()).containsText("Scratch collapse");
        plan.getByLabel("Earlier: Scratch collapse at the elbow").click();
        assertThat(plan.locator("ol li").last()).not().containsText("Scratch collapse");
        plan.getByLabel("Keep this order as a list").fill("Pottery hands");
        plan.getByText("Keep", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(plan.getByText("Use Pottery hands")).isVisible();
        accessible("Running order");
        plan.getByText("As proposed").click();
        assertThat(plan).containsText("Proposed for these candidates");
        plan.getByText("Use Pottery hands").click();
        assertThat(plan).containsText("Own order");
        plan.getByText("Done").click();
        assertThat(page.locator(".order-row").filter(new Locator.FilterOptions().setHasText("Scratch collapse")))
                .isVisible();
    }

    @Test
    void keysAreChangedAndTheDepartmentsWayShowsOnTheTest() {
        page.navigate(LEXICOR.url("/settings"));
        page.getByLabel("Find a test").fill("sulcus");
        page.getByLabel("Sulcus sign").selectOption("Grades");
        page.navigate(LEXICOR.url("/cases/HB-010/couch?test=sulcus"));
        assertThat(page.getByText("Done here as: Grades.")).isVisible();
        page.keyboard().press("?");
        page.getByLabel("Change the key: next test").click();
        page.keyboard().press("w");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("W is taken: weigh.");
        page.keyboard().press("j");
        page.keyboard().press("Escape");
        Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                .first();
        String before = page.locator("[aria-current=step]").count() == 0 ? "" : heading.textContent();
        page.keyboard().press("j");
        assertThat(heading).not().hasText(before.isEmpty() ? "Sulcus sign" : before);
        page.keyboard().press("b");
        assertThat(page.getByText("You cannot see the face")).isVisible();
        page.keyboard().press("b");
        assertThat(page.getByText("You cannot see the face")).isHidden();
    }

    @Test
    void theCouchCanBeUsedOnATelephone() {
        page.setViewportSize(390, 844);
        page.navigate(LEXICOR.url("/cases/HB-002/couch?test=apprehension"));
        assertThat(pad("Left, the one that troubles", "Fears it slipping")).isVisible();
        Assertions.assertThat(page.evaluate("document.documentElement.scrollWidth"))
                .isEqualTo(390);
        accessible("Couch, narrow");
    }

    /** What stands on the screen is what the exported case comes to when it is weighed again from the file alone. */
    @Test
    void theNumbersOnTheScreenAreThoseOfTheFile() {
        for (String code : List.of("HB-001", "HB-002", "HB-005", "HB-007")) {
            JsonNode file = LEXICOR.get("/api/cases/" + code + "/weigh-file").body();
            JsonNode again = WeighFile.answer(code + ".json", file.toString());
            page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
            Locator rows = page.getByLabel("Candidates in order").locator("li");
            assertThat(rows).hasCount(again.get("conditions").size());
            for (int i = 0; i < again.get("conditions").size(); i++) {
                JsonNode c = again.get("conditions").get(i);
                assertThat(rows.nth(i).locator("b").first())
                        .hasText(shown(c.get("posttest").asDouble()));
                assertThat(rows.nth(i)).containsText(shown(c.get("pretest").asDouble()) + " to ");
                assertThat(rows.nth(i))
                        .containsText(
                                "first in " + shown(c.get("probabilityFirst").asDouble()));
            }
            JsonNode leading = again.get("conditions").get(0);
            Locator steps = page.locator("table").first().locator("tbody tr");
            long counted = 0;
            for (JsonNode row : leading.get("ledger")) {
                counted += row.get("status").asString().equals("counted") ? 1 : 0;
            }
            assertThat(steps).hasCount((int) counted);
            assertThat(steps.last().locator("svg text"))
                    .hasText(shown(leading.get("posttest").asDouble()));
        }
    }

    /** A probability as the screens write it. */
    private static String shown(double p) {
        double value = p * 100;
        if (value < 0.05 || value >= 99.95) {
            return percent(value < 50 ? "under 0.1" : "over 99.9");
        }
        int digits = value < 0.95 || value > 99.05 || value < 9.95 ? 1 : 0;
        String text = java.math.BigDecimal.valueOf(value)
                .setScale(digits, java.math.RoundingMode.HALF_UP)
                .toPlainString();
        boolean trimmed = value >= 0.95 && value < 9.95;
        return percent(trimmed ? text.replaceAll("\\.0$", "") : text);
    }

    @Test
    void everyQuestionOfTheWeighScreenByKeyboardAlone() {
        page.navigate(LEXICOR.url("/cases/HB-002/weigh?of=slap-tear"));
        assertThat(page.getByText("Less sure than it looks")).isVisible();
        accessible("Why");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Why")).focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("people like this one at the start")).isVisible();
        accessible("A hundred people");

        page.keyboard().press("ArrowRight");
        Locator ranking = page.getByLabel("Candidates in order");
        assertThat(ranking).not().containsText("as supposed");
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Suspicion of Superior"))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Suspicion of Superior")))
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName("More likely").setExact(true))
                .focus();
        page.keyboard().press("Space");
        assertThat(ranking).containsText("as supposed");
        accessible("What if");
        JsonNode before = LEXICOR.get("/api/cases/HB-002").body().get("intake");
        button("As it is").focus();
        page.keyboard().press("Enter");
        assertThat(ranking).not().containsText("as supposed");
        Assertions.assertThat(LEXICOR.get("/api/cases/HB-002").body().get("intake"))
                .isEqualTo(before);

        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What if"))
                .focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("Cannot tell them apart")
                        .or(page.getByText("Tests that tell them apart"))
                        .first())
                .isVisible();
        accessible("Tell apart");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Tell apart"))
                .focus();
        page.keyboard().press("ArrowRight");
        assertThat(side("Best within a time").locator("li").first()).isVisible();
        assertThat(page.getByText("subject to local pathway").first()).isVisible();
        accessible("What next");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What next"))
                .focus();
        page.keyboard().press("ArrowRight");
        assertThat(side("Counts")).containsText("No published accuracy");
        accessible("Ways to weigh");
    }

    @Test
    void aSpecificityIsNeverReadAsAChance() {
        page.navigate(LEXICOR.url("/cases/HB-002/weigh"));
        page.locator("table").first().locator("details summary").first().click();
        page.getByText(Pattern.compile("^specificity 0")).first().focus();
        assertThat(page.getByRole(AriaRole.TOOLTIP))
                .containsText(Pattern.compile("Of \\d+ like this one, before the test .* positives, \\d+ have it\\."));
    }

    @Test
    void aSupposedWayIsKeptOnlyWhenToldTo() {
        String code = open("shoulder-slipping", "left");
        page.navigate(LEXICOR.url("/cases/" + code + "/weigh?tab=what-if"));
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Far more likely").setExact(true))
                .click();
        Locator first = page.getByLabel("Candidates in order").locator("li").first();
        assertThat(first).containsText("as supposed");
        button("Keep suspicion and way in the case").click();
        // 12 % at five times the odds: 0.6 / 1.48.
        assertThat(first).containsText(percent("41") + " to ");
        assertThat(first).not().containsText("as supposed");
        Assertions.assertThat(LEXICOR.get("/api/cases/" + code)
                        .body()
                        .at("/intake/candidates")
                        .toString())
                .contains("\"suspicion\":\"far-more-likely\"");
    }

    @Test
    void anImpossibleNumberIsRefusedWhereItStands() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=sulcus"));
        Locator gap = page.getByLabel("Gap, Right, in mm");
        gap.fill("900");
        gap.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Gap: expected 0 to 500 mm.");
        page.keyboard().press("d");
        assertThat(gap).isFocused();
        gap.fill("20");
        page.keyboard().press("Enter");
        assertThat(gap).not().isFocused();
        assertThat(outcomes()).containsText("gap 20 mm");
    }

    @Test
    void theDepartmentsWayAndTheCasesOwn() {
        page.navigate(LEXICOR.url("/cases/HB-004/weigh?of=slap-tear&tab=ways"));
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
        // It changes every case, so it takes a reason.
        accessible("Why it is changed");
        button("Change it").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).containsText("that say why");
        giveReason();
        assertThat(page.getByText("Tends to be too sure of itself")).isVisible();
        page.navigate(LEXICOR.url("/cases/HB-001/weigh?tab=ways"));
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Each counts in full")))
                .containsText("in use");
        page.navigate(LEXICOR.url("/settings"));
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Overlap counted"))
                .click();
        giveReason();
        assertThat(page.getByText("share what they say")).isVisible();
    }

    private void giveReason() {
        page.getByLabel("Why, for the history").fill("Agreed at the meeting");
        button("Change it").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
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
        FrameLocator paper = page.frameLocator("iframe");
        assertThat(paper.locator("body")).containsText("Stop. Same-day medical review.");
        assertThat(paper.locator("body")).containsText("The surgeon asks for it and stands by");
    }

    @Test
    void whatFitsOnOneSheetPrintsOnOneSheet() {
        for (String code : List.of("HB-001", "HB-003", "HB-004")) {
            page.navigate(LEXICOR.url("/api/cases/" + code + "/paper"));
            assertThat(page.getByText("Candidates in order")).isVisible();
            Assertions.assertThat(pages()).as(code).isEqualTo(1);
            page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
            assertThat(page.getByText("What was counted")).isVisible();
            Assertions.assertThat(pages()).as(code).isLessThanOrEqualTo(2);
        }
    }

    private long pages() {
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        String text = new String(pdf, java.nio.charset.StandardCharsets.ISO_8859_1);
        return Pattern.compile("/Type\\s*/Page\\b").matcher(text).results().count();
    }

    private static String open(String complaint, String side) {
        return LEXICOR.post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"%s\"}".formatted(complaint, side))
                .body()
                .get("code")
                .asString();
    }
}
