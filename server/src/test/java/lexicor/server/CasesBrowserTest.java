package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Finding one's way among more cases than a page holds, and what is set before anything is tested. */
class CasesBrowserTest extends InBrowser {
    private static final int CASES = 57;
    private static final int AT_A_TIME = 50;

    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private static void open(String code) {
        Assertions.assertThat(LEXICOR.post(
                                "/api/cases",
                                "{\"code\":\"%s\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}"
                                        .formatted(code))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void everyCaseCanBeComeToAndTheOneRecordedLastStandsFirst() {
        for (int n = 1; n <= CASES; n++) {
            open("QY-%03d".formatted(n));
        }
        page.navigate(LEXICOR.url("/cases"));
        page.getByLabel("Find a case by its code").fill("qy");
        Locator lines = page.locator("main li");
        assertThat(lines).hasCount(AT_A_TIME);
        assertThat(lines.first()).containsText("QY-057");
        button("Show earlier cases").click();
        assertThat(lines).hasCount(CASES);
        assertThat(lines.last()).containsText("QY-001");
        assertThat(button("Show earlier cases")).isHidden();
        accessible("Many cases");

        page.getByLabel("Find a case by its code").fill("qy-01");
        assertThat(lines).hasCount(10);
        page.getByLabel("Find a case by its code").fill("%");
        assertThat(page.getByText("No code contains")).isVisible();
        page.getByLabel("Find a case by its code").fill("");

        LEXICOR.post(
                "/api/cases/QY-001/taps",
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID()));
        page.reload();
        assertThat(lines.first()).containsText("QY-001");
        assertThat(lines.first()).containsText("1 test begun");
        lines.first().click();
        assertThat(page).hasURL(LEXICOR.url("/cases/QY-001/couch"));
    }

    @Test
    void aBaseRateOfTheCasesOwnIsExplainedCheckedAndTakenBack() {
        open("BR-001");
        page.navigate(LEXICOR.url("/cases/BR-001/ask"));
        Locator row = page.getByLabel("Suspicion before the examination")
                .locator("li", new Locator.LocatorOptions().setHasText("Frozen shoulder"));
        Locator rate =
                row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("base rate")));
        String usual = rate.textContent();
        rate.click();
        Locator field = page.getByLabel("This case");
        field.fill("120");
        button("Use it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("more than 0 and less than 100 %");
        accessible("A base rate refused");
        field.fill("20");
        button("Use it").click();
        assertThat(rate).containsText("own base rate 20");
        assertThat(row).containsText(percent("20"));

        page.getByText("What base rates and lines mean").click();
        Locator line = page.getByRole(
                        AriaRole.TABLE,
                        new Page.GetByRoleOptions()
                                .setName("Lines, and this case with half and with double the pretest"))
                .locator("tr", new Locator.LocatorOptions().setHasText("Frozen shoulder"));
        // Nothing is tested yet, so it stands where it began, and half and double of that are 10 and 40 %.
        assertThat(line.locator("td").nth(2)).hasText(percent("20"));
        assertThat(line.locator("td").nth(3)).hasText(percent("20"));
        assertThat(line.locator("td").nth(4)).hasText(percent("10"));
        assertThat(line.locator("td").nth(5)).hasText(percent("40"));
        accessible("Lines and base rates");

        row.getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions()
                                .setName("Far more likely")
                                .setExact(true))
                .click();
        // Odds of a quarter times five.
        assertThat(row).containsText(percent("56"));
        rate.click();
        button("Usual,").or(page.getByText("Usual, ")).first().click();
        assertThat(rate).hasText(usual);
    }
}
