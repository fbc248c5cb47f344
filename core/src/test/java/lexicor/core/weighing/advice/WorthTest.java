package lexicor.core.weighing.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;
import lexicor.core.numbers.Logit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a test would tell, in bits, against the same worked out from counts of people. */
class WorthTest {
    private static Evidence.Weighable study(double sensitivity, double specificity) {
        double n = 1000;
        return (Evidence.Weighable) Pooling.pool(
                List.of(new Study.TwoByTwo(
                        n * sensitivity, n * (1 - sensitivity), n * (1 - specificity), n * specificity, false, false)),
                HighBias.AS_PRINTED);
    }

    /** The mean share over clinics whose log-odds scatter around the printed one, by plain summing. */
    private static double overClinics(double printed, double variance) {
        double sum = 0;
        double weights = 0;
        for (double z = -8; z <= 8; z += 0.001) {
            double weight = Math.exp(-z * z / 2);
            sum += weight * Logit.inverse(Logit.of(printed) + Math.sqrt(variance) * z);
            weights += weight;
        }
        return sum / weights;
    }

    private static double bits(double part, double all) {
        return part == 0 ? 0 : -part / all * Math.log(part / all) / Math.log(2);
    }

    @ParameterizedTest
    @CsvSource({"500,0.9,0.8", "100,0.9,0.8", "200,0.3,0.95", "900,0.6,0.6", "10,0.99,0.99"})
    void isWhatCountsOfAThousandPeopleLose(double with, double printedSensitivity, double printedSpecificity) {
        Evidence.Weighable figures = study(printedSensitivity, printedSpecificity);
        double without = 1000 - with;
        double hit = with
                * overClinics(
                        printedSensitivity, 2 * figures.accuracy().predictive().sensitivity());
        double miss = with - hit;
        double quiet = without
                * overClinics(
                        printedSpecificity, 2 * figures.accuracy().predictive().specificity());
        double alarm = without - quiet;
        double before = bits(with, 1000) + bits(without, 1000);
        double positive = hit + alarm;
        double negative = miss + quiet;
        double after = positive / 1000 * (bits(hit, positive) + bits(alarm, positive))
                + negative / 1000 * (bits(miss, negative) + bits(quiet, negative));
        assertThat(Worth.ofOneTest(with / 1000, figures)).isCloseTo(before - after, within(1e-9));
    }

    @Test
    void aTestThatIsAsOftenPositiveWithoutTellsNothing() {
        assertThat(Worth.ofOneTest(0.3, study(0.4, 0.6))).isCloseTo(0, within(1e-12));
    }
}
