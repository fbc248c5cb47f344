package lexicor.server.standing;

import java.time.Instant;

/**
 * Where a candidate stood when something of it was last examined.
 *
 * @param visit the number of that visit
 * @param on when that was
 */
public record LastStanding(int visit, Instant on, double posttest) {}
