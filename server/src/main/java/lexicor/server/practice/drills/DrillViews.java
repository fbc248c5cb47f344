package lexicor.server.practice.drills;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import lexicor.core.practice.drill.Drill.Kind;

/** What the API takes and gives for quick questions. */
public final class DrillViews {
    private DrillViews() {}

    /**
     * A question without its answer.
     *
     * @param options none where a probability is guessed
     * @param map the drawn region, where a place of it is asked for
     * @param due how many are due now
     * @param again whether it was asked before
     */
    public record DrillView(
            Kind kind,
            String key,
            String ask,
            List<String> details,
            List<DrillOption> options,
            @Schema(nullable = true) String map,
            long due,
            boolean again) {}

    public record DrillOption(String id, String label) {}

    /** An answer: an option's id, or a probability in percent. */
    public record DrillAnswer(Kind kind, String key, String answer) {}

    /** People of whom some have a condition, and some of either kind are positive. */
    public record DrillPeople(int outOf, int with, int positiveWith, int positiveWithout) {}

    /**
     * Whether it was right.
     *
     * @param answer the right one
     * @param dueAt when it comes again
     * @param people where a probability was guessed
     */
    public record DrillResult(
            boolean right, String answer, String why, Instant dueAt, @Schema(nullable = true) DrillPeople people) {}

    /** How one kind of question went so far. */
    public record DrillTally(Kind kind, int right, int wrong) {}

    /** What is due, and how it went. */
    public record DrillHome(long due, List<DrillTally> tallies) {}
}
