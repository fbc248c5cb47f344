package lexicor.core.weighing.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A step of suspicion moves the odds, not the probability. */
class SuspicionTest {
    @ParameterizedTest
    @CsvSource({
        "far-less-likely, 0.2, 0.05",
        "less-likely, 0.2, 0.125",
        "as-usual, 0.2, 0.25",
        "more-likely, 0.2, 0.5",
        "far-more-likely, 0.2, 1.25",
        "far-more-likely, 0.95, 95",
        "far-less-likely, 0.01, 0.00202020202020202"
    })
    void movesTheOdds(String id, double baseRate, double odds) {
        double pretest = Suspicion.withId(id).orElseThrow().pretest(baseRate);
        assertThat(pretest / (1 - pretest)).isCloseTo(odds, within(1e-9));
        assertThat(Suspicion.withId(id).orElseThrow().oddsFactor() * baseRate / (1 - baseRate))
                .isCloseTo(odds, within(1e-9));
    }
}
