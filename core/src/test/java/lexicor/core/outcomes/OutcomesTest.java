package lexicor.core.outcomes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.outcomes.ConfirmedFindings.Confirmed;
import org.junit.jupiter.api.Test;

/** Worked by hand. */
class OutcomesTest {
    @Test
    void aTableFromConfirmedCases() {
        List<Confirmed> findings = new ArrayList<>();
        add(findings, 8, true, true);
        add(findings, 2, false, true);
        add(findings, 3, true, false);
        assertThat(ConfirmedFindings.table(findings.subList(0, 10))).isEmpty();
        add(findings, 9, false, false);
        assertThat(ConfirmedFindings.table(findings)).contains(new TwoByTwo(8, 2, 3, 9, false, false));
    }

    private static void add(List<Confirmed> findings, int times, boolean positive, boolean present) {
        for (int i = 0; i < times; i++) {
            findings.add(new Confirmed(positive, present));
        }
    }

    @Test
    void theBrierScoreSplitsAsMurphyShows() {
        List<Prediction> predictions = List.of(
                new Prediction(0.15, false),
                new Prediction(0.15, false),
                new Prediction(0.15, true),
                new Prediction(0.75, true),
                new Prediction(0.75, false),
                new Prediction(1, true));
        Calibration c = Calibration.of(predictions);
        assertThat(c.brier()).isCloseTo((0.0225 + 0.0225 + 0.7225 + 0.0625 + 0.5625) / 6, within(1e-12));
        assertThat(c.uncertainty()).isCloseTo(0.25, within(1e-12));
        assertThat(c.reliability() - c.resolution() + c.uncertainty()).isCloseTo(c.brier(), within(1e-12));
        assertThat(c.table()).extracting(Calibration.Bin::count).containsExactly(3, 2, 1);
        assertThat(c.table().get(0).shareObserved()).isCloseTo(1 / 3.0, within(1e-12));
    }

    @Test
    void theAreaUnderTheCurveCountsPairs() {
        // With: 0.9, 0.6, 0.5. Without: 0.5, 0.2. Pairs won: 2 + 2 + 1.5 of 6.
        RocArea roc = RocArea.of(List.of(
                new Prediction(0.9, true),
                new Prediction(0.6, true),
                new Prediction(0.5, true),
                new Prediction(0.5, false),
                new Prediction(0.2, false)));
        // Placements with: 1, 1, 0.75 (variance 1/48); without: 5/6, 1 (variance 1/72).
        double half = 1.96 * Math.sqrt(1 / 48.0 / 3 + 1 / 72.0 / 2);
        assertThat(roc.area()).isCloseTo(5.5 / 6, within(1e-12));
        assertThat(roc.interval().low()).isCloseTo(5.5 / 6 - half, within(1e-12));
        assertThat(roc.interval().high()).isEqualTo(1);
    }
}
