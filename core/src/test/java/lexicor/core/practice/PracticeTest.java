package lexicor.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class PracticeTest {
    @Test
    void aStatedProbabilityIsScoredAgainstTheTruth() {
        assertThat(new StatedProbability(0.75, true).brier()).isEqualTo(0.0625);
        assertThat(new StatedProbability(0.25, true).logScoreBits()).isCloseTo(2, within(1e-12));
        assertThat(new StatedProbability(0.25, false).logScoreBits()).isCloseTo(0.4150375, within(1e-7));
        assertThat(new StatedProbability(1, true).logScoreBits()).isZero();
        assertThat(new StatedProbability(0, true).logScoreBits()).isInfinite();
    }
}
