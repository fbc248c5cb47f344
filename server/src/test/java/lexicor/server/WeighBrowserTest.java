package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import lexicor.core.weighfile.WeighFile;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * Weighing and what comes of it on paper: the numbers are those of the file, each says where it comes from, and textbook patients are read
 * as a clinician expects.
 */
class WeighBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    @Test
    void theNumbersOnTheScreenAreThoseOfTheFile() {
        for (String code : List.of("HB-001", "HB-002", "HB-005", "HB-007")) {
            JsonNode file = LEXICOR.get("/api/cases/" + code + "/weigh-file").body();
            JsonNode again = WeighFile.answer(code + ".json", file.toString());
            page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
            Locator rows = page.getByLabel("Candidates in order").locator("li");
            Map<String, JsonNode> byId = new HashMap<>();
            again.get("conditions").forEach(c -> byId.put(c.get("id").asString(), c));
            JsonNode standing =
                    LEXICOR.get("/api/cases/" + code + "/weighed").body().at("/standing/conditions");
            // One row each, those that nothing has a figure for apart.
            assertThat(rows).hasCount(standing.size());
            for (JsonNode placed : standing) {
                if (placed.get("weighed").asBoolean()) {
                    JsonNode c = byId.get(placed.get("id").asString());
                    Locator row = rows.filter(new Locator.FilterOptions()
                                    .setHasText(placed.get("rank") + ". "
                                            + placed.get("name").asString()))
                            .first();
                    assertThat(row.locator("b").first())
                            .hasText(shown(c.get("posttest").asDouble()));
                    assertThat(row).containsText(shown(c.get("pretest").asDouble()) + " before, ");
                    assertThat(row)
                            .containsText("first in "
                                    + shown(c.get("probabilityFirst").asDouble()));
                }
            }
            JsonNode leading = again.get("conditions").get(0);
            Locator steps = page.locator("table").first().locator("tbody tr");
            // What the others and the clusters change is a step as well.
            JsonNode path = LEXICOR.get("/api/cases/" + code + "/weighed")
                    .body()
                    .at("/reasons/" + leading.get("id").asString() + "/path");
            int listed = path.size();
            for (JsonNode row : leading.get("ledger")) {
                String id = row.get("id").asString();
                boolean hasStep = false;
                for (JsonNode step : path) {
                    hasStep |= step.get("id").asString().equals(id);
                }
                // A member of a cluster that takes its place in the steps.
                listed += row.get("status").asString().equals("counted") && !hasStep ? 1 : 0;
            }
            assertThat(steps).hasCount(listed);
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
        page.navigate(LEXICOR.url("/cases/HB-002/weigh?of=multidirectional-instability"));
        assertThat(page.getByText("Less sure than it looks")).isVisible();
        page.navigate(LEXICOR.url("/cases/HB-002/weigh?of=anterior-instability"));
        accessible("Why");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Why")).focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("people like this one at the start")).isVisible();
        accessible("A hundred people");

        page.keyboard().press("ArrowRight");
        Locator ranking = page.getByLabel("Candidates in order");
        assertThat(ranking).not().containsText("as supposed");
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Suspicion of Anterior"))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Suspicion of Anterior")))
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName("Less likely").setExact(true))
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
                        .or(page.getByText("No test in the packs has figures for both"))
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
        page.getByText(Pattern.compile("^specificity [01]"))
                .locator("visible=true")
                .first()
                .focus();
        assertThat(page.getByRole(AriaRole.TOOLTIP))
                .containsText(Pattern.compile("Of \\d+ like this one, before the test .* positives, \\d+ have it\\."));
    }

    /** What a sore top of the shoulder makes hurt counts less for subacromial pain, and the screen says by how much. */
    @Test
    void whatElseWouldExplainThisIsSaidAndCanBeTried() {
        JsonNode weighed = LEXICOR.get("/api/cases/HB-005/weighed").body();
        JsonNode rival = null;
        for (JsonNode c : weighed.at("/standing/conditions")) {
            rival = c.get("id").asString().equals("subacromial-pain") ? c.at("/rivals/0") : rival;
        }
        Assertions.assertThat(rival.get("condition").asString()).isEqualTo("acromioclavicular-pain");
        Assertions.assertThat(rival.get("ifAbsent").asDouble()).isGreaterThan(0.6);
        page.navigate(LEXICOR.url("/cases/HB-005/weigh?of=subacromial-pain"));
        Locator part = side("What else would explain this");
        assertThat(part)
                .containsText("Acromioclavicular joint pain, "
                        + shown(rival.get("pretest").asDouble()) + " before, "
                        + shown(rival.get("now").asDouble()) + " now");
        assertThat(part)
                .containsText("With acromioclavicular joint pain excluded, this would stand at "
                        + shown(rival.get("ifAbsent").asDouble()) + ".");
        assertThat(part.getByRole(AriaRole.IMG).first())
                .hasAttribute(
                        "aria-label",
                        Pattern.compile(".*to " + shown(rival.get("ifAbsent").asDouble())));
        accessible("What else would explain this");

        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What if"))
                .click();
        Locator ranking = page.getByLabel("Candidates in order");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("1 in 2"))
                .click();
        assertThat(ranking).containsText("as supposed");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Ways to weigh"))
                .click();
        for (String way : List.of(
                "Sober",
                "Weighed together",
                "Overlap counted",
                "Each counts in full",
                "Strongest of a family",
                "Clusters only")) {
            assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName(way)))
                    .isVisible();
        }
        page.navigate(LEXICOR.url("/cases/HB-005/couch"));
        assertThat(side("Standing").getByText("held down by")).hasCount(1);
        page.navigate(LEXICOR.url("/cases/HB-002/weigh?of=anterior-instability"));
        page.getByText("How right the program is, and where it is wrong").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Where it is wrong")))
                .isVisible();
        accessible("How right the program is");
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
        // Even odds, five times.
        assertThat(first).containsText("begins at " + percent("83"));
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
        Locator gap = page.getByLabel("Gap below the acromion, Right, in mm");
        gap.fill("900");
        gap.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Gap below the acromion: expected 0 to 500 mm.");
        page.keyboard().press("d");
        assertThat(gap).isFocused();
        gap.fill("20");
        page.keyboard().press("Enter");
        assertThat(gap).not().isFocused();
        assertThat(outcomes()).containsText("gap below the acromion: 20 mm");
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
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Expected a number from 0 to 0.9");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Each counts in full"))
                .click();
        // It changes every case, so it takes a reason.
        accessible("Why it is changed");
        button("Change it").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).containsText("reason of at least");
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
    void aCasePrintsOnTwoSheetsAtMost() {
        for (String code : List.of("HB-001", "HB-003", "HB-004")) {
            page.navigate(LEXICOR.url("/api/cases/" + code + "/paper"));
            assertThat(page.getByText("Candidates in order")).isVisible();
            Assertions.assertThat(pages()).as(code).isLessThanOrEqualTo(2);
            page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
            assertThat(page.getByText("What was counted")).isVisible();
            Assertions.assertThat(pages()).as(code).isLessThanOrEqualTo(2);
            // A sheet that runs no scripts is looked at as a copy that does.
            page.setContent(new String(LEXICOR.caller().download("/api/cases/" + code + "/paper"), UTF_8));
            accessible("Paper of " + code);
        }
    }

    private long pages() {
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        String text = new String(pdf, java.nio.charset.StandardCharsets.ISO_8859_1);
        return Pattern.compile("/Type\\s*/Page\\b").matcher(text).results().count();
    }

    /** The same sign at five fingers is one observation: a quiet thumb does not outvote the ring finger. */
    @Test
    void aRingFingerThatCatchesBesideAQuietThumb() {
        String code = open("finger-trouble", "right");
        at(code, "trigger-finger&at=ring");
        tap("Ring finger catches or locks");
        tap("Tender");
        at(code, "trigger-finger&at=thumb");
        tap("Nothing found");
        leads(code, "Trigger finger", "diagnosed by its sign");
    }

    /** Pain that nobody asked about does not deny a joint that opens; its line offers the answer, and what is answered counts. */
    @Test
    void anInnerElbowThatOpensAndAPainThatNobodyAskedAbout() {
        String code = open("elbow-medial", "right");
        at(code, "valgus-stress-30");
        tap("Loose");
        Locator asked = page.getByLabel("pain with it?");
        assertThat(asked).isVisible();
        Locator posttest = page.getByLabel("Standing").locator("li").first().locator("b");
        String before = posttest.textContent();
        asked.getByRole(AriaRole.BUTTON).first().click();
        assertThat(asked).hasCount(0);
        assertThat(posttest).not().hasText(before);
        page.keyboard().press("z");
        assertThat(asked).isVisible();
        assertThat(posttest).hasText(before);
    }

    /** Where a passive movement is lost, its loss speaks; what nobody touched stays below. */
    @Test
    void aShoulderThatNobodyCanTurnOutward() {
        String code = open("shoulder-stiff", "right");
        at(code, "shoulder-movements&at=external-rotation-at-side");
        side("Left, other side").getByText("Something found").click();
        measure("left", "60");
        measure("right", "20");
        leads(code, "Frozen shoulder");
    }

    private void at(String code, String test) {
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?test=" + test));
    }

    private void tap(String label) {
        Locator pad = pad("Right, affected side", label);
        pad.click();
        assertThat(pad).hasAttribute("aria-pressed", "true");
    }

    private void measure(String side, String degrees) {
        Locator passive = page.getByRole(
                AriaRole.TEXTBOX,
                new Page.GetByRoleOptions().setName(Pattern.compile("passive, " + side, Pattern.CASE_INSENSITIVE)));
        passive.fill(degrees);
        passive.press("Enter");
    }

    /** First in the standing with a number of its own, and first on Weigh. */
    private void leads(String code, String condition, String... words) {
        Locator first = page.getByLabel("Standing").locator("li").first();
        assertThat(first).containsText(Pattern.compile(condition, Pattern.CASE_INSENSITIVE));
        for (String w : List.of(words)) {
            assertThat(first).containsText(Pattern.compile(w, Pattern.CASE_INSENSITIVE));
        }
        page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
        assertThat(page.getByLabel("Candidates in order")
                        .getByRole(AriaRole.BUTTON)
                        .first())
                .containsText(Pattern.compile("1\\. " + condition, Pattern.CASE_INSENSITIVE));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile(condition))))
                .isVisible();
    }
}
