package lexicor.server.questions;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Outcome;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.standing.Standing.ConditionStanding;

/** What one can ask of a weighed case, and the answers. */
public final class Questions {
    private Questions() {}

    /**
     * Something supposed. Nothing of it is stored.
     *
     * @param outcomes criteria or history items as if they had come out {@code positive}, {@code negative}, or been left out
     *     ({@code not-done})
     * @param suspicions the step of suspicion of a condition
     * @param familyOverlap absent as the department has it
     * @param generalOverlap absent as the department has it
     * @param crossActivation absent as the department has it
     * @param clusterShare absent as the department has it
     * @param highBias absent as the case has it
     */
    public record Supposition(
            Map<String, Outcome> outcomes,
            Map<String, Suspicion> suspicions,
            @Schema(nullable = true) Double familyOverlap,
            @Schema(nullable = true) Double generalOverlap,
            @Schema(nullable = true) Double crossActivation,
            @Schema(nullable = true) Double clusterShare,
            @Schema(nullable = true) HighBias highBias) {}

    /** Where the case would stand. */
    public record Supposed(List<ConditionStanding> conditions) {}

    /**
     * How every test tells two conditions apart.
     *
     * @param separating those that do, the best first
     * @param alike those that cannot: a result moves both alike
     * @param oneOnly criteria with figures for one of the two alone
     */
    public record Apart(List<ApartView> separating, List<ApartView> alike, List<OneOnly> oneOnly) {}

    /**
     * One criterion between two conditions.
     *
     * @param positiveBits how far a positive moves the first against the second, in bits; below 0 towards the second
     * @param negativeBits the same for a negative
     * @param result its outcome in this case; absent where it was not done
     * @param blocked whether a precaution forbids it
     */
    public record ApartView(
            String criterion,
            String name,
            String test,
            double positiveBits,
            double negativeBits,
            @Schema(nullable = true) Outcome result,
            boolean blocked) {}

    /** A criterion with figures for one condition alone. */
    public record OneOnly(String criterion, String name, String condition) {}

    /**
     * What to do within a time.
     *
     * @param tests in the order to do them, with what has to come first
     * @param gain bits that they are expected to tell together
     */
    public record SequenceView(List<SequenceTest> tests, double minutes, double gain) {}

    /** A test of the sequence; one that only has to come first is not reckoned with. */
    public record SequenceTest(
            String test, String name, String position, double minutes, int provocation, boolean counts) {}
}
