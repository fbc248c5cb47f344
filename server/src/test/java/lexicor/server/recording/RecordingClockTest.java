package lexicor.server.recording;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import lexicor.server.Running;
import lexicor.server.cases.records.TapStore;
import lexicor.server.time.Moments;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class RecordingClockTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Test
    void whatIsRecordedAfterAJumpBackComesAfterWhatWasRecordedBefore() {
        TapStore taps = LEXICOR.part(TapStore.class);
        Instant last = taps.latestRecording().orElseThrow();
        Clock anHourBack = Clock.fixed(last.minusSeconds(3600), ZoneOffset.UTC);
        RecordingClock clock = new RecordingClock(taps, new Moments(anHourBack));
        Instant first = clock.now();
        assertThat(first).isAfter(last);
        assertThat(clock.now()).isAfter(first);
    }
}
