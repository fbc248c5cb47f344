package lexicor.core.measuring;

import java.util.Optional;

/**
 * A movement of one side.
 *
 * @param active how far the patient moves, in degrees; empty where not measured
 * @param passive how far the examiner moves, in degrees; empty where not measured
 */
public record RangeReading(Optional<Double> active, Optional<Double> passive) {}
