package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Textbook patients as a clinician meets them: tapped on the couch, and read in the standing and on Weigh. */
@Tag("slow")
class TextbookPatientsBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
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
