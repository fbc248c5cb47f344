package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Doors and memory through the real pages: signing in, the lock, the history, the end of a case. */
class PeopleBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

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

    @Test
    void theDemosPeopleComeInByOneClickAndSeeWhatTheyMay() {
        page.context().clearCookies();
        page.navigate(LEXICOR.url("/"));
        assertThat(page.getByLabel("Demo")).containsText("Made-up people");
        accessible("Sign in");
        page.getByLabel("Name").fill("tern");
        page.getByLabel("Password").fill("not the password at all");
        button("Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Name or password is not right.");
        button(Pattern.compile("^owl")).click();
        assertThat(heading("History of the department")).isVisible();
        page.getByLabel("History of a case").fill("hb-001");
        button("Read").click();
        assertThat(heading("History of HB-001")).isVisible();
        assertThat(page.getByText("recorded").first()).isVisible();
        goInAs("dunlin");
        assertThat(heading("Practice")).isVisible();
        goInAs("tern");
        assertThat(heading("Cases")).isVisible();
        page.navigate(LEXICOR.url("/settings"));
        assertThat(page.getByText("set by its leads")).isVisible();
    }

    @Test
    void aLockedScreenKeepsTheRecordingAndTheTapsThatWait() {
        goInAs("plover");
        page.navigate(LEXICOR.url("/cases/HB-010/couch?test=resisted-wrist-extension"));
        assertThat(pad("Right, affected side", "Their pain")).isVisible();
        page.context().setOffline(true);
        side("Right, affected side").getByText("Their pain").click();
        assertThat(page.getByText("Waiting to save, 1 tap")).isVisible();
        page.context().setOffline(false);
        assertThat(page.getByText("Waiting to save")).isHidden();
        account("Lock the screen");
        assertThat(heading("Locked")).isVisible();
        assertThat(page.getByText("Their pain").first()).isHidden();
        accessible("Locked");
        page.reload();
        assertThat(heading("Locked")).isVisible();
        page.getByLabel("Password").fill("a wrong one");
        button("Open").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not right");
        button(Pattern.compile("^Somebody else")).click();
        button(Pattern.compile("^plover")).click();
        assertThat(pad("Right, affected side", "Their pain")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void anIdleScreenWarnsThenLocksAndNothingOfAPatientIsLeftOnIt() {
        goInAs("plover");
        page.context().clock().install();
        page.navigate(LEXICOR.url("/cases/HB-010/couch?test=resisted-wrist-extension"));
        button(Pattern.compile("^All taps")).click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.context().clock().fastForward("09:20");
        assertThat(page.getByText("The screen locks within a minute")).isVisible();
        accessible("About to lock");
        page.keyboard().press("Shift");
        assertThat(page.getByText("The screen locks within a minute")).isHidden();

        // Another tab in use keeps this one open.
        Page second = page.context().newPage();
        second.navigate(LEXICOR.url("/cases"));
        assertThat(second.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cases")))
                .isVisible();
        page.context().clock().fastForward("09:00");
        second.keyboard().press("Shift");
        // It comes to this tab by way of the browser, which takes a moment.
        String alive = "() => localStorage.getItem('lexicor.alive')";
        page.waitForCondition(() -> page.evaluate(alive).equals(second.evaluate(alive)));
        page.context().clock().fastForward("05:00");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();

        page.context().clock().fastForward("06:00");
        assertThat(heading("Locked")).isVisible();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByText("HB-010")).hasCount(0);
        assertThat(page.getByLabel("Password")).isFocused();
        assertThat(second.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Locked")))
                .isVisible();
        second.close();
    }

    @Test
    void aReadingIsBroughtBackFromTheHistoryAndACaseIsDeletedInTwoSteps() {
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=sulcus"));
        page.getByLabel("Gap below the acromion, Right, in mm").fill("21");
        page.keyboard().press("Enter");
        assertThat(outcomes()).containsText("gap below the acromion: 21 mm");
        page.getByLabel("Gap below the acromion, Right, in mm").fill("2");
        page.keyboard().press("Enter");
        assertThat(outcomes()).containsText("gap below the acromion: 2 mm");
        page.navigate(LEXICOR.url("/cases/HB-011/history"));
        button("As it stood then").nth(1).click();
        assertThat(page.getByLabel("As it stood then").last()).containsText("positive");
        accessible("History of a case");
        button("Bring back what was there").first().click();
        page.navigate(LEXICOR.url("/cases/HB-011/couch?test=sulcus"));
        assertThat(page.getByLabel("Gap below the acromion, Right, in mm")).hasValue("21");

        page.navigate(LEXICOR.url("/cases/HB-011/ask"));
        page.getByLabel("What happened").fill("Mr Plank says it slips");
        page.getByLabel("What happened").blur();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("looks like a name");
        button("Understood").click();
        page.getByText("Whose case it is").click();
        button("Delete the case").click();
        page.getByLabel("Why it is deleted").fill("Opened for a try");
        accessible("Delete");
        button("Go on").click();
        assertThat(button("Delete it")).isDisabled();
        page.getByLabel(Pattern.compile("Type HB-011")).fill("HB-011");
        button("Delete it").click();
        assertThat(heading("Cases")).isVisible();
        assertThat(page.getByText("HB-011")).hasCount(0);
        page.navigate(LEXICOR.url("/history"));
        assertThat(page.getByLabel("Changes in the department").getByText("Opened for a try"))
                .isVisible();
        accessible("History of the department");
        page.navigate(LEXICOR.url("/people"));
        assertThat(page.getByText("dunlin")).isVisible();
        accessible("People");
    }

    private void account(String item) {
        button(Pattern.compile("^Account of")).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    private com.microsoft.playwright.Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }
}
