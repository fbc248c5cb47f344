package lexicor.server.cases;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.core.catalogue.VisitCore;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Side;
import lexicor.server.standing.Standing;
import lexicor.server.standing.Standing.ConditionStanding;

/** What the API takes and gives for cases. */
public final class CaseViews {
    private CaseViews() {}

    /** A line of the list of cases. */
    public record CaseSummary(
            String code,
            String complaint,
            String complaintName,
            Side involvedSide,
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
     * @param visits when each visit began, or the day that somebody gave it, by their numbers from 1
     * @param visit the number of the one that is open
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
            int visit,
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
     * @param minutes the time there is, where somebody said so
     * @param leftOut what of the tests is left out for want of time
     * @param sets sets of tests that were put in as one, by id
     * @param core what is never left out; absent where nothing is said of the complaint
     */
    public record PlanView(
            boolean own,
            List<String> tests,
            @Schema(nullable = true) Integer minutes,
            List<LeftOut> leftOut,
            @Schema(nullable = true) CoreView core,
            List<String> sets) {}

    /**
     * What no visit for the complaint leaves out for want of time.
     *
     * @param places of its tests the places that matter most, as test, a slash and the place
     * @param first the test that splits the question best; absent where none does
     */
    public record CoreView(
            List<String> tests, List<String> places, @Schema(nullable = true) String first, String because) {
        static CoreView of(VisitCore core) {
            return new CoreView(core.tests(), core.places(), core.first().orElse(null), core.because());
        }
    }

    /**
     * A test of the running order that is left out for want of time.
     *
     * @param why half a sentence
     */
    public record LeftOut(String test, String why) {}

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
    public record LadderStep(String test, Outcome outcome) {}

    /** The variant in which a test was recorded. */
    public record VariantDone(String test, String name, String note) {}

    /** Whose the case is from now on, and who else may open it. */
    public record Sharing(long version, String owner, List<String> shares) {}

    /**
     * What is recorded and where that leaves the case.
     *
     * @param lastTaps the latest taps that stand, the last one first: those to take back
     * @param clusters those of the candidates
     * @param careful tests that are done with care alone
     * @param besides conditions that a positive speaks for and that are no candidates, the most spoken for first
     * @param unknown what is recorded and not known to the content in force, in words; it weighs nothing
     */
    public record Examination(
            List<PlaceReadings> readings,
            List<FindingView> findings,
            Standing standing,
            List<LastTap> lastTaps,
            List<ClusterView> clusters,
            List<LadderView> ladders,
            List<VariantDone> variants,
            List<BlockedTest> blocked,
            List<CarefulTest> careful,
            List<RaisedWarning> warnings,
            List<BesideView> besides,
            List<String> unknown) {}

    /**
     * A condition that is no candidate, and the positive that speaks for it.
     *
     * @param finding in words
     */
    public record BesideView(String condition, String name, String finding) {}

    /** A tap that can be taken back, and where it was made. */
    public record LastTap(UUID tapId, String test, String at, Side side) {}

    /**
     * How far a published cluster has come.
     *
     * @param tests those of its members, each once, in its order
     * @param positives members that are positive
     * @param done members with a clear outcome
     * @param members how many there are
     * @param needed how many positives it asks for; absent where every count has its own ratio
     * @param progress how far its points have come, in words; absent where none are given
     * @param decided whether the rest can change nothing
     */
    public record ClusterView(
            String id,
            String name,
            String condition,
            List<String> tests,
            int positives,
            int done,
            int members,
            @Schema(nullable = true) Integer needed,
            @Schema(nullable = true) String progress,
            boolean decided) {}

    /**
     * A test that must not be done as things are.
     *
     * @param because the precautions and warning signs that block it
     * @param reason why the examiner goes ahead all the same; absent where nobody wrote one
     */
    public record BlockedTest(String test, List<String> because, @Schema(nullable = true) String reason) {}

    /**
     * A warning sign that is raised.
     *
     * @param because what raised it, in words
     * @param discreet whether it is for the examiner's eyes alone
     * @param excluded whether somebody saw what raises it, and excluded it; it stops nothing then
     * @param settled what was said of it; absent where nothing was, or where something raised it since
     */
    public record RaisedWarning(
            String id,
            String name,
            String message,
            String because,
            boolean discreet,
            boolean excluded,
            @Schema(nullable = true) SettledView settled) {}

    /**
     * What somebody said of a warning sign.
     *
     * @param state confirmed or excluded
     */
    public record SettledView(String state, String why, String by, Instant at) {}

    /** A test that is done with care alone. */
    public record CarefulTest(String test, List<String> because) {}

    /** What stands recorded at one place. */
    public record PlaceReadings(String test, String at, Side side, Map<String, Object> values) {}

    /**
     * A criterion's outcome on one side, with the reason.
     *
     * @param assumed whether it is a negative that nobody said
     * @param ask the sign that nobody said and that would count, to be answered in its line; absent where there is none
     */
    public record FindingView(
            String criterion,
            String test,
            String label,
            Side side,
            Outcome outcome,
            String reason,
            boolean assumed,
            @Schema(nullable = true) AskView ask) {}

    /** A question with the answers that say it. */
    public record AskView(String at, String question, List<AnswerView> answers) {}

    /** @param changes what a tap of the answer records */
    public record AnswerView(String label, Map<String, Object> changes) {}
}
