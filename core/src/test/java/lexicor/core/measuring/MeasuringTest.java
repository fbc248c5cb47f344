package lexicor.core.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

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
        assertThat(involved.isDeficit(uninvolved, Strength.USUAL_DEFICIT_PERCENT))
                .isTrue();
        assertThat(involved.isDeficit(uninvolved, 16)).isFalse();
        assertThatThrownBy(() -> involved.sideIndexPercent(new Strength(List.of(0.0))))
                .hasMessageContaining("uninvolved");
        assertThatThrownBy(() -> new Strength(List.of(-1.0))).hasMessageContaining("at least 0 N");
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
        assertThatThrownBy(() -> Regrowth.of(List.of(new Regrowth.Point(1, 1), new Regrowth.Point(2, 2))))
                .hasMessageContaining("three readings");
    }
}
