package lexicor.core.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The department's lines: where a side is weaker, and when a change is more than measuring (method M14). */
class LinesTest {
    @ParameterizedTest
    @CsvSource({"85.0001, 15, false", "85, 15, true", "84, 15, true", "100, 15, false", "115, 15, false", "70, 30, true"
    })
    void aDeficitOfJustTheLineIsOne(double index, double line, boolean deficit) {
        assertThat(SideComparison.isDeficit(index, line)).isEqualTo(deficit);
        // 100 * 17 / 20 is 85 but for its last digits.
        assertThat(SideComparison.isDeficit(100 * (0.1 + 0.75), 15)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "forceN, 10, 100, ",
        "forceN, 101, , expected a number from 0 to 100",
        "gripKg, 40, 40, ",
        "gripKg, 40.1, , expected a number from 0 to 40",
        "pinchKg, -0.1, , expected a number from 0 to 20",
        "rangeDeg, 0, 0, ",
        "spinalLevel, 2, 2, ",
        "score, 1, , expected a number for one of"
    })
    void anErrorIsStatedForAReadingThatHasOne(String reading, double error, Double ofAThousand, String objection) {
        Map<String, Double> stated = Map.of(reading, error);
        Optional<MeasurementErrors.Objection> found = MeasurementErrors.objection(stated);
        assertThat(found.map(MeasurementErrors.Objection::expected).orElse(""))
                .startsWith(Optional.ofNullable(objection).orElse(""));
        assertThat(found.isPresent()).isEqualTo(objection != null);
        if (objection == null) {
            assertThat(new MeasurementErrors(stated).of(reading, 1000)).contains(ofAThousand);
            assertThat(new MeasurementErrors(Map.of()).of(reading, 1000)).isEmpty();
        } else {
            assertThat(found.orElseThrow().reading()).isEqualTo(reading);
        }
    }

    @Test
    void anErrorWithoutANumberIsNone() {
        Map<String, Double> nothing = new TreeMap<>();
        nothing.put("gripKg", null);
        assertThat(MeasurementErrors.objection(nothing)).isPresent();
        assertThat(MeasurementErrors.objection(Map.of())).isEmpty();
    }

    /** What the department states counts before what the trials show, and is taken of the mean before. */
    @Test
    void aChangeIsHeldAgainstWhatIsStatedAndElseAgainstTheTrials() {
        MeasurementErrors tenPercent = new MeasurementErrors(Map.of("forceN", 10.0));
        Change stated = Change.between(List.of(90.0, 110.0), List.of(111.0), was -> tenPercent.of("forceN", was), true);
        assertThat(stated).isEqualTo(new Change(100, 111, Optional.of(10.0)));
        assertThat(stated.exceedsError()).contains(true);
        assertThat(new Change(100, 110, Optional.of(10.0)).exceedsError()).contains(false);
        Change spread = Change.between(List.of(90.0, 110.0), List.of(118.0, 122.0), was -> Optional.empty(), true);
        // 1.96 sqrt(200 / 2 + 8 / 2).
        assertThat(spread.error().orElseThrow()).isCloseTo(1.959963984540054 * Math.sqrt(104), within(1e-9));
        assertThat(spread.exceedsError()).contains(true);
        assertThat(Change.between(List.of(90.0, 110.0), List.of(118.0, 122.0), was -> Optional.empty(), false)
                        .exceedsError())
                .isEmpty();
        assertThat(Change.between(List.of(90.0), List.of(118.0, 122.0), was -> Optional.empty(), true)
                        .error())
                .isEmpty();
    }
}
