package lexicor.core.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked by hand. */
class MeasuringTest {
    @Test
    void strengthOfBothSides() {
        Strength involved = new Strength(List.of(80.0, 90.0, 85.0));
        Strength uninvolved = new Strength(List.of(98.0, 102.0, 100.0));
        assertThat(involved.meanNewtons()).isEqualTo(85);
        assertThat(involved.bestNewtons()).isEqualTo(90);
        assertThat(involved.variationPercent()).isCloseTo(100 * 5 / 85.0, within(1e-12));
        assertThat(involved.torqueNewtonMetres(0.25)).isEqualTo(21.25);
        assertThat(involved.sideIndexPercent(uninvolved)).isCloseTo(85, within(1e-12));
        assertThat(SideComparison.isDeficit(involved.sideIndexPercent(uninvolved), Strength.USUAL_DEFICIT_PERCENT))
                .isTrue();
        assertThat(SideComparison.isDeficit(involved.sideIndexPercent(uninvolved), 16))
                .isFalse();
        assertThatThrownBy(() -> involved.sideIndexPercent(new Strength(List.of(0.0))))
                .hasMessageContaining("uninvolved");
        assertThatThrownBy(() -> new Strength(List.of(-1.0))).hasMessageContaining("at least 0 N");
    }

    @Test
    void bothSidesBesideEachOther() {
        Optional<Strength> weak = Optional.of(new Strength(List.of(60.0, 80.0)));
        Optional<Strength> strong = Optional.of(new Strength(List.of(100.0)));
        SideComparison sides = new SideComparison(weak, strong);
        assertThat(sides.indexPercent()).contains(70.0);
        assertThat(SideComparison.isDeficit(70, 30)).isTrue();
        assertThat(SideComparison.isDeficit(70, 30.5)).isFalse();
        assertThat(new SideComparison(weak, Optional.empty()).indexPercent()).isEmpty();
        assertThat(new SideComparison(weak, Optional.of(new Strength(List.of(0.0)))).indexPercent())
                .isEmpty();
        // 60 and 80 differ by 14.14 from their mean of 70: 20.2 %.
        assertThat(SideComparison.isUneven(weak.get())).isTrue();
        assertThat(SideComparison.isUneven(new Strength(List.of(66.0, 74.0)))).isFalse();
        assertThat(SideComparison.isUneven(strong.get())).isFalse();
        assertThat(RotationRatio.of(weak.get(), strong.get())).isEqualTo(0.7);
        assertThatThrownBy(() -> RotationRatio.of(weak.get(), new Strength(List.of(0.0))))
                .hasMessageContaining("no force");
    }

    @ParameterizedTest
    @CsvSource({
        "false, false, STRONG_PAINLESS",
        "false, true, STRONG_PAINFUL",
        "true, true, WEAK_PAINFUL",
        "true, false, WEAK_PAINLESS"
    })
    void painAndWeaknessAreReadTogether(boolean weak, boolean painful, ContractilePattern pattern) {
        assertThat(ContractilePattern.of(Optional.of(weak), Optional.of(painful)))
                .contains(pattern);
        assertThat(ContractilePattern.of(Optional.of(weak), Optional.empty()))
                .as("pain that nobody recorded")
                .isEmpty();
        assertThat(pattern.words()).contains(weak ? "weak" : "strong").contains(painful ? "painful" : "painless");
    }

    /** Four readings ten days apart. */
    private static Regrowth pace(double... mm) {
        return Regrowth.of(IntStream.range(0, mm.length)
                .mapToObj(i -> new Regrowth.Point(10 * i, mm[i]))
                .toList());
    }

    @Test
    void regrowthWithItsInterval() {
        Regrowth regrowth = Regrowth.of(List.of(
                new Regrowth.Point(0, 0),
                new Regrowth.Point(10, 12),
                new Regrowth.Point(20, 18),
                new Regrowth.Point(30, 30)));
        // Sxx = 500, Sxy = 480; fitted 0.6, 10.2, 19.8, 29.4; residual squares 0.36 + 3.24 + 3.24 + 0.36 = 7.2;
        // standard error sqrt(3.6 / 500); t with 2 degrees of freedom 4.302653.
        double half = 4.302653 * Math.sqrt(3.6 / 500);
        assertThat(regrowth.mmPerDay()).isCloseTo(0.96, within(1e-12));
        assertThat(regrowth.interval().low()).isCloseTo(0.96 - half, within(1e-6));
        assertThat(regrowth.interval().high()).isCloseTo(0.96 + half, within(1e-6));
        assertThat(regrowth.sentence())
                .isEqualTo("The tapping point moves 0.96 mm a day (95 %: 0.59 to 1.33), "
                        + "in keeping with the customary 1 mm a day.");
        assertThat(pace(0, 5, 11, 15).sentence()).endsWith("slower than the customary 1 mm a day.");
        assertThat(pace(3, 2, 4, 3).sentence()).endsWith("not certain.");
        assertThat(pace(0, 21, 39, 60).sentence()).contains("faster");
        assertThatThrownBy(() -> Regrowth.of(List.of(new Regrowth.Point(1, 1), new Regrowth.Point(2, 2))))
                .hasMessageContaining("three readings");
    }
}
