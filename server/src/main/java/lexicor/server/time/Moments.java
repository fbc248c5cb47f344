package lexicor.server.time;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;

/** The present moment, as precise as the database keeps it, so that what is answered now reads the same later. */
@Component
public class Moments {
    /** When the program was started. */
    public static final Instant OF_START = kept(Clock.systemUTC().instant());

    private final Clock clock;

    public Moments(Clock clock) {
        this.clock = clock;
    }

    public Instant now() {
        return kept(clock.instant());
    }

    /** The day that it is there. */
    public LocalDate today(ZoneId zone) {
        return LocalDate.ofInstant(now(), zone);
    }

    /** A time as the database keeps it. */
    public static Instant kept(Instant time) {
        return time.truncatedTo(ChronoUnit.MICROS);
    }
}
