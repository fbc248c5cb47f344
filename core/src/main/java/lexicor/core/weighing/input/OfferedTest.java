package lexicor.core.weighing.input;

import java.util.Map;
import java.util.OptionalDouble;
import lexicor.core.evidence.Evidence;

/**
 * A finding that could be sought next (method M10).
 *
 * @param minutes how long it takes; 0 where not known
 */
public record OfferedTest(
        String id,
        String test,
        String family,
        double minutes,
        boolean contraindicated,
        Map<String, Evidence> evidence) {
    public OptionalDouble perMinute(double gain) {
        return minutes > 0 ? OptionalDouble.of(gain / minutes) : OptionalDouble.empty();
    }
}
