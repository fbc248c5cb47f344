package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A student's hour: a patient, a station and a minute of questions by keys alone, and a patient by touch. */
class PracticeBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static final int MOST_TABS = 120;

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private void goInAs(String account) {
        page.context().clearCookies();
        page.navigate(LEXICOR.url("/"));
        button(Pattern.compile("^" + account)).click();
        assertThat(button("Account of " + account)).isVisible();
    }

    /** Goes on with the Tab key until something is in focus, as somebody without a mouse does, and presses it. */
    private void pressByKeys(Locator wanted) {
        wanted.waitFor();
        for (int i = 0; i < MOST_TABS; i++) {
            if ((Boolean) wanted.evaluate("e => e === document.activeElement")) {
                page.keyboard().press("Enter");
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no key leads to " + wanted);
    }

    private Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator heading(Pattern name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    private Locator patient() {
        return page.getByLabel("The patient", new Page.GetByLabelOptions().setExact(true));
    }

    /** To the couch, with a hunch that is the usual one. */
    private void toTheCouchByKeys() {
        pressByKeys(button("May I examine you?"));
        assertThat(page.getByText("May I examine you?")).isVisible();
        pressByKeys(button("Speak up at any pain"));
        pressByKeys(link("To the couch"));
        Locator rail = page.getByRole(AriaRole.SLIDER).first();
        rail.waitFor();
        rail.focus();
        String before = rail.getAttribute("aria-valuetext");
        page.keyboard().press("ArrowRight");
        Assertions.assertThat(rail.getAttribute("aria-valuetext")).isNotEqualTo(before);
        pressByKeys(button("That is what I think"));
        assertThat(page.getByText("What you think so far")).isVisible();
    }

    private void endByKeys() {
        pressByKeys(button("End"));
        assertThat(page.getByText("How likely is each now?")).isVisible();
        pressByKeys(button("End, and hear the truth"));
        assertThat(heading(Pattern.compile("There was|None of the candidates"))).isVisible();
    }

    @Test
    void aPatientIsMetExaminedJudgedAndTalkedOverByKeysAlone() {
        goInAs("dunlin");
        pressByKeys(button("Shoulder pain"));
        assertThat(heading(Pattern.compile("^Shoulder pain"))).isVisible();
        pressByKeys(button("Shoulder pain at night?"));
        assertThat(button("Shoulder pain at night?")).hasCount(0);
        toTheCouchByKeys();
        // A patient that was met a moment ago is found in two taps from the home; the test by its address.
        page.navigate(page.url().replaceAll("\\?.*", "") + "?test=neer&at=");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Neer sign")))
                .isVisible();
        page.keyboard().press("u");
        page.keyboard().press("Enter");
        assertThat(button(Pattern.compile("^Do it again: .*, other side"))).isVisible();
        page.keyboard().press("1");
        page.keyboard().press("u");
        page.keyboard().press("Enter");
        assertThat(button(Pattern.compile("^Do it again: .*, affected side"))).isVisible();
        // Who asked to speak up hears it without looking.
        assertThat(patient().getByText("Look at the face")).hasCount(0);
        page.keyboard().press("2");
        assertThat(outcomes()).containsText("Positive");
        assertThat(page.getByLabel("Standing", new Page.GetByLabelOptions().setExact(true)))
                .hasCount(0);
        accessible("Couch with a simulated patient");
        endByKeys();
        assertThat(page.getByText("What you thought beside the truth").first()).isVisible();
        assertThat(page.getByText("The neck was not looked at")).isVisible();
        accessible("Debrief");
        Locator back = link("On the couch").first();
        pressByKeys(back);
        assertThat(page.getByText("What you thought", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(button(Pattern.compile("^Do it"))).hasCount(0);
    }

    @Test
    void theProgramsOwnIsShownToWhoeverAsksAndThatIsNoted() {
        goInAs("dunlin");
        button("Stiff shoulder").click();
        link("To the couch").click();
        button("That is what I think").click();
        button("Show the program's").click();
        assertThat(page.getByLabel("Standing", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("You asked for the program's own")).isVisible();
    }

    @Test
    void aStationThatWaitsIsSatByKeysAndALeadSeesThePoints() {
        goInAs("dunlin");
        pressByKeys(button("Sit Stiff and sore"));
        assertThat(heading(Pattern.compile("^Shoulder pain"))).isVisible();
        toTheCouchByKeys();
        assertThat(button("Show the program's")).hasCount(0);
        endByKeys();
        goInAs("heron");
        page.navigate(LEXICOR.url("/practice/stations"));
        pressByKeys(
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Results, [1-9]"))));
        assertThat(page.getByText("dunlin").first()).isVisible();
        assertThat(page.getByText("Permission, 1 of 1.").first()).isVisible();
        accessible("Results of a station");
        goInAs("dunlin");
        assertThat(page.getByText("sat once").first()).isVisible();
    }

    @Test
    void aLeadComposesAStationAndSetsUpARound() {
        goInAs("heron");
        page.navigate(LEXICOR.url("/practice/stations"));
        button("Compose a station").click();
        button("Keep it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("name");
        page.getByLabel("What it is called").fill("Slipping");
        page.getByLabel("Complaint").selectOption("shoulder-slipping");
        button("Anterior instability").click();
        page.getByLabel("A test that has to be done").selectOption("apprehension");
        page.getByLabel("dunlin").check();
        accessible("Composing a station");
        button("Keep it").click();
        assertThat(page.getByText("Slipping").first()).isVisible();
        button("Set up a round").click();
        page.getByLabel("What it is called").fill("Morning round");
        page.getByLabel(Pattern.compile("^Slipping")).check();
        page.getByLabel(Pattern.compile("^Stiff and sore")).check();
        page.getByLabel("dunlin").check();
        accessible("Setting up a round");
        button("Keep it").click();
        link("Morning round").click();
        button("Ring the first bell").click();
        assertThat(page.getByRole(AriaRole.TIMER)).isVisible();
        assertThat(page.getByLabel("Who is where")).containsText("Slipping");
        accessible("A round");
    }

    @Test
    void aMinuteOfQuestionsIsAnsweredByKeysAlone() {
        goInAs("dunlin");
        pressByKeys(page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^A minute of questions"))));
        assertThat(page.getByLabel("Question", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.navigate(LEXICOR.url("/practice/drills?kind=verdict"));
        for (int i = 1; i <= 3; i++) {
            button(Pattern.compile("^Positive")).waitFor();
            page.keyboard().press("1");
            assertThat(button("Next")).isFocused();
            assertThat(page.getByText("of " + i + " right")).isVisible();
            page.keyboard().press("Enter");
        }
        page.navigate(LEXICOR.url("/practice/drills?kind=baseRate"));
        Locator rail = page.getByRole(AriaRole.SLIDER);
        rail.focus();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.IMG)).isVisible();
        accessible("A question about a base rate");
        page.navigate(LEXICOR.url("/practice/drills?kind=landmark"));
        pressByKeys(button(Pattern.compile("^Place 1$")).first());
        assertThat(button("Next")).isVisible();
        accessible("A question about a landmark");
    }

    @Test
    void aPatientIsExaminedByTouchOnATelephone() {
        Page phone = page.context()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true))
                .newPage();
        page = phone;
        page.navigate(LEXICOR.url("/"));
        button(Pattern.compile("^dunlin")).tap();
        button("Tingling in thumb, index, middle finger").tap();
        button("May I examine you?").tap();
        link("To the couch").tap();
        page.navigate(page.url().replaceAll("\\?.*", "") + "?test=phalen&at=");
        button("How likely is each?").tap();
        button("That is what I think").tap();
        page.getByLabel("Clock at double speed").check();
        button(Pattern.compile("^Do it: .*, other side")).tap();
        assertThat(patient().getByRole(AriaRole.TIMER)).isVisible();
        button(Pattern.compile("^Do it: .*, affected side")).tap();
        assertThat(button(Pattern.compile("^Do it again: .*, affected side"))).isVisible();
        page.getByLabel("Your hunches")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("End"))
                .tap();
        button("End, and hear the truth").tap();
        assertThat(heading(Pattern.compile("There was|None of the candidates"))).isVisible();
        Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }
}
