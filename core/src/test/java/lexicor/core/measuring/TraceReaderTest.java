package lexicor.core.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TraceReaderTest {
    private static final double STEP_MILLIS = 50;

    /** What a device sends at 20 Hz over a time, and the trials found in it. */
    private static List<DeviceTrial> trials(double seconds, DoubleUnaryOperator signal) {
        TraceReader reader = new TraceReader(10);
        List<DeviceTrial> found = new ArrayList<>();
        for (double ms = 0; ms <= seconds * 1000; ms += STEP_MILLIS) {
            reader.take(ms, signal.applyAsDouble(ms / 1000)).ifPresent(found::add);
        }
        return found;
    }

    @Test
    void thePlateauIsTheBestTwoSecondsAndThePeakTheLargestValue() {
        // At rest for 2 s, 80 N for 3 s with a jerk to 130 N, 100 N for 3 s, at rest.
        List<DeviceTrial> found = trials(10, t -> {
            if (t < 2 || t >= 8) {
                return 0;
            }
            return t == 3 ? 130 : t < 5 ? 80 : 100;
        });
        assertThat(found).hasSize(1);
        DeviceTrial trial = found.get(0);
        assertThat(trial.peak()).isEqualTo(130);
        assertThat(trial.plateau()).isCloseTo(100, within(1e-9));
        assertThat(trial.seconds()).isCloseTo(5.95, within(1e-9));
        assertThat(trial.complete()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "6, 0", "-4, 0", "3, 0.4"})
    void aZeroThatIsOffOrDriftsIsTakenOff(double offset, double driftPerSecond) {
        List<DeviceTrial> found = trials(12, t -> offset + driftPerSecond * t + (t >= 3 && t < 9 ? 90 : 0));
        assertThat(found).hasSize(1);
        // What drifts within the trial stays in it: at most the drift of its six seconds.
        assertThat(found.get(0).plateau()).isCloseTo(90, within(6.6 * driftPerSecond + 1e-9));
        assertThat(found.get(0).baseline()).isCloseTo(offset + driftPerSecond * 2.45, within(0.2));
    }

    @Test
    void noiseMakesNoTrialsAndBlursThePlateauLittle() {
        for (int seed = 0; seed < 50; seed++) {
            Random random = new Random(seed);
            List<DeviceTrial> found =
                    trials(30, t -> 1.5 * random.nextGaussian() + (t % 10 >= 3 && t % 10 < 9 ? 60 : 0));
            assertThat(found).as("seed %d", seed).hasSize(3);
            assertThat(found).allSatisfy(trial -> assertThat(trial.plateau()).isCloseTo(60, within(2.0)));
        }
    }

    @Test
    void aSilenceWithinATrialBreaksIt() {
        TraceReader reader = new TraceReader(10);
        for (int ms = 0; ms < 3000; ms += 50) {
            assertThat(reader.take(ms, ms < 1000 ? 0 : 70)).isEmpty();
        }
        assertThat(reader.isOnTrial()).isTrue();
        DeviceTrial broken = reader.take(5000, 0).orElseThrow();
        assertThat(broken.complete()).isFalse();
        assertThat(broken.plateau()).isCloseTo(70, within(1e-9));
        assertThat(reader.lost()).isEmpty();
    }

    @Test
    void aKnockIsNoTrial() {
        assertThat(trials(5, t -> t >= 2 && t < 2.6 ? 200 : 0)).isEmpty();
    }

    @Test
    void aClockThatGoesBackIsRefused() {
        TraceReader reader = new TraceReader(10);
        reader.take(1000, 0);
        assertThatThrownBy(() -> reader.take(999, 0)).hasMessageContaining("does not go back");
        assertThatThrownBy(() -> reader.take(1100, Double.NaN)).hasMessageContaining("a number");
    }
}
