package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.Accuracy.Method;
import lexicor.core.evidence.Study.TwoByTwo;
import org.junit.jupiter.api.Test;

/** Single studies and their pooling, worked by hand from the formulas of method M1 and M2. */
class PoolingTest {
    private static final TwoByTwo STUDY = new TwoByTwo(40, 10, 5, 45, false, false);

    @Test
    void aStudysFiguresAndIntervals() {
        assertThat(STUDY.sensitivity()).isEqualTo(0.8);
        assertThat(STUDY.specificity()).isEqualTo(0.9);
        // Wilson for 40 of 50: centre (0.8 + 1.9208 / 50) / (1 + 3.8416 / 50), half width from the same formula.
        double n = 1 + 3.8416 / 50;
        double half = 1.96 / n * Math.sqrt(0.8 * 0.2 / 50 + 3.8416 / 10000);
        assertThat(STUDY.sensitivityInterval().low()).isCloseTo((0.8 + 1.9208 / 50) / n - half, within(1e-12));
        assertThat(STUDY.positiveRatio().value()).isCloseTo(8, within(1e-12));
        double se = Math.sqrt(1 / 40.0 - 1 / 50.0 + 1 / 5.0 - 1 / 50.0);
        assertThat(STUDY.positiveRatio().interval().high()).isCloseTo(8 * Math.exp(1.96 * se), within(1e-9));
        double seNegative = Math.sqrt(1 / 10.0 - 1 / 50.0 + 1 / 45.0 - 1 / 50.0);
        assertThat(STUDY.negativeRatio().interval().low())
                .isCloseTo(2 / 9.0 * Math.exp(-1.96 * seNegative), within(1e-9));
    }

    @Test
    void aZeroCellIsCorrectedForWeighingAndNotForShow() {
        TwoByTwo perfect = new TwoByTwo(20, 0, 0, 30, false, false);
        Accuracy a = pooled(HighBias.CORRECTED, perfect);
        assertThat(a.shown().sensitivity()).isEqualTo(1);
        assertThat(a.logitSensitivity()).isCloseTo(Math.log(20.5 / 0.5), within(1e-12));
        assertThat(a.estimate().specificity()).isCloseTo(1 / 30.5 + 1 / 0.5, within(1e-12));
        assertThat(a.predictive().specificity()).isCloseTo(1 / 30.5 + 1 / 0.5 + 0.36, within(1e-12));
    }

    @Test
    void twoStudiesArePooledByMoments() {
        Accuracy a = pooled(HighBias.CORRECTED, STUDY, new TwoByTwo(20, 20, 10, 30, false, false));
        // Sensitivity: logits ln 4 and 0 with variances 0.125 and 0.1, so weights 8 and 10.
        double fixed = 8 * Math.log(4) / 18;
        double q = 8 * Math.pow(Math.log(4) - fixed, 2) + 10 * fixed * fixed;
        double tau2 = (q - 1) / (18 - 164 / 18.0);
        double w1 = 1 / (0.125 + tau2);
        double w2 = 1 / (0.1 + tau2);
        assertThat(a.method()).isEqualTo(Method.UNIVARIATE);
        assertThat(a.between().sensitivity()).isCloseTo(tau2, within(1e-12));
        assertThat(a.logitSensitivity()).isCloseTo(w1 * Math.log(4) / (w1 + w2), within(1e-12));
        assertThat(a.estimate().sensitivity()).isCloseTo(1 / (w1 + w2), within(1e-12));
        assertThat(a.estimate().both()).isZero();
        assertThat(a.people()).isEqualTo(180);
    }

    @Test
    void highRiskOfBiasIsCorrectedPrintedOrLeftOut() {
        TwoByTwo risky = new TwoByTwo(40, 10, 5, 45, true, false);
        Accuracy corrected = pooled(HighBias.CORRECTED, risky);
        assertThat(corrected.logitSensitivity()).isCloseTo(Math.log(4) - Math.log(3) / 2, within(1e-12));
        assertThat(corrected.logitSpecificity()).isCloseTo(Math.log(9) - Math.log(3) / 2, within(1e-12));
        assertThat(corrected.estimate().sensitivity()).isCloseTo(0.125 + 0.25, within(1e-12));
        assertThat(corrected.shown().sensitivity()).isEqualTo(0.8);
        assertThat(pooled(HighBias.AS_PRINTED, risky).logitSensitivity()).isCloseTo(Math.log(4), within(1e-12));
        assertThat(Pooling.pool(List.of(risky), HighBias.LEFT_OUT)).isInstanceOf(Evidence.LeftOut.class);
        assertThat(pooled(HighBias.LEFT_OUT, risky, STUDY).method()).isEqualTo(Method.STUDY);
        // Hardly better than chance: lowered to a useless test and no further.
        Accuracy weak = pooled(HighBias.CORRECTED, new TwoByTwo(55, 45, 50, 50, true, false));
        assertThat(weak.logPositiveRatio()).isCloseTo(0, within(1e-12));
        // Worse than chance already: nothing to take away.
        Accuracy worse = pooled(HighBias.CORRECTED, new TwoByTwo(40, 60, 50, 50, true, false));
        assertThat(worse.logitSensitivity()).isCloseTo(Math.log(40 / 60.0), within(1e-12));
    }

    @Test
    void aSensitivityAloneIsKeptAndNeverWeighed() {
        Study alone = new Study.SensitivityOnly(7, 1, false, false);
        assertThat(Pooling.pool(List.of(alone), HighBias.CORRECTED)).isInstanceOf(Evidence.SensitivityOnly.class);
        Evidence both = Pooling.pool(List.of(alone, STUDY), HighBias.CORRECTED);
        assertThat(((Evidence.Weighable) both).accuracy().people()).isEqualTo(100);
        assertThatThrownBy(() -> Pooling.pool(List.of(), HighBias.CORRECTED)).hasMessageContaining("no study");
    }

    @Test
    void aReviewsFigureStandsForItsPairUntilThereAreFourPrimaryStudies() {
        EvidenceBase evidence = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);
        // Primary studies and two reviews' rows: the studies are pooled, a total split in two where no more is known.
        assertThat(accuracy(evidence, "phalen/median-symptoms-60s", "carpal-tunnel")
                        .people())
                .isEqualTo(28 + 54 + 46 + 50 + 142 + 86 + 44 + 66 + 67 + 50 + 95 + 96 + 142 + 232);
        // The review alone: its sizes are not known and taken as 30 and 30.
        assertThat(accuracy(evidence, "monofilament/over-2-83", "carpal-tunnel").people())
                .isEqualTo(60);
        assertThat(accuracy(evidence, "active-compression/deep-pain-relieved", "slap-tear")
                        .method())
                .isEqualTo(Method.BIVARIATE);
        assertThat(evidence.of("chair-sign/apprehension"))
                .hasEntrySatisfying(
                        "posterolateral-elbow-instability",
                        e -> assertThat(((Evidence.Weighable) e).isJudged()).isTrue());
        assertThat(evidence.of("jerk/pain-or-clunk").getOrDefault("carpal-tunnel", null))
                .isNull();
        assertThat(evidence.ofCluster("subacromial-five")).isPresent();
        assertThat(evidence.ofCluster("full-tear-three")).isEmpty();
    }

    private static Accuracy accuracy(EvidenceBase evidence, String criterion, String condition) {
        return ((Evidence.Weighable) evidence.of(criterion).get(condition)).accuracy();
    }

    private static Accuracy pooled(HighBias highBias, Study... studies) {
        return ((Evidence.Weighable) Pooling.pool(List.of(studies), highBias)).accuracy();
    }
}
