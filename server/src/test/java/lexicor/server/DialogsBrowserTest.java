package lexicor.server;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every dialog and every list that a button opens: whole at every size, in both themes, and left by Escape to where one was. */
class DialogsBrowserTest extends EveryPage {
    private static final int[][] SIZES = {{1280, 800}, {1180, 820}, {820, 1180}, {390, 844}, {320, 640}};

    /** What is drawn over the page: in the middle, or beside what opened it. */
    private static final String SHOWN = "[role=dialog], [data-radix-popper-content-wrapper] > *";

    /** By what is pressed after another to open it: names of buttons and entries, or keys. */
    @ParameterizedTest
    @CsvSource({
        "/cases, New case",
        "/cases, Account of > Set a PIN",
        "/cases, Account of > Change the password",
        "/cases, Account of > Second factor",
        "/cases/HB-001/couch?test=drop-arm, key ?",
        "/cases/HB-001/couch?test=drop-arm, key p",
        "/cases/HB-001/couch?test=drop-arm, key t",
        "/cases/HB-001/couch?test=drop-arm, Visit \\d > Change the day",
        "/cases/HB-001/ask, Whose case it is > Delete the case",
        "/evidence/pair?criterion=neer/pain&condition=subacromial-pain, Sign off",
        "/evidence/pair?criterion=neer/pain&condition=subacromial-pain, Change",
        "/evidence/pair?criterion=neer/pain&condition=subacromial-pain, Add a figure",
        "/settings, Left out",
        "/practice, Delete all of it",
        "/practice/stations, Compose a station",
        "/practice/stations, Set up a round",
    })
    void isWholeAtEverySize(String path, String way) {
        page.setViewportSize(1280, 800);
        openIn(path, "light");
        open(way);
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            whole(way, size, AriaRole.DIALOG);
        }
        EverySize.spaceOut(page);
        EverySize.nothingCutWhereSpaced(page, way);
        left(way, AriaRole.DIALOG);
    }

    /** Those that are only there where there is little room. */
    @ParameterizedTest
    @CsvSource({"Drop arm", "Whole standing|Standing"})
    void ofTheStripsIsWhole(String way) {
        for (int[] size : new int[][] {{820, 1180}, {390, 844}, {320, 640}}) {
            page.setViewportSize(size[0], size[1]);
            openIn("/cases/HB-001/couch?test=drop-arm", "light");
            open(way);
            whole(way, size, AriaRole.DIALOG);
            left(way, AriaRole.DIALOG);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "/cases, Account of, MENU",
        "/cases/HB-001/couch?test=drop-arm, Visit \\d, MENU",
        "/cases/HB-001/ask, base rate, DIALOG",
        "/cases/HB-001/weigh, \\d+ rows > sensitivity, TOOLTIP",
    })
    void besideItsButtonIsWhole(String path, String way, AriaRole role) {
        for (int[] size : new int[][] {{1280, 800}, {820, 1180}, {320, 640}}) {
            page.setViewportSize(size[0], size[1]);
            openIn(path, "light");
            open(way);
            whole(way, size, role);
            left(way, role);
        }
    }

    private void open(String way) {
        for (String step : way.split(" > ")) {
            if (step.startsWith("key ")) {
                page.keyboard().press(step.substring(4));
            } else {
                Pattern name = Pattern.compile("^(" + step + ")");
                Locator what = button(name)
                        .or(page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name)))
                        .or(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name)))
                        .or(page.locator("summary", new Page.LocatorOptions().setHasText(name)))
                        .first();
                // What moves under it takes a note away again.
                what.scrollIntoViewIfNeeded();
                EverySize.drawn(page);
                what.click();
            }
        }
    }

    private Locator shown(AriaRole role) {
        return page.getByRole(role).last();
    }

    private void whole(String way, int[] size, AriaRole role) {
        String at = way + " at " + size[0] + " by " + size[1];
        assertThat(shown(role)).isVisible();
        EverySize.drawn(page);
        List<?> room = (List<?>) page.evaluate(
                """
                shown => {
                  const e = document.querySelector(shown);
                  const b = e.getBoundingClientRect();
                  const ontop = [b.top + 6, b.bottom - 6]
                    .every(y => e.contains(document.elementFromPoint((b.left + b.right) / 2, y)));
                  return [b.left, b.top, innerWidth - b.right, innerHeight - b.bottom, ontop ? 0 : -1];
                }
                """,
                SHOWN);
        Assertions.assertThat(room).as("room around " + at).allMatch(n -> ((Number) n).doubleValue() >= 0);
        EverySize.nothingCutOff(page, at);
        if (!List.of(1280, 320).contains(size[0])) {
            return;
        }
        Assertions.assertThat(Axe.violationsWithin(page, SHOWN)).as(at).isEmpty();
        EverySize.inTheme(page, "dark");
        Assertions.assertThat(Axe.violationsWithin(page, SHOWN, "color-contrast"))
                .as(at + " in the dark")
                .isEmpty();
        EverySize.inTheme(page, "light");
    }

    private void left(String way, AriaRole role) {
        page.keyboard().press("Escape");
        assertThat(page.getByRole(role)).hasCount(0);
        // Where a key opened it nothing had the focus; otherwise it goes back there, once what had it is gone.
        if (!way.startsWith("key ")) {
            page.waitForCondition(() -> (Boolean) page.evaluate("document.activeElement !== document.body"));
        }
    }
}
