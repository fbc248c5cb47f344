package lexicor.core.weighing.input;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.evidence.Evidence;

/**
 * A finding that could be sought next (method M10).
 *
 * @param minutes how long it takes; 0 where not known
 * @param provokes conditions known to turn it positive though nobody has published how often (method M17)
 * @param reads the kinds of reading that it turns on; where none is named it reads the same as every other of its test (method M3)
 * @param recordedWithItsTest whether its result is taken to read whatever its test reads, as a self-contained case has it; at the bedside
 *     a result reads what the tap would
 */
public record OfferedTest(
        String id,
        String test,
        String family,
        double minutes,
        boolean contraindicated,
        Map<String, Evidence> evidence,
        Set<String> provokes,
        Set<String> reads,
        boolean recordedWithItsTest) {
    /** One that provokes nothing else and reads whatever its test reads. */
    public OfferedTest(
            String id,
            String test,
            String family,
            double minutes,
            boolean contraindicated,
            Map<String, Evidence> evidence) {
        this(id, test, family, minutes, contraindicated, evidence, Set.of(), Set.of(), false);
    }

    /** It with a result. */
    public RecordedFinding recorded(Result result) {
        return new RecordedFinding(
                id,
                test,
                family,
                result,
                evidence,
                provokes,
                Optional.empty(),
                recordedWithItsTest ? Set.of() : reads,
                false);
    }

    public OptionalDouble perMinute(double gain) {
        return minutes > 0 ? OptionalDouble.of(gain / minutes) : OptionalDouble.empty();
    }
}
