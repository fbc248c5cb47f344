package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lexicor.core.evidence.Study.SensitivityOnly;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.Logit;
import org.junit.jupiter.api.Test;

/** What the pictures of pooled figures are drawn from: shares of weight, and regions in ROC space. */
class ForestTest {
    private static final TwoByTwo LARGE = new TwoByTwo(80, 20, 10, 90, false, false);
    private static final TwoByTwo SMALL = new TwoByTwo(8, 2, 4, 6, false, false);
    private static final TwoByTwo RISKY = new TwoByTwo(30, 10, 2, 38, true, false);

    private static Accuracy pooled(HighBias way, Study... studies) {
        return ((Evidence.Weighable) Pooling.pool(List.of(studies), way)).accuracy();
    }

    /** Two studies: each margin's shares are 1 / (v + tau²), by hand from the cells. */
    @Test
    void aStudysShareIsItsWeightBesideWhatStudiesDifferBy() {
        Accuracy pooled = pooled(HighBias.AS_PRINTED, LARGE, SMALL);
        Forest forest = Forest.of(List.of(LARGE, SMALL), HighBias.AS_PRINTED, pooled);
        double tau2 = pooled.between().specificity();
        assertThat(tau2).as("studies that differ").isGreaterThan(0.01);
        double large = 1 / (1 / 90.0 + 1 / 10.0 + tau2);
        double small = 1 / (1 / 6.0 + 1 / 4.0 + tau2);
        assertThat(forest.lines().get(0).specificityShare()).isCloseTo(large / (large + small), within(1e-12));
        double largeSn = 1 / (1 / 80.0 + 1 / 20.0 + pooled.between().sensitivity());
        double smallSn = 1 / (1 / 8.0 + 1 / 2.0 + pooled.between().sensitivity());
        assertThat(forest.lines().get(1).sensitivityShare()).isCloseTo(smallSn / (largeSn + smallSn), within(1e-12));
    }

    @Test
    void whatIsNotPooledHasNoShareAndTheOthersShareTheWhole() {
        SensitivityOnly half = new SensitivityOnly(20, 5, false, false);
        Accuracy pooled = pooled(HighBias.LEFT_OUT, LARGE, RISKY, half, SMALL);
        List<Forest.Line> lines = Forest.of(List.of(LARGE, RISKY, half, SMALL), HighBias.LEFT_OUT, pooled)
                .lines();
        assertThat(lines).extracting(Forest.Line::used).containsExactly(true, false, false, true);
        assertThat(lines.get(1).sensitivityShare()).isZero();
        assertThat(lines.get(2).specificityShare()).isZero();
        assertThat(lines.stream().mapToDouble(Forest.Line::sensitivityShare).sum())
                .isCloseTo(1, within(1e-12));
        assertThat(lines.stream().mapToDouble(Forest.Line::specificityShare).sum())
                .isCloseTo(1, within(1e-12));
        assertThat(Forest.of(List.of(LARGE, RISKY), HighBias.CORRECTED, pooled(HighBias.CORRECTED, LARGE, RISKY))
                        .lines())
                .allMatch(Forest.Line::used);
    }

    /** Every corner lies where the quadratic form of its own covariance is the 95 % point of chi-squared with 2 degrees. */
    @Test
    void theRegionsAreTheEllipsesOfTheirOwnCovariance() {
        Accuracy pooled = pooled(
                HighBias.AS_PRINTED,
                LARGE,
                SMALL,
                new TwoByTwo(45, 15, 30, 50, false, false),
                new TwoByTwo(21, 39, 5, 75, false, false),
                new TwoByTwo(60, 40, 20, 80, false, false));
        assertThat(pooled.estimate()).isNotEqualTo(pooled.predictive());
        onEllipse(pooled, pooled.estimate(), RocRegion.confidence(pooled, 24));
        onEllipse(pooled, pooled.predictive(), RocRegion.prediction(pooled, 24));
    }

    private static void onEllipse(Accuracy pooled, Covariance c, List<RocRegion.Point> corners) {
        assertThat(corners).hasSize(24);
        double determinant = c.sensitivity() * c.specificity() - c.both() * c.both();
        for (RocRegion.Point p : corners) {
            double x = Logit.of(p.sensitivity()) - pooled.logitSensitivity();
            double y = Logit.of(p.specificity()) - pooled.logitSpecificity();
            double form = (c.specificity() * x * x - 2 * c.both() * x * y + c.sensitivity() * y * y) / determinant;
            assertThat(form).isCloseTo(5.991464547107979, within(1e-6));
        }
    }

    @Test
    void withoutSpreadOfOneMarginTheRegionIsALine() {
        Accuracy flat = new Accuracy(
                Accuracy.Method.BIVARIATE,
                1,
                2,
                new Covariance(0, 0, 0.25),
                Covariance.ZERO,
                new Covariance(0, 0, 0.25),
                pooled(HighBias.AS_PRINTED, LARGE).shown(),
                10);
        assertThat(RocRegion.confidence(flat, 8))
                .allSatisfy(p -> assertThat(p.sensitivity()).isCloseTo(Logit.inverse(1), within(1e-12)))
                .anySatisfy(p -> assertThat(Logit.of(p.specificity()))
                        .isCloseTo(2 + 0.5 * Math.sqrt(5.991464547107979), within(1e-9)));
    }
}
