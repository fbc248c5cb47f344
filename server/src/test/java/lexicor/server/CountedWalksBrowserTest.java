package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What is done most, by as few keys or taps as it may take; each is counted. */
class CountedWalksBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private int count;

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
            count++;
        }
    }

    private void tap(Locator what) {
        what.click();
        count++;
    }

    private void taken(int most) {
        Assertions.assertThat(count).as("keys and taps").isLessThanOrEqualTo(most);
        count = 0;
    }

    private Locator hand() {
        return page.getByLabel("Current test").locator("h2");
    }

    private void couch(String code, String query) {
        page.navigate(LEXICOR.url("/cases/" + code + "/couch" + query));
        assertThat(hand()).isVisible();
    }

    @Test
    void fromNoCaseToTheFirstFinding() {
        page.navigate(LEXICOR.url("/cases"));
        tap(button("New case"));
        page.getByLabel("What brings the patient").selectOption("shoulder-slipping");
        // On a tablet a list is opened and chosen from.
        count += 2;
        tap(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Left")));
        tap(button("Straight to the couch"));
        assertThat(hand()).hasText("Look");
        tap(button(Pattern.compile("^The rest is normal")));
        taken(6);
        assertThat(button(Pattern.compile("^The rest is normal"))).isHidden();
    }

    @Test
    void aPanelOfTenIsPutInAndWalkedByTouch() {
        page.setViewportSize(1180, 820);
        couch(open("shoulder-slipping", "right"), "?test=apprehension");
        tap(button("Change"));
        tap(button(Pattern.compile("^Labral panel, 10, about \\d+ min")));
        taken(2);
        assertThat(page.getByText("Labral panel: in the order")).isVisible();
        button("Done").click();
        Locator sets = page.getByLabel("Sets");
        sets.getByText("Labral panel").click();
        assertThat(sets).containsText("0 of 10 done");
        assertThat(page.locator(".order-row")).hasCount(10);
        pad("Left, other side", "Nothing found").click();
        pad("Right, affected side", "Nothing found").click();
        assertThat(sets).containsText("1 of 10 done");
        accessible("A set by itself");
        page.getByText("Back to the whole order").click();
        assertThat(sets).containsText("Labral panel: 1 of 10 done");
    }

    @Test
    void twoComplaintsFromNoCaseToTheCouchByKeyboard() {
        page.navigate(LEXICOR.url("/cases"));
        to(button("New case"), "Enter");
        to(page.getByLabel("What brings the patient"), "S", "t", "i", "f", "f", " ", "s");
        to(button("Open the case"), "Enter");
        to(page.getByLabel("And what else"), "T", "i", "n", "g", "l", "i", "n", "g", " ", "i", "n", " ", "t");
        assertThat(page.locator("header")).containsText("Stiff shoulder");
        assertThat(page.locator("header")).containsText("and tingling in thumb");
        Locator tunnel = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Carpal tunnel syndrome"));
        assertThat(tunnel).hasCount(1);
        assertThat(tunnel.getByText(Pattern.compile("^now "))).hasCount(0);
        Locator shaking = asked("^Shaking the hand eases the tingling");
        to(shaking.getByText("Yes"), " ");
        // The rail moves while one asks, and what follows from the answer is asked below it.
        assertThat(tunnel.getByText(Pattern.compile("^now "))).isVisible();
        assertThat(page.locator("[data-below=true]").first()).isVisible();
        // Two answers that cannot both be so: the first stands, and what is refused is named in words, in sight.
        Locator weeks = asked("^The shoulder grew stiff within weeks");
        Locator years = asked("^The shoulder has grown stiffer and sorer");
        to(weeks.getByText("Yes"), " ");
        to(years.getByText("Yes"), " ");
        Locator refused = page.getByRole(AriaRole.ALERT);
        assertThat(refused).containsText("cannot both be so; take one of them back first");
        assertThat(refused).not().containsText("intake");
        assertThat(refused).isInViewport();
        assertThat(weeks.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setChecked(true)))
                .hasText("Yes");
        assertThat(years.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setChecked(true)))
                .hasCount(0);
        accessible("Ask, two complaints");
        to(
                page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Couch").setExact(true)),
                "Enter");
        assertThat(hand()).isVisible();
        assertThat(page.getByLabel("Standing").first()).containsText("Carpal tunnel");
    }

    private Locator asked(String question) {
        return page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(Pattern.compile(question)));
    }

    /** Goes with Tab alone to what is wanted, and presses these there. */
    private void to(Locator wanted, String... keys) {
        assertThat(wanted).isVisible();
        for (int i = 0; i < 150 && !(Boolean) wanted.evaluate("e => e === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
        assertThat(wanted).isFocused();
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    @Test
    void lookingAndFeelingFourNormalThings() {
        String code = open("shoulder-pain", "right");
        couch(code, "");
        assertThat(hand()).hasText("Look");
        press("n", "ArrowDown");
        assertThat(hand()).hasText("Feel");
        press("n");
        assertThat(button(Pattern.compile("^The rest is normal"))).isHidden();
        taken(6);
        // All of it is taken back by one key, and stands after a reload.
        assertThat(page.locator("header").getByRole(AriaRole.STATUS)).hasText("");
        page.reload();
        assertThat(button(Pattern.compile("^The rest is normal"))).isHidden();
    }

    @Test
    void theWristByItsLandmarks() {
        String code = open("wrist-radial", "left");
        couch(code, "?stage=feel");
        tap(button(Pattern.compile("^\\d+, Snuffbox")));
        tap(side("Left, affected side").getByText("Their pain"));
        tap(button(Pattern.compile("^\\d+, First compartment")));
        press("n");
        assertThat(button(Pattern.compile("^\\d+, Snuffbox, .*affected side positive")))
                .isVisible();
        assertThat(button(Pattern.compile("^\\d+, Scaphotrapezial joint, other side negative, affected side negative")))
                .isVisible();
        press("z");
        assertThat(button(Pattern.compile("^\\d+, Scaphotrapezial joint$"))).isVisible();
        assertThat(button(Pattern.compile("^\\d+, First compartment, affected side")))
                .isVisible();
        taken(20);
    }

    @Test
    void theInstabilityChain() {
        String code = open("shoulder-slipping", "right");
        couch(code, "?test=apprehension");
        press("n", "2", "ArrowDown", "ArrowDown");
        assertThat(hand()).hasText("Relocation test");
        press("n", "2");
        assertThat(outcomes()).not().containsText("Not done");
        taken(9);
    }

    @Test
    void aClusterOfFiveByItself() {
        String code = open("shoulder-pain", "right");
        couch(code, "?test=neer");
        tap(button(Pattern.compile("^One cluster")));
        tap(page.getByRole(
                AriaRole.MENUITEM,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Subacromial pain, three of five"))));
        Locator cluster = page.getByLabel("Cluster").first();
        for (int i = 0; i < 5; i++) {
            press("n", "2");
            press("ArrowDown");
        }
        assertThat(cluster).containsText("positive");
        assertThat(page.locator(".order-row")).hasCount(5);
        taken(19);
    }

    @Test
    void theTimeThereIs() {
        String code = open("shoulder-pain", "right");
        couch(code, "?test=neer");
        int all = page.locator(".order-row").count();
        tap(page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName("20").setExact(true)));
        taken(1);
        assertThat(page.getByText(Pattern.compile("^\\d+ left out, \\d+ min"))).isVisible();
        Assertions.assertThat(page.locator(".order-row").count()).isLessThan(all);
        page.getByText(Pattern.compile("^\\d+ left out")).click();
        assertThat(page.getByText("tells less a minute than what is kept").first())
                .isVisible();
    }

    @Test
    void whereItHurtsAndWhatFits() {
        String code = open("shoulder-pain", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/ask"));
        tap(button("Right: outer side of the elbow"));
        tap(button("Outer elbow pain"));
        assertThat(page.getByLabel("What brings the patient")).hasValue("elbow-lateral");
        taken(2);
        assertThat(button("Take back: Right, outer side of the elbow")).isVisible();
    }

    @Test
    void aRangeOnBothSidesWithItsEndFeel() {
        String code = open("shoulder-stiff", "right");
        couch(code, "?stage=move");
        tap(button("External rotation at the side"));
        page.getByLabel(Pattern.compile("active, External rotation at the side, Left"))
                .fill("70");
        page.getByLabel(Pattern.compile("active, External rotation at the side, Right"))
                .fill("30");
        page.getByLabel(Pattern.compile("passive, External rotation at the side, Right"))
                .fill("35");
        page.getByLabel("End feel, External rotation at the side, Right").selectOption("firm");
        count += 4;
        assertThat(page.getByText("Read together")).hasCount(0);
        taken(5);
        page.navigate(LEXICOR.url("/cases/" + code + "/measures?tab=range"));
        assertThat(page.getByText("end feel firm").first()).isVisible();
    }

    @Test
    void aTimerIsStoppedByTheFingerThatTingles() {
        couch(open("thumb-side-tingling", "right"), "?test=phalen");
        press(" ");
        tap(side("Right, affected side")
                .or(page.getByLabel("Current test"))
                .locator("[role=button][aria-label*=ndex]")
                .last());
        assertThat(page.getByText("Onset noted")).isVisible();
        taken(2);
    }

    @Test
    void fromATestToItsFiguresAndFromAVisitToTheNext() {
        couch("HB-001", "?test=drop-arm");
        tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Evidence")));
        assertThat(page.getByText("Of Drop arm")).isVisible();
        taken(1);
        String code = open("shoulder-slipping", "left");
        couch(code, "?test=sulcus");
        page.keyboard().press("n");
        assertThat(page.locator("header").getByRole(AriaRole.STATUS)).hasText("");
        JsonNode view = LEXICOR.get("/api/cases/" + code).body();
        LEXICOR.put(
                "/api/cases/" + code + "/visits/1/day",
                "{\"version\":%s,\"day\":\"%s\"}"
                        .formatted(view.get("version"), LocalDate.now().minusDays(9)));
        couch(code, "?test=sulcus");
        tap(button(Pattern.compile("^Begin visit")));
        assertThat(button(Pattern.compile("^Begin visit"))).isHidden();
        taken(1);
    }

    @Test
    void keysGoOnAfterATapAnywhereAndUndoFollowsOverSidesAndPlaces() {
        couch(open("shoulder-pain", "right"), "?test=shoulder-movements");
        tap(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Abduction")));
        press("2", "u", "1", "o", "2");
        Locator where = page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Where"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setChecked(true));
        press("z", "z");
        assertThat(where).hasText("Abduction");
        assertThat(side("Left, other side")).containsText("keys go here");
        press("z");
        assertThat(side("Right, affected side")).containsText("keys go here");
        taken(9);
    }

    @Test
    void everythingOfATestOnAnUprightTabletByTouchAndBackFromTheStrip() {
        page.setViewportSize(820, 1180);
        couch(open("shoulder-pain", "right"), "?test=neer");
        tap(pad("Left, other side", "Nothing found"));
        tap(pad("Right, affected side", "Their pain"));
        tap(page.getByLabel("Next", new Page.GetByLabelOptions().setExact(true)));
        assertThat(hand()).not().hasText("Neer sign");
        tap(page.getByLabel("Previous"));
        assertThat(hand()).hasText("Neer sign");
        taken(4);
        assertThat(page.getByLabel("Standing").first()).containsText("before");
        button("Whole standing").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Standing");
        accessible("Standing, upright");
        page.keyboard().press("Escape");
        page.locator(".order-strip button").nth(1).click();
        assertThat(page.getByRole(AriaRole.DIALOG).locator(".order-row").first())
                .isVisible();
        accessible("Order, upright");
    }

    /** At 320 px the page scrolls as one, and what has the focus is never under what stays at the edge. */
    @Test
    void aWalkMagnifiedFourTimes() {
        page.setViewportSize(320, 640);
        couch(open("shoulder-pain", "right"), "?test=neer");
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            Assertions.assertThat(
                            (Boolean)
                                    page.evaluate(
                                            """
                            () => {
                              const e = document.activeElement;
                              const strip = document.querySelector('.standing-strip');
                              if (!e || e === document.body || strip.contains(e)) return true;
                              const r = e.getBoundingClientRect();
                              const edge = getComputedStyle(strip).position === 'sticky' ? strip.getBoundingClientRect().top : innerHeight;
                              return r.top < edge && r.bottom > 0;
                            }
                            """))
                    .as("stop " + i + ": " + page.evaluate("document.activeElement.outerHTML.slice(0, 160)"))
                    .isTrue();
        }
        Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isEqualTo(320);
        pad("Right, affected side", "Their pain").click();
        assertThat(outcomes()).containsText("Familiar pain");
    }

    @Test
    void anAddressThatIsNoneAnswersWithAPageAndAWayBack() {
        Response answer = page.navigate(LEXICOR.url("/no/such/room"));
        Assertions.assertThat(answer.status()).isEqualTo(404);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("There is no such page")))
                .isVisible();
        page.getByText("To the cases").click();
        assertThat(page).hasTitle("Cases \u00b7 Lexicor");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Help"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Using Lexicor")))
                .isVisible();
        assertThat(page.locator(".help")).containsText("Couch");
        // A program that asks for what is none is told so as ever.
        Assertions.assertThat(LEXICOR.get("/api/no-such").status()).isEqualTo(403);
    }
}
