package lexicor.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import lexicor.core.weighfile.WeighFile;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Result;
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

    @Test
    void theOrderOfTestsIsScoredBesideTheBestAvailable() {
        CaseToWeigh start = WeighFile.readCase(
                "practice",
                """
                {"conditions": [{"id": "tear", "pretest": 0.3, "ruleOutBelow": 0.05, "actAbove": 0.8}],
                 "candidates": [
                   {"id": "weak", "family": "a", "accuracy": [{"condition": "tear", "tp": 30, "fn": 20, "fp": 25, "tn": 25}]},
                   {"id": "lag", "family": "b", "accuracy": [{"condition": "tear", "tp": 40, "fn": 10, "fp": 5, "tn": 45}]}]}
                """);
        List<TestOrder.Step> steps =
                TestOrder.score(start, List.of("weak", "lag"), Map.of("weak", Result.NEGATIVE, "lag", Result.POSITIVE));
        assertThat(steps.get(0).gain()).isPositive().isLessThan(steps.get(0).best());
        assertThat(steps.get(1).gain()).isPositive().isEqualTo(steps.get(1).best());
    }
}
