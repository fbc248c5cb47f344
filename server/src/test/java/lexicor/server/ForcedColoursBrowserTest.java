package lexicor.server;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** In the colours of the system every word is to be read, and what is chosen differs by more than what is behind it. */
class ForcedColoursBrowserTest extends EveryPage {
    /**
     * Words of the colour that they stand on. Where the system adjusts colours it lays a plate of its own behind them; elsewhere
     * they stand on the nearest thing that is not clear.
     */
    private static final String HIDDEN_WORDS =
            """
            () => {
              const plate = document.body.appendChild(document.createElement('i'));
              plate.style.background = 'Canvas';
              const canvas = getComputedStyle(plate).backgroundColor;
              plate.remove();
              const behind = e => {
                if (getComputedStyle(e).forcedColorAdjust !== 'none') return canvas;
                for (let on = e; on; on = on.parentElement) {
                  const colour = getComputedStyle(on).backgroundColor;
                  if (!/^rgba.*, 0\\)$|transparent/.test(colour)) return colour;
                }
                return canvas;
              };
              return [...document.querySelectorAll('body *')]
                .filter(e => !(e instanceof SVGElement) && e.checkVisibility({visibilityProperty: true})
                  && [...e.childNodes].some(n => n.nodeType === Node.TEXT_NODE && n.textContent.trim())
                  && getComputedStyle(e).color === behind(e))
                .map(e => e.outerHTML.slice(0, 160));
            }
            """;

    /** How the one and the other are drawn, but for their colours. */
    private static final String DRAWN_ALIKE =
            """
            ([one, other]) => {
              const drawn = selector => {
                const e = document.querySelector(selector);
                if (!e) return 'there is no ' + selector;
                const s = getComputedStyle(e);
                return [s.borderStyle, s.borderWidth, s.outlineStyle, s.fontWeight, s.textDecorationLine, s.strokeWidth].join();
              };
              return [drawn(one), drawn(other)];
            }
            """;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            couch?test=drop-arm | .pad[data-on=true] | .pad[data-on=false]
            couch?test=drop-arm | .order-row[aria-current] | .order-row:not([aria-current])
            couch?test=drop-arm | [role=tab][data-state=active] | [role=tab][data-state=inactive]
            couch?stage=feel | nav .choice[data-state=on] | nav .choice[data-state=off]
            measures | nav a[aria-current] | nav a:not([aria-current])
            weigh | ol [aria-pressed=true] | ol [aria-pressed=false]
            """)
    void areEnough(String path, String chosen, String other) {
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions()
                    .setForcedColors(ForcedColors.ACTIVE)
                    .setColorScheme(scheme));
            openIn("/cases/HB-001/" + path, scheme == ColorScheme.LIGHT ? "light" : "dark");
            page.locator(chosen).first().waitFor();
            Assertions.assertThat((List<?>) page.evaluate(HIDDEN_WORDS))
                    .as("words not to be read at " + path)
                    .isEmpty();
            List<?> drawn = (List<?>) page.evaluate(DRAWN_ALIKE, List.of(chosen, other));
            Assertions.assertThat(drawn.get(0)).as(chosen).isNotEqualTo(drawn.get(1));
            Assertions.assertThat(drawn).noneMatch(d -> d.toString().startsWith("there is no"));
        }
    }
}
