package lexicor.core.practice.hunches;

import java.time.Instant;

/**
 * A probability that somebody stated of a condition, and whether it was there.
 *
 * @param region of the condition
 * @param stated in [0, 1]
 * @param program what the program said, in [0, 1]
 */
public record Hunch(
        long patient, String condition, String region, double stated, double program, boolean present, Instant at) {}
