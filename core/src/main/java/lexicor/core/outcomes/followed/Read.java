package lexicor.core.outcomes.followed;

import java.time.Instant;
import java.time.LocalDate;

/**
 * A criterion or a cluster that came out, the first time it was decided in a case.
 *
 * @param of its id
 * @param examiner who recorded it last
 * @param day of the visit
 * @param at when it was recorded last
 */
public record Read(String of, boolean positive, String examiner, LocalDate day, Instant at) {
    /** Whether it was read before somebody could know. */
    public boolean isBefore(Known known) {
        return !day.isAfter(known.since()) && !at.isAfter(known.notedAt());
    }
}
