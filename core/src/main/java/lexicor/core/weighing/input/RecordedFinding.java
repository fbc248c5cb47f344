package lexicor.core.weighing.input;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.evidence.Evidence;

/**
 * A finding as it enters the weighing.
 *
 * @param test criteria of one test share this; a finding by itself has its own id
 * @param family its mechanism (method M4)
 * @param evidence what is known of it, by condition; absent where there is no row
 * @param provokes conditions known to turn it positive though nobody has published how often (method M17); where one has figures,
 *     those speak
 * @param reads the kinds of reading that it turns on; where none is named it reads the same as every other of its test (method M3)
 * @param assumed whether it is a negative that nobody said: another sign of the test was tapped (method M19)
 * @param nerve the nerve that its test puts under tension, where tests of its family differ in that
 */
public record RecordedFinding(
        String id,
        String test,
        String family,
        Result result,
        Map<String, Evidence> evidence,
        Set<String> provokes,
        Optional<String> nerve,
        Set<String> reads,
        boolean assumed) {
    /** One that was said, provokes nothing else, reads whatever its test reads, and whose nerve does not matter. */
    public RecordedFinding(String id, String test, String family, Result result, Map<String, Evidence> evidence) {
        this(id, test, family, result, evidence, Set.of(), Optional.empty(), Set.of(), false);
    }

    public Optional<Evidence> evidence(String condition) {
        return Optional.ofNullable(evidence.get(condition));
    }
}
