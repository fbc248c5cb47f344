package lexicor.server.cases;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * The time of recording, which never goes back: where the machine's clock jumps back, also over a restart, what is recorded
 * next still comes after what was recorded before.
 */
@Component
class RecordingClock {
    private final TapStore taps;
    private final Clock clock;
    private Instant last;

    @Autowired
    RecordingClock(TapStore taps) {
        this(taps, Clock.systemUTC());
    }

    RecordingClock(TapStore taps, Clock clock) {
        this.taps = taps;
        this.clock = clock;
    }

    /** As precise as the database keeps it, so that what is answered now reads the same later. */
    synchronized Instant now() {
        if (last == null) {
            last = taps.latestRecording().orElse(Instant.EPOCH);
        }
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        last = now.isAfter(last) ? now : last.plus(1, ChronoUnit.MICROS);
        return last;
    }
}
