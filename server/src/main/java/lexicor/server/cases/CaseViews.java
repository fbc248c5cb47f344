package lexicor.server.cases;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.server.standing.Standing;
import lexicor.server.standing.Standing.ConditionStanding;

/** What the API takes and gives for cases. */
final class CaseViews {
    private CaseViews() {}

    /** A new case; without a code it gets the next free one. */
    record NewCase(
            @Schema(nullable = true) String code,
            String complaint,
            String involvedSide,
            @Schema(nullable = true) String setting) {}

    /** A line of the list of cases. */
    record CaseSummary(
            String code,
            String complaint,
            String complaintName,
            String involvedSide,
            String mechanism,
            Instant updatedAt,
            int testsDone,
            @Schema(nullable = true) ConditionStanding leading) {}

    /** A case: its intake, and where the examination is. The version is for saving the intake. */
    record CaseView(
            String code,
            long version,
            Instant createdAt,
            Instant updatedAt,
            String complaintName,
            Intake intake,
            Examination examination) {}

    /** An intake to save over the version it was made from. */
    record IntakeChange(long version, Intake intake) {}

    /** What is recorded and where that leaves the case. */
    record Examination(
            List<PlaceReadings> readings,
            List<FindingView> findings,
            Standing standing,
            boolean canUndo,
            List<BlockedTest> blocked,
            List<RaisedWarning> warnings) {}

    /**
     * A test that must not be done as things are.
     *
     * @param because the precautions that block it
     * @param reason why the examiner goes ahead all the same; absent where nobody wrote one
     */
    record BlockedTest(String test, List<String> because, @Schema(nullable = true) String reason) {}

    /** A warning sign and what raised it. */
    record RaisedWarning(String id, String message, String because) {}

    /** The written reason for going ahead with a blocked test. */
    record NewOverride(String test, String reason) {}

    /** What stands recorded at one place. */
    record PlaceReadings(String test, String at, String side, Map<String, Object> values) {}

    /** A criterion's outcome on one side, with the reason. */
    record FindingView(String criterion, String test, String label, String side, String outcome, String reason) {}

    /**
     * One tap.
     *
     * @param tapId made by the sender; the same tap sent twice is recorded once
     * @param changes leaf names with a truth value, a number, a code, or null to clear
     */
    record NewTap(UUID tapId, String test, String at, String side, Map<String, Object> changes) {}
}
