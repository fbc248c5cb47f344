package lexicor.core.outcomes.followed;

import java.time.Instant;
import java.time.LocalDate;

/**
 * What somebody noted of one condition from one reference.
 *
 * @param on the day of the reference
 * @param at when it was noted
 */
public record Noted(String condition, CameOut cameOut, Reference reference, LocalDate on, Instant at) {}
