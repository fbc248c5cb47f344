package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Measuring through the real pages: by hand, by a device, and again at the next visit. */
class MeasuresBrowserTest extends InBrowser {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Override
    Running lexicor() {
        return LEXICOR;
    }

    private static final String MUSCLE = "Infraspinatus (external rotation at the side)";

    @Test
    void strengthByADeviceReachesTheRankingAndTheNextVisitItsChart() {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-weakness\",\"involvedSide\":\"right\"}")
                .body()
                .get("code")
                .asString();
        page.navigate(LEXICOR.url("/cases/" + code + "/measures"));
        button("Use a device").click();
        target("external-rotation-resisted forceN left");
        measured(100);
        assertThat(kept("left")).containsText("1 of 3");
        target("external-rotation-resisted forceN right");
        measured(45);
        Locator row = row(MUSCLE);
        assertThat(row).containsText("weaker");
        assertThat(row).containsText("weaker");
        assertThat(row).containsText("positive");
        accessible("Strength");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Weigh"))
                .click();
        assertThat(page.locator("table").first()).containsText("Resisted external rotation");

        visitMenu();
        item(Pattern.compile("^Begin visit 2")).click();
        assertThat(button(Pattern.compile("^Visit 2"))).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Measures"))
                .click();
        assertThat(trial("Right")).hasValue("");
        trial("Left").fill("101");
        page.keyboard().press("Enter");
        trial("Right").fill("80");
        page.keyboard().press("Enter");
        assertThat(row).containsText("before, 80 now");
        assertThat(row).containsText("error not stated");
        visitMenu();
        item(Pattern.compile("^Compare")).click();
        Locator chart = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName(MUSCLE));
        chart.getByText("Numbers").click();
        assertThat(chart.locator("tbody tr")).hasCount(2);
        assertThat(chart.locator("tbody tr").nth(1)).containsText("80");
        assertThat(page.getByLabel("Leading candidates over the visits").locator("tbody tr"))
                .hasCount(2);
        accessible("Over the visits");
    }

    /** A stand-in presses once, quickly; its trial is taken. */
    private void measured(int newtons) {
        LEXICOR.post(
                "/api/devices/simulated",
                "{\"kind\":\"dynamometer\",\"trials\":1,\"target\":%d,\"pace\":8}".formatted(newtons));
        button("Take it").click();
        assertThat(button("Take it")).isHidden();
    }

    private void target(String value) {
        page.getByLabel("The next trial goes to").selectOption(value);
    }

    private Locator kept(String side) {
        return page.locator("option[value='external-rotation-resisted forceN " + side + "']");
    }

    private Locator trial(String side) {
        return page.getByLabel(MUSCLE + ", " + side + ", first trial, in N");
    }

    private Locator row(String name) {
        return page.locator("tr")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    private void visitMenu() {
        button(Pattern.compile("^Visit \\d")).click();
    }

    private Locator item(Pattern name) {
        return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void anUnusualValueIsAskedAboutOnceAndAnImpossibleOneRefused() {
        page.navigate(LEXICOR.url("/cases/HB-010/measures?tab=range"));
        Locator flexion = page.getByLabel("Elbow flexion, Right, active, in degrees");
        flexion.fill("240");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Expected -10 to 175 degrees.");
        flexion.fill("168");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("168 degrees is unusual. Is it meant?");
        button("Yes, keep it").click();
        page.reload();
        assertThat(flexion).hasValue("168");
        page.getByLabel("Notes beside Elbow flexion").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Notes, Elbow flexion, Right"))
                .getByLabel("End feel")
                .selectOption("springy");
        assertThat(row("Elbow flexion")).containsText("end feel springy");
        accessible("Range");
    }

    @Test
    void loosenessAndRegrowthAreRead() {
        page.navigate(LEXICOR.url("/cases/HB-002/measures?tab=looseness"));
        assertThat(page.locator("p").first()).containsText("Looser than the other side: forwards.");
        assertThat(page.getByLabel("Labral panel")).containsText("Active compression");
        accessible("Looseness");
        page.navigate(LEXICOR.url("/cases/HB-012/measures?tab=nerve"));
        assertThat(page.getByText("mm a day").first()).containsText("in keeping with the customary 1 mm a day");
        accessible("Nerve");
        page.navigate(LEXICOR.url("/settings"));
        page.getByLabel("Range, degrees").fill("8");
        button("Measure by these").click();
        page.navigate(LEXICOR.url("/cases/HB-001/measures?tab=range"));
        assertThat(row("Shoulder flexion")).containsText("more than measurement error (±8");
        accessible("Settings taken over");
    }
}
