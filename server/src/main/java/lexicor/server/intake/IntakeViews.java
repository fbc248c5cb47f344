package lexicor.server.intake;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.Side;
import lexicor.server.cases.Intake;

/** What the API takes for what is asked before the examination, and for its order. */
public final class IntakeViews {
    private IntakeViews() {}

    /**
     * A new case; without a code it gets the next free one.
     *
     * @param sure whether a code that looks like a date of birth was asked about and is none
     */
    public record NewCase(
            @Schema(nullable = true) String code,
            String complaint,
            Side involvedSide,
            @Schema(nullable = true) Setting setting,
            @Schema(nullable = true) Boolean sure) {}

    /**
     * A running order to save over the version of the case that it was made from.
     *
     * @param tests in order, each once; empty to follow the proposed order again
     * @param sets sets of tests that are put in as one, by id; absent where none is put in or taken out
     * @param arrange whether to bring them into the order that spares the patient most
     */
    public record PlanChange(
            long version, List<String> tests, boolean arrange, @Schema(nullable = true) List<String> sets) {}

    /**
     * The time there is for what is still to be done.
     *
     * @param minutes from 1 to 240; null for as long as it takes
     */
    public record TimeThere(long version, @Schema(nullable = true) Integer minutes) {}

    /** The answer that starts a ladder; none leaves it. */
    public record LadderChange(long version, @Schema(nullable = true) String answer) {}

    /**
     * An intake to save over the version it was made from.
     *
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    public record IntakeChange(long version, Intake intake, @Schema(nullable = true) Boolean sure) {}
}
