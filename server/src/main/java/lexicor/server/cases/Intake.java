package lexicor.server.cases;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/**
 * What is asked before the examination.
 *
 * @param highBias this case's own way to take studies at high risk of bias; absent where the department's applies
 * @param answers history items answered yes or no; those not known are absent
 * @param precautions what forbids some tests
 * @param warnings warning signs answered yes
 */
public record Intake(
        String complaint,
        String involvedSide,
        @Schema(nullable = true) String dominantSide,
        @Schema(nullable = true) String ageBand,
        String setting,
        String mechanism,
        @Schema(nullable = true) String highBias,
        List<CandidateChoice> candidates,
        Map<String, Boolean> answers,
        List<String> precautions,
        List<String> warnings) {

    /**
     * A candidate diagnosis of the case.
     *
     * @param baseRate this case's own base rate; absent where the setting's applies
     */
    public record CandidateChoice(String condition, @Schema(nullable = true) Double baseRate, String suspicion) {}
}
