package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A lead keeps the department's figures and content; an auditor reads who changed what, from what, and why. */
class LeadBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static final String FORM = "fieldset:has(> legend)";

    private static final String PAIR = "/evidence/pair?criterion=neer/pain&condition=subacromial-pain";

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    /** By the words that its label begins with: those of a choice go on with what there is to choose. */
    private Locator named(String label) {
        return page.getByLabel(Pattern.compile("^" + label));
    }

    private Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private void choose(String group, String option) {
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(group)))
                .getByText(option, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    /** Out with semicolons and decimal commas, changed as a spreadsheet would leave it, and in again. */
    @Test
    void theTableGoesThroughASpreadsheetOfAnotherCountryAndBack() throws IOException {
        page.navigate(LEXICOR.url("/evidence?tab=exchange"));
        choose("Cells separated by", "semicolons");
        choose("Decimals as in", "0,07");
        Download download =
                page.waitForDownload(() -> link("All figures as CSV").click());
        String table = Files.readString(download.path(), UTF_8);
        String row = "empty-can/weakness;full-thickness-cuff-tear;study;";
        Assertions.assertThat(table)
                .startsWith("\ufeffcriterion;condition;kind;sensitivity")
                .contains(row);
        String first = table.substring(table.indexOf(row), table.indexOf("\r\n", table.indexOf(row)));
        String[] cells = first.split(";");
        Assertions.assertThat(cells[3]).matches("0,\\d+");
        cells[3] = "71,5 %";
        String changed = table.replace(first, String.join(";", cells) + (first.endsWith(";") ? ";" : ""))
                + ";;;;\r\n"
                + "neer/pain;slap-tear;study;0,8;0,55;20;20;Harbour audit;2003;;;low;high;\r\n";
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("figures.csv", "text/csv", changed.getBytes(UTF_8)));
        assertThat(page.getByText("separated by semicolons; decimals have a comma"))
                .isVisible();
        assertThat(page.getByText("1 empty row is no row.")).isVisible();
        assertThat(page.getByLabel("What the import would do"))
                .containsText("sensitivity: " + first.split(";")[3].replace(',', '.') + " becomes 0.715");
        accessible("An import looked at");
        named("Why, for the history").fill("as counted at the meeting");
        button("Apply all of it").click();
        assertThat(page.getByText("Applied: 2 stored, and in force.")).isVisible();

        // Taken out of the file again, the row of ours stays unless it is ticked.
        String without = changed.substring(0, changed.indexOf(";;;;\r\n"));
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("figures.csv", "text/csv", without.getBytes(UTF_8)));
        assertThat(page.getByText("1 row of the department's is no longer in the file"))
                .isVisible();
        page.getByLabel(Pattern.compile("take it away: neer/pain, slap-tear")).check();
        named("Why, for the history").fill("entered in the wrong place");
        button("Apply all of it").click();
        assertThat(page.getByText("Applied: 1 stored, and in force.")).isVisible();
        page.navigate(LEXICOR.url("/evidence/pair?criterion=neer/pain&condition=slap-tear"));
        assertThat(page.getByText("Harbour audit")).hasCount(0);
        page.navigate(LEXICOR.url("/evidence/pair?criterion=empty-can/weakness&condition=full-thickness-cuff-tear"));
        assertThat(page.getByText(Pattern.compile("changed by the department; shipped: sensitivity")))
                .isVisible();
    }

    /** From nothing to the couch by choosing alone. */
    @Test
    void aNewTestIsMadeByChoosingTriedOutAndDone() {
        page.navigate(LEXICOR.url("/evidence?tab=content&kind=test"));
        button("A new one").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Rope pull");
        assertThat(page.getByText("In files and links: rope-pull")).isVisible();
        assertThat(page.getByLabel("Before it can be stored")).containsText("Region: choose one");
        named("Region").first().selectOption("Shoulder");
        named("Family").first().selectOption("Cuff resisted");
        named("Position").first().selectOption("Standing, facing the examiner");
        named("Steps, one a line").fill("Ask for a pull at a rope as if hauling a boat.\nResist at the hand.");
        page.getByLabel("Find for Readings").fill("pain");
        page.getByLabel("Find for Readings").press("Enter");
        page.getByLabel("Find for Not with").fill("surgery");
        page.getByLabel("Find for Not with").press("Enter");
        button("Add a criterion").click();
        named("What is positive").fill("Familiar pain");
        button("Add what is recorded").click();
        named("What is recorded").last().selectOption("The familiar pain");
        assertThat(page.getByText("positive when: the familiar pain.")).isVisible();
        button("Add what is recorded").click();
        named("What is recorded").last().selectOption("Strength");
        button("clearly weak").click();
        named("How these go together").selectOption("any of these");
        assertThat(page.getByText("positive when: the familiar pain, or strength is clearly weak."))
                .isVisible();
        accessible("A new test");

        Locator couch = page.getByLabel("As it stands on the couch");
        couch.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Another pain"))
                .last()
                .click();
        assertThat(couch.getByLabel("Outcomes")).containsText("Negative");
        couch.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Clearly weak"))
                .last()
                .click();
        assertThat(couch.getByLabel("Outcomes")).containsText("Positive");
        assertThat(couch.getByLabel("Outcomes")).containsText("clearly weak");
        named("Why, for the history").fill("taught at the boatyard");
        button("Add it").click();
        assertThat(page.getByText("Added by the department: taught at the boatyard"))
                .isVisible();

        String code = open("shoulder-pain", "right");
        page.navigate(LEXICOR.url("/cases/" + code + "/couch?test=rope-pull"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Rope pull")))
                .isVisible();
        pad("Right, affected side", "Their pain").click();
        assertThat(outcomes()).containsText("Familiar pain");
        assertThat(outcomes()).containsText("Positive");
    }

    /** An entry of every kind stands in its form as it is shipped, and a word added to it makes nothing of it invalid. */
    @Test
    void everyKindOfEntryOpensInItsForm() {
        List<String> kinds = new ArrayList<>();
        for (JsonNode entry : LEXICOR.get("/api/evidence/entries").body().get("entries")) {
            String kind = entry.get("kind").asString();
            if (kinds.contains(kind)) {
                continue;
            }
            kinds.add(kind);
            page.navigate(LEXICOR.url("/evidence?tab=content&kind=" + kind + "&entry="
                    + URLEncoder.encode(entry.get("id").asString(), UTF_8)));
            assertThat(page.getByText(kind.equals("test") ? "As it stands on the couch" : "It can be stored as it is."))
                    .isVisible();
            // The lists beside it are the same for every kind, and long.
            Assertions.assertThat(Axe.violationsWithin(page, FORM)).as(kind).isEmpty();
        }
        Assertions.assertThat(kinds).hasSize(22);
    }

    @Test
    void aChangedFigureIsFoundByItsOldValueAndTheWayLeadsBothWays() {
        page.navigate(LEXICOR.url(PAIR));
        button(Pattern.compile("^Change Calis")).click();
        page.getByLabel("Sensitivity", new Page.GetByLabelOptions().setExact(true))
                .fill("often");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Must be from 0 to 1");
        page.getByLabel("Sensitivity", new Page.GetByLabelOptions().setExact(true))
                .fill("86 %");
        named("Why, for the history").fill("misprint in the abstract");
        button("Change it").click();
        assertThat(page.getByText("changed by the department; shipped: sensitivity 0.887"))
                .isVisible();

        link("Its history").click();
        assertThat(page.getByText("0.887 before, 0.86 now")).isVisible();
        button("Everything").click();
        named("Find").fill("0,887");
        Locator changes =
                page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Changes in the department"));
        assertThat(changes.locator("tbody tr")).hasCount(1);
        assertThat(changes).containsText("Why: misprint in the abstract");
        assertThat(changes).containsText("heron");
        accessible("History");
        link("Neer sign: Familiar pain, for Subacromial (cuff-related) pain").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Neer sign")))
                .isVisible();
    }

    @Test
    void anAuditorFindsWhoChangedWhatAndChangesNothing() {
        LEXICOR.put("/api/evidence/entries/warning/fracture-suspicion", warning());
        page = newPage(workers());
        page.navigate(LEXICOR.url("/"));
        button(Pattern.compile("^owl")).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("History of the department")))
                .isVisible();
        named("Kind").selectOption("Content");
        Locator changes =
                page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Changes in the department"));
        assertThat(changes).containsText("What it says: Image before any stress test. before, Image first. now");
        Download download = page.waitForDownload(() -> link("As CSV").click());
        Assertions.assertThat(download.suggestedFilename()).isEqualTo("history.csv");
        link("Warning").first().click();
        assertThat(page.getByText("Other than shipped")).isVisible();
        assertThat(page.getByLabel("Fields other than shipped").first()).containsText("Image before any stress test.");
        assertThat(named("What it says")).isDisabled();
        assertThat(button("Store the change")).hasCount(0);
        accessible("Content, read only");
        page.navigate(LEXICOR.url("/evidence?tab=exchange"));
        assertThat(page.getByText("Importing is for the leads.")).isVisible();
        page.navigate(LEXICOR.url(PAIR));
        assertThat(page.getByText("Rows as printed")).isVisible();
        assertThat(button(Pattern.compile("^Sign off"))).hasCount(0);
        assertThat(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Design a count")))
                .hasCount(0);
    }

    private static String warning() {
        String fields = LEXICOR.get("/api/evidence/entries/warning/fracture-suspicion")
                .body()
                .get("fields")
                .toString()
                .replace("Image before any stress test.", "Image first.");
        return "{\"version\":0,\"why\":\"said more shortly\",\"fields\":%s}".formatted(fields);
    }
}
