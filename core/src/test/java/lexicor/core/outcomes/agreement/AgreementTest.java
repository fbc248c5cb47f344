package lexicor.core.outcomes.agreement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgreementTest {
    /** Against R's psych 2.2.9, cohen.kappa. */
    @ParameterizedTest
    @CsvSource({
        "20, 5, 10, 15, 0.4, 0.151092290477, 0.648907709523",
        "38, 3, 2, 7, 0.675324675325, 0.41181883464, 0.938830516009",
        "1, 4, 2, 43, 0.189189189189, -0.223342135353, 0.601720513732"
    })
    void kappaAgrees(int both, int first, int second, int neither, double kappa, double low, double high) {
        Kappa.Coefficient found =
                new Kappa(both, first, second, neither).cohen().orElseThrow();
        assertThat(found.value()).isCloseTo(kappa, within(1e-9));
        assertThat(found.interval().low()).isCloseTo(low, within(2e-5));
        assertThat(found.interval().high()).isCloseTo(high, within(2e-5));
    }

    @Test
    void whereNearlyEverybodyIsNegativeTheAdjustedOneIsFairer() {
        Kappa rare = new Kappa(1, 4, 2, 43);
        assertThat(rare.observed()).isCloseTo(0.88, within(1e-12));
        assertThat(rare.adjusted().value()).isCloseTo(0.76, within(1e-12));
        // R: 2 * prop.test(44, 50, correct = FALSE)$conf.int - 1.
        assertThat(rare.adjusted().interval().low()).isCloseTo(0.5239669, within(1e-4));
        assertThat(new Kappa(0, 0, 0, 12).cohen()).isEmpty();
        assertThatThrownBy(() -> new Kappa(0, 0, 0, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    private static final List<Double> FIRST = List.of(92.0, 105.0, 78.0, 88.0, 120.0, 99.0, 110.0, 85.0, 95.0, 101.0);
    private static final List<Double> SECOND = List.of(90.0, 101.0, 80.0, 84.0, 117.0, 101.0, 104.0, 83.0, 97.0, 96.0);

    /** Against R's psych 2.2.9, ICC without lmer, and the variance components of aov. */
    @Test
    void theIntraclassCorrelationAgrees() {
        Reliability r = Reliability.of(FIRST, SECOND).orElseThrow();
        assertThat(r.icc()).isCloseTo(0.957441860465, within(1e-9));
        assertThat(r.interval().low()).isCloseTo(0.802034191963, within(1e-6));
        assertThat(r.interval().high()).isCloseTo(0.989802298298, within(1e-6));
        assertThat(r.measurementError()).isCloseTo(2.46981780705, within(1e-9));
        assertThat(r.smallestRealChange()).isCloseTo(1.959963985 * Math.sqrt(2) * 2.46981780705, within(1e-6));
        assertThat(r.firstHigher()).isCloseTo(2, within(1e-12));
    }

    @Test
    void whoMeasuresTheSameHasNoErrorAndTooFewSayNothing() {
        Reliability same = Reliability.of(FIRST, FIRST).orElseThrow();
        assertThat(same.icc()).isEqualTo(1);
        assertThat(same.measurementError()).isZero();
        assertThat(Reliability.of(FIRST.subList(0, 2), SECOND.subList(0, 2))).isEmpty();
        List<Double> flat = IntStream.range(0, 5).mapToObj(i -> 90.0).toList();
        assertThat(Reliability.of(flat, flat)).isEmpty();
    }
}
