package lexicor.server.cases;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.server.standing.Standing;
import lexicor.server.standing.Standing.ConditionStanding;

/** What the API takes and gives for cases. */
public final class CaseViews {
    private CaseViews() {}

    /**
     * A new case; without a code it gets the next free one.
     *
     * @param sure whether a code that looks like a date of birth was asked about and is none
     */
    public record NewCase(
            @Schema(nullable = true) String code,
            String complaint,
            String involvedSide,
            @Schema(nullable = true) String setting,
            @Schema(nullable = true) Boolean sure) {}

    /** A line of the list of cases. */
    public record CaseSummary(
            String code,
            String complaint,
            String complaintName,
            String involvedSide,
            String mechanism,
            Instant updatedAt,
            int testsDone,
            boolean closed,
            @Schema(nullable = true) ConditionStanding leading) {}

    /** Closes a case over the version last seen, or opens it again. */
    public record Closure(long version, boolean closed) {}

    /**
     * A case: its intake, and where the examination of the current visit is.
     *
     * @param id of the case, whatever it is called: a request that names it is never taken for another case of that code
     * @param version for saving the intake
     * @param owner whose case it is; absent from before there were accounts
     * @param shares who else may open it
     * @param visits when each visit began; the last is the current one
     * @param closedAt absent while it is open
     */
    public record CaseView(
            String code,
            long id,
            long version,
            @Schema(nullable = true) String owner,
            List<String> shares,
            Instant createdAt,
            Instant updatedAt,
            List<Instant> visits,
            String complaintName,
            @Schema(nullable = true) Instant closedAt,
            @Schema(nullable = true) String closedBy,
            Intake intake,
            PlanView plan,
            Examination examination) {}

    /**
     * The running order.
     *
     * @param own whether somebody changed it; otherwise it is the one proposed for the candidates
     */
    public record PlanView(boolean own, List<String> tests) {}

    /**
     * A running order to save over the version of the case that it was made from.
     *
     * @param tests in order, each once; empty to follow the proposed order again
     * @param arrange whether to bring them into the order that spares the patient most
     */
    public record PlanChange(long version, List<String> tests, boolean arrange) {}

    /** The answer that starts a ladder; none leaves it. */
    public record LadderChange(long version, @Schema(nullable = true) String answer) {}

    /**
     * A ladder that fits the case, and how far it was walked.
     *
     * @param fits the answer that the findings give to its question
     * @param answer the answer it was started with; absent while it is only offered
     * @param current the test to do now
     * @param unclear whether that test was done without a clear outcome
     * @param ended whether it was walked to an end
     * @param suspect conditions to suspect at the end
     * @param reading what the end says
     */
    public record LadderView(
            String id,
            String name,
            String question,
            List<String> answers,
            @Schema(nullable = true) String fits,
            @Schema(nullable = true) String answer,
            List<LadderStep> taken,
            @Schema(nullable = true) String current,
            boolean unclear,
            boolean ended,
            List<String> suspect,
            String reading) {}

    /** A test of a ladder that was done and what it came to. */
    public record LadderStep(String test, String outcome) {}

    /** A tap as it is kept, taken back or not. */
    public record TapView(
            UUID tapId,
            Instant tappedAt,
            Instant recordedAt,
            int visit,
            String device,
            String test,
            String at,
            String side,
            @JsonInclude(content = JsonInclude.Include.ALWAYS) Map<String, Object> changes,
            boolean takenBack) {}

    /** Takes a tap back. */
    public record TakeBack(UUID tapId) {}

    /** The variant in which a test was recorded. */
    public record VariantDone(String test, String name, String note) {}

    /**
     * An intake to save over the version it was made from.
     *
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    public record IntakeChange(long version, Intake intake, @Schema(nullable = true) Boolean sure) {}

    /** Whose the case is from now on, and who else may open it. */
    public record Sharing(long version, String owner, List<String> shares) {}

    /**
     * What is recorded and where that leaves the case.
     *
     * @param lastTap the latest tap that stands, the one to take back
     * @param unknown what is recorded and not known to the content in force, in words; it weighs nothing
     */
    public record Examination(
            List<PlaceReadings> readings,
            List<FindingView> findings,
            Standing standing,
            @Schema(nullable = true) UUID lastTap,
            List<LadderView> ladders,
            List<VariantDone> variants,
            List<BlockedTest> blocked,
            List<RaisedWarning> warnings,
            List<String> unknown) {}

    /**
     * A test that must not be done as things are.
     *
     * @param because the precautions that block it
     * @param reason why the examiner goes ahead all the same; absent where nobody wrote one
     */
    public record BlockedTest(String test, List<String> because, @Schema(nullable = true) String reason) {}

    /** A warning sign and what raised it. */
    public record RaisedWarning(String id, String message, String because) {}

    /** The written reason for going ahead with a blocked test. */
    public record NewOverride(String test, String reason, @Schema(nullable = true) Boolean sure) {}

    /** What stands recorded at one place. */
    public record PlaceReadings(String test, String at, String side, Map<String, Object> values) {}

    /** A criterion's outcome on one side, with the reason. */
    public record FindingView(
            String criterion, String test, String label, String side, String outcome, String reason) {}

    /**
     * One tap.
     *
     * @param tapId made by the sender; the same tap sent twice is recorded once
     * @param changes leaf names with a truth value, a number, a code, or null to clear
     * @param device a random name of the device, so that its taps stay in their order; may be absent
     * @param ageMillis how long ago it was made; absent for just now
     * @param visit the number of the visit it was made at; absent for the current one
     */
    public record NewTap(
            UUID tapId,
            String test,
            String at,
            String side,
            Map<String, Object> changes,
            @Schema(nullable = true) String device,
            @Schema(nullable = true) Long ageMillis,
            @Schema(nullable = true) Integer visit) {}
}
