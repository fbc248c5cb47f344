package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The evidence through the real pages, from a ledger's row to its studies, and a count designed. */
class EvidenceBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private void tab(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    @Test
    void fromTheLedgerToThePairAndAllAround() {
        page.navigate(LEXICOR.url("/cases/HB-001/weigh"));
        page.getByText("3 rows").first().click();
        page.getByText("This pair in full").locator("visible=true").first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("External rotation lag")))
                .isVisible();
        assertThat(page.getByLabel("Studies").locator("tbody tr")).hasCount(3);
        assertThat(page.getByText("Two or three studies")).isVisible();
        accessible("A pair");

        page.getByText("All evidence").click();
        page.getByLabel("Find").fill("neer");
        int pairs = 0;
        for (JsonNode p : LEXICOR.get("/api/evidence").body().get("pairs")) {
            String words =
                    p.get("name").asString() + " " + p.get("conditionName").asString();
            pairs += words.toLowerCase(java.util.Locale.ROOT).contains("neer") ? 1 : 0;
        }
        assertThat(page.locator("tbody tr")).hasCount(pairs);
        accessible("Figures");
        tab("Where the literature is silent");
        assertThat(page.getByText("A blank is not zero")).isVisible();
        accessible("Coverage");
        tab("Clusters");
        assertThat(page.getByText("Its members would predict:").first()).isVisible();
        accessible("Clusters");
        tab("Design a count");
        page.getByLabel("Condition").selectOption("subacromial-pain");
        for (int i = 0; i < 3; i++) {
            page.getByRole(AriaRole.CHECKBOX).nth(i).check();
        }
        assertThat(page.locator("tbody tr")).hasCount(3);
        assertThat(page.locator("tbody")).containsText("3 of 3");
        accessible("Design");
    }
}
