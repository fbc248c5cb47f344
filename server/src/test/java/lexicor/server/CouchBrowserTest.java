package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** At the couch: the timer, the running order, keys of one's own, a telephone, and what is blocked. */
class CouchBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
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
        assertThat(outcomes()).containsText("which fingers tingle?");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Tingling: Thumb").setExact(true))
                .click();
        assertThat(outcomes())
                .containsText(Pattern.compile("Median tingling within 60 s: after 2[0-9] s, tingling in thumb"));
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
        plan.getByText("Add Scratch collapse at the elbow").click();
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
        assertThat(page.locator(".order-row").filter(new Locator.FilterOptions().setHasText("Scratch collapse, elbow")))
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
        assertThat(pad("Left, affected side", "Apprehension")).isVisible();
        Assertions.assertThat(page.evaluate("document.documentElement.scrollWidth"))
                .isEqualTo(390);
        accessible("Couch, narrow");
    }

    /** What stands on the screen is what the exported case comes to when it is weighed again from the file alone. */
    @Test
    void aBlockedTestAndAWarningSign() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=kim"));
        assertThat(side("Blocked")).containsText("known recent subluxation");
        accessible("Blocked");
        page.keyboard().press("2");
        assertThat(page.locator("button.pad")).hasCount(0);
        button("Go ahead all the same").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("at least 10 letters");
        page.getByLabel("Going ahead takes a written reason").fill("The surgeon asks for it and stands by");
        button("Go ahead all the same").click();
        pad("Right, affected side", "Their pain").click();
        assertThat(page.getByText("The surgeon asks for it and stands by")).isVisible();

        page.navigate(LEXICOR.url("/cases/HB-011/ask"));
        page.getByText("Warning signs:").click();
        page.getByLabel("Hot, swollen or suddenly very stiff joint, or spreading redness, with or without fever")
                .click();
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("Stop. Emergency assessment today for joint infection; no injection.");
        accessible("Warning");
        page.navigate(LEXICOR.url("/cases/HB-011/print"));
        FrameLocator paper = page.frameLocator("iframe");
        assertThat(paper.locator("body"))
                .containsText("Stop. Emergency assessment today for joint infection; no injection.");
        assertThat(paper.locator("body")).containsText("The surgeon asks for it and stands by");
    }
}
