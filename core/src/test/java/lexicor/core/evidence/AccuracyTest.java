package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lexicor.core.numbers.Interval;
import org.junit.jupiter.api.Test;

/** What one study of 100 people says, against the formulas of textbooks on its four cells. */
class AccuracyTest {
    private static final double CLOSE = 1e-12;
    private static final double TP = 45;
    private static final double FN = 5;
    private static final double FP = 10;
    private static final double TN = 40;

    private final Accuracy accuracy = ((Evidence.Weighable)
                    Pooling.pool(List.of(new Study.TwoByTwo(TP, FN, FP, TN, false, false)), HighBias.AS_PRINTED))
            .accuracy();

    @Test
    void sensitivityAndSpecificityAreThoseOfTheCells() {
        assertThat(accuracy.sensitivity()).isCloseTo(0.9, within(CLOSE));
        assertThat(accuracy.specificity()).isCloseTo(0.8, within(CLOSE));
        assertThat(Math.exp(accuracy.logPositiveRatio())).isCloseTo(4.5, within(CLOSE));
        assertThat(Math.exp(accuracy.logNegativeRatio())).isCloseTo(0.125, within(CLOSE));
    }

    /** The usual standard error of the logarithm of a likelihood ratio: the delta method on logits comes to the same. */
    @Test
    void aLikelihoodRatiosIntervalIsTheUsualOne() {
        double positive = Math.sqrt(1 / TP - 1 / (TP + FN) + 1 / FP - 1 / (FP + TN));
        double negative = Math.sqrt(1 / FN - 1 / (TP + FN) + 1 / TN - 1 / (FP + TN));
        same(accuracy.ratioInterval(true), 4.5, positive);
        same(accuracy.ratioInterval(false), 0.125, negative);
    }

    private static void same(Interval shown, double ratio, double sd) {
        assertThat(shown.low()).isCloseTo(ratio * Math.exp(-1.96 * sd), within(CLOSE));
        assertThat(shown.high()).isCloseTo(ratio * Math.exp(1.96 * sd), within(CLOSE));
    }
}
