package lexicor.server.recording;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import lexicor.server.cases.records.TapStore;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Component;

/**
 * The time of recording, which never goes back: where the machine's clock jumps back, also over a restart, what is recorded
 * next still comes after what was recorded before.
 */
@Component
class RecordingClock {
    private final TapStore taps;
    private final Moments moments;
    private Instant last;

    RecordingClock(TapStore taps, Moments moments) {
        this.taps = taps;
        this.moments = moments;
    }

    synchronized Instant now() {
        if (last == null) {
            last = taps.latestRecording().orElse(Instant.EPOCH);
        }
        Instant now = moments.now();
        last = now.isAfter(last) ? now : last.plus(1, ChronoUnit.MICROS);
        return last;
    }
}
