package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A lead's walk: notes how a case came out, sees the table move, takes over a base rate, and finds a closed case unchanged. */
class OutcomesBrowserTest extends EveryPage {
    @RegisterExtension
    static final Running YEAR = Running.demoYear(40);

    private static final String CLOSED = "SIM-001";

    @Override
    Running lexicor() {
        return YEAR;
    }

    private Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static int counted() {
        return YEAR.get("/api/outcomes/accuracy")
                .body()
                .at("/restsOn/withOutcome")
                .asInt();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/outcomes", "/cases/SIM-001/outcome"})
    void isForEverybody(String path) {
        look(path);
    }

    @Test
    void whatCameOutIsNotedCountedAndLearnedFrom() {
        JsonNode closed = YEAR.get("/api/cases/" + CLOSED + "/weighed").body();
        int before = counted();
        page.navigate(YEAR.url("/cases/HB-001/outcome"));
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Note what came out"));
        form.getByLabel("By what").selectOption("mri");
        Locator first = form.getByRole(AriaRole.LISTITEM).first();
        String name = first.locator("span").first().textContent();
        first.getByText("Present").click();
        button("Note it").click();
        assertThat(region("What was noted")).containsText(name + ": present");
        assertThat(region("Conditions").getByRole(AriaRole.LISTITEM).first()).containsText("present, MRI");
        assertThat(region("Conditions").getByRole(AriaRole.LISTITEM).first()).containsText("the program said");
        accessible("What came out");

        page.navigate(YEAR.url("/outcomes/accuracy"));
        assertThat(page.getByText(Pattern.compile("something came out of " + (before + 1) + "\\.")))
                .isVisible();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Base rates"))
                .click();
        Locator take = button(Pattern.compile("^Take over")).first();
        String words = take.getAttribute("aria-label");
        take.click();
        page.getByLabel("Why, for the history").fill("Agreed at the meeting");
        button("Take it over").click();
        assertThat(page.getByText(Pattern.compile(", as learned")).first()).isVisible();
        Assertions.assertThat(words).startsWith("Take over ");

        JsonNode after = YEAR.get("/api/cases/" + CLOSED + "/weighed").body();
        Assertions.assertThat(after.get("standing")).isEqualTo(closed.get("standing"));
        page.navigate(YEAR.url("/cases/" + CLOSED + "/outcome"));
        assertThat(page.getByText("A simulated case: nobody's patient")).isVisible();
        assertThat(page.getByText(Pattern.compile("It keeps the figures and settings of that moment")))
                .isVisible();
    }

    @Test
    void theMeetingsPageLeadsToWhatItNames() {
        page.navigate(YEAR.url("/outcomes"));
        assertThat(region("How it came out").getByRole(AriaRole.ROW).nth(1)).isVisible();
        Locator things = region("Three things to change");
        assertThat(things).isVisible();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Waiting for an answer"))
                .click();
        Locator waits = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Waiting for an answer"))
                .getByRole(AriaRole.LINK)
                .first();
        waits.click();
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("What came out").setExact(true)))
                .isVisible();
        button("No answer will come").first().click();
        page.getByLabel("Why, for the history").fill("Moved to another town");
        button("Stop waiting").click();
        assertThat(region("Waiting for an answer")).containsText("Moved to another town");
    }
}
