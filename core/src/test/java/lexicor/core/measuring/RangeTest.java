package lexicor.core.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.examination.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked by hand. */
class RangeTest {
    /** Degrees of the involved side and the other, active and passive; an empty one was not measured. */
    @ParameterizedTest
    @CsvSource({
        "170, , 175, , false, FULL",
        "100, 172, 175, 178, false, ACTIVE_SHORT",
        "100, 172, 175, , false, ACTIVE_SHORT",
        "100, 105, 175, 178, false, BOTH_SHORT",
        "100, , 175, , false, ",
        ", 110, , 160, false, BOTH_SHORT",
        ", 158, , 160, false, FULL",
        "30, 5, 0, 0, true, ACTIVE_SHORT",
        "30, 28, 0, , true, BOTH_SHORT",
        "9, , 0, , true, FULL",
        "120, , , , false, "
    })
    void activeAndPassiveAreReadTogether(
            Double active, Double passive, Double otherActive, Double otherPassive, boolean more, RangePattern read) {
        assertThat(RangePattern.of(reading(active, passive), reading(otherActive, otherPassive), 10, more))
                .isEqualTo(Optional.ofNullable(read));
    }

    private static RangeReading reading(Double active, Double passive) {
        return new RangeReading(Optional.ofNullable(active), Optional.ofNullable(passive));
    }

    @Test
    void aStiffCapsuleLosesOutwardTurnMost() {
        // 20 of 60, 100 of 170 and 50 of 70 degrees are left: 66.7, 41.2 and 28.6 % lost.
        Map<String, Double> lost = Map.of(
                "outward", CapsularPattern.lossPercent(20, 60).orElseThrow(),
                "abduction", CapsularPattern.lossPercent(100, 170).orElseThrow(),
                "inward", CapsularPattern.lossPercent(50, 70).orElseThrow());
        assertThat(lost.get("outward")).isCloseTo(66.667, within(1e-3));
        assertThat(CapsularPattern.of(lost, "outward", 40, 10)).contains(true);
        assertThat(CapsularPattern.of(lost, "abduction", 70, 10)).contains(false);
        assertThat(CapsularPattern.of(Map.of("outward", 20.0, "abduction", 1.0), "outward", 9, 10))
                .contains(false);
        assertThat(CapsularPattern.of(Map.of("outward", 66.0), "outward", 40, 10))
                .isEmpty();
        assertThat(CapsularPattern.of(Map.of("abduction", 66.0, "inward", 3.0), "outward", 0, 10))
                .isEmpty();
        assertThat(CapsularPattern.lossPercent(5, 0)).isEmpty();
    }

    @Test
    void aChangeIsHeldAgainstTheMeasurementError() {
        assertThat(new Change(60, 75, Optional.of(12.0)).exceedsError()).contains(true);
        assertThat(new Change(75, 60, Optional.of(15.0)).exceedsError()).contains(false);
        assertThat(new Change(60, 75, Optional.empty()).exceedsError()).isEmpty();
        // Variances 100 and 4 over three trials each: 1.96 sqrt(104 / 3) = 11.54.
        assertThat(Change.errorOfTrials(List.of(50.0, 60.0, 70.0), List.of(80.0, 82.0, 84.0))
                        .orElseThrow())
                .isCloseTo(11.540, within(1e-3));
        assertThat(Change.errorOfTrials(List.of(50.0), List.of(80.0, 82.0))).isEmpty();
    }

    @Test
    void aHeadStartOfTheDominantSideIsTakenOffTheIndex() {
        // The dominant side is taken to be a tenth stronger: 99 of 100 is then 90 of 100.
        assertThat(Dominance.corrected(99, true, 10)).isCloseTo(90, within(1e-9));
        assertThat(Dominance.corrected(90, false, 10)).isCloseTo(99, within(1e-9));
        assertThat(Dominance.corrected(90, true, 0)).isEqualTo(90);
    }

    @Test
    void loosenessIsNamedByDirection() {
        assertThat(Looseness.of(List.of())).isEqualTo(Looseness.NOT_TESTED);
        assertThat(Looseness.of(List.of(Outcome.NOT_DONE, Outcome.NEGATIVE))).isEqualTo(Looseness.FIRM);
        assertThat(Looseness.of(List.of(Outcome.NEGATIVE, Outcome.UNCLEAR))).isEqualTo(Looseness.BOTH_SIDES);
        assertThat(Looseness.of(List.of(Outcome.UNCLEAR, Outcome.POSITIVE))).isEqualTo(Looseness.LOOSER);
        Map<String, Looseness> found = new LinkedHashMap<>();
        found.put("forwards", Looseness.LOOSER);
        found.put("backwards", Looseness.FIRM);
        found.put("downwards", Looseness.NOT_TESTED);
        assertThat(Looseness.sentence(found, Outcome.NEGATIVE))
                .isEqualTo("Looser than the other side: forwards. Joints are not loose in general: this shoulder."
                        + " To be tested: downwards.");
        found.put("downwards", Looseness.LOOSER);
        assertThat(Looseness.sentence(found, Outcome.POSITIVE))
                .isEqualTo("Looser than the other side: forwards and downwards, more than one direction."
                        + " Joints are loose in general as well, so part of it may be general looseness.");
        found.replaceAll((name, l) -> Looseness.BOTH_SIDES);
        assertThat(Looseness.sentence(found, Outcome.POSITIVE))
                .contains("No direction is looser", "general looseness rather than this shoulder");
        found.replaceAll((name, l) -> Looseness.NOT_TESTED);
        assertThat(Looseness.sentence(found, Outcome.NOT_DONE))
                .isEqualTo("No direction tested yet. The general score remains to be taken.");
    }
}
