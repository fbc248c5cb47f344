package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
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
        page.getByText("Set aside: the others have already said it").click();
        page.getByText("3 rows").locator("visible=true").first().click();
        page.getByText("This pair in full").locator("visible=true").first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("External rotation lag")))
                .isVisible();
        // The studies, what is weighed with, and what a new clinic may find.
        assertThat(page.getByLabel("Studies").locator("tbody tr")).hasCount(5);
        assertThat(page.getByText("3 studies: sensitivity and specificity each pooled by itself"))
                .isVisible();
        assertThat(page.getByLabel("Pooled figures as numbers")).containsText("A positive multiplies the odds by");
        accessible("A pair");

        page.getByText("All evidence").click();
        page.getByLabel("Find").fill("neer");
        int pairs = 0;
        for (JsonNode p : LEXICOR.get("/api/evidence").body().get("pairs")) {
            String words =
                    p.get("name").asString() + " " + p.get("conditionName").asString();
            pairs += words.toLowerCase(Locale.ROOT).contains("neer") ? 1 : 0;
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

    private String standing(String code) {
        page.navigate(LEXICOR.url("/cases/" + code + "/weigh"));
        Locator line = page.getByLabel("Candidates in order")
                .locator("li", new Locator.LocatorOptions().setHasText("Subacromial"));
        assertThat(line).isVisible();
        return line.locator("b").first().textContent();
    }

    private String positiveCase() {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body()
                .get("code")
                .asString();
        LEXICOR.post(
                "/api/cases/" + code + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID()));
        return code;
    }

    /** A lead adds a study, signs one off and edits a base rate: the open case follows, the closed one keeps its own. */
    @Test
    void aStudyAddedMovesTheOpenCaseAndLeavesTheClosedOne() {
        String open = positiveCase();
        String closed = positiveCase();
        page.navigate(LEXICOR.url("/cases/" + closed + "/ask"));
        page.getByText("Whose case it is").click();
        button("Close the case").click();
        assertThat(page.getByText("It keeps the figures and settings of that moment"))
                .isVisible();
        String before = standing(closed);
        Assertions.assertThat(standing(open)).isEqualTo(before);

        page.navigate(LEXICOR.url("/evidence/pair?criterion=neer/pain&condition=subacromial-pain"));
        button("Add a figure").click();
        page.getByLabel("With it, positive").fill("95");
        page.getByLabel("With it, negative").fill("5");
        page.getByLabel("Without, positive").fill("10");
        page.getByLabel("Without, negative").fill("90");
        assertThat(page.getByText("0.950 (")).isVisible();
        page.getByLabel("Source: authors and journal").fill("Harbour audit");
        accessible("Adding a figure");
        button("Add it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Give a reason");
        page.getByLabel("Why, for the history").fill("Our own audit");
        button("Add it").click();
        assertThat(page.getByText("the department's own")).isVisible();
        assertThat(page.getByText("4 studies: both pooled together")).isVisible();
        button(Pattern.compile("^Sign off Harbour")).click();
        button("Sign it").click();
        assertThat(page.getByText("checked against the source by heron")).isVisible();

        Assertions.assertThat(standing(open)).isNotEqualTo(before);
        String after = standing(open);
        Assertions.assertThat(standing(closed)).isEqualTo(before);
        Locator beside = page.getByLabel("With today's figures");
        assertThat(beside).containsText(before);
        assertThat(beside).containsText(after);
        accessible("Closed case");
        button("Open it again").click();
        assertThat(page.getByLabel("Candidates in order")).containsText(after);

        page.navigate(LEXICOR.url("/evidence?tab=content"));
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Subacromial (cuff-related) pain"))
                .click();
        page.getByLabel("Community clinic").fill("1 %");
        page.getByLabel("Why, for the history").fill("Rare in our harbour");
        accessible("Content");
        button("Store the change").click();
        assertThat(page.getByText("Changed by the department: Rare in our harbour"))
                .isVisible();
        // The complaint has a base rate of its own for it, which stands.
        Assertions.assertThat(standing(open)).isEqualTo(after);

        tabAt("exchange");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("t.csv", "text/csv", "criterion\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("Expected the columns")).isVisible();
        accessible("Import");
    }

    private void tabAt(String id) {
        page.navigate(LEXICOR.url("/evidence?tab=" + id));
    }
}
