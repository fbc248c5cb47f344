package lexicor.server.practice;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.Side;
import lexicor.core.practice.debrief.Debrief.Scores;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.debrief.Point;

/** What the API takes and gives for practice on simulated patients. */
public final class PracticeViews {
    private PracticeViews() {}

    /**
     * A patient set by hand; what is not said is drawn.
     *
     * @param conditions exactly those that are there, at most two; absent where they are drawn
     */
    public record WishView(
            @Schema(nullable = true) List<String> conditions,
            @Schema(nullable = true) AgeBand age,
            List<String> precautions,
            List<String> warnings) {}

    /**
     * A new simulated patient.
     *
     * @param complaint any of them where it is absent
     * @param setting the community where it is absent
     * @param seed the same seed is the same patient; a fresh one where it is absent
     * @param minutes from 5 to 60; 20 where they are absent
     */
    public record NewPatient(
            @Schema(nullable = true) String complaint,
            @Schema(nullable = true) Setting setting,
            @Schema(nullable = true) Long seed,
            @Schema(nullable = true) Integer minutes) {}

    /** Where a patient is found. */
    public record Begun(long id) {}

    /**
     * Something done with the patient.
     *
     * @param key made by the sender: the same sent again is done once
     * @param kind said, asked, did, looked or peeked
     * @param said what is said, where it is that
     * @param question what kind of question, and with id which, where it is that
     * @param test with at and side, what is done, where it is that
     */
    public record NewDeed(
            UUID key,
            StepKind kind,
            @Schema(nullable = true) Courtesy said,
            @Schema(nullable = true) Question question,
            @Schema(nullable = true) String id,
            @Schema(nullable = true) String test,
            @Schema(nullable = true) String at,
            @Schema(nullable = true) Side side) {}

    /** A probability for each candidate, from 0 to 1. */
    public record NewHunch(UUID key, boolean atEnd, Map<String, Double> probabilities) {}

    /**
     * The end of an examination.
     *
     * @param plan the condition whose usual next step is chosen; empty for none of them, absent for no plan
     */
    public record End(UUID key, @Schema(nullable = true) String plan) {}

    /** Who it is, as one sees and is told at once. */
    public record MetView(String age, String work, String free, Side involved, Side dominant, String opening) {}

    /**
     * A question that can be asked.
     *
     * @param ask as it is put
     * @param yes what was answered; absent while it was not asked
     * @param words the answer
     */
    public record QuestionView(
            Question kind,
            String id,
            String ask,
            @Schema(nullable = true) Boolean yes,
            @Schema(nullable = true) String words) {}

    /**
     * What came back at a place.
     *
     * @param seen what the examiner saw or felt
     * @param said what was answered
     * @param shown what hurt or frightened; absent while it was neither heard nor looked for
     * @param afterSeconds when the symptom came in a test that is held; absent where none came
     * @param held how long the test is held where nothing comes; absent where it is not timed
     * @param times how often it was done
     */
    public record ReplyView(
            String test,
            String at,
            Side side,
            List<String> seen,
            List<String> said,
            @Schema(nullable = true) List<String> shown,
            @Schema(nullable = true) Integer afterSeconds,
            @Schema(nullable = true) Integer held,
            int times) {}

    /** A candidate, and where it starts in this setting. */
    public record CandidateView(String id, String name, String shortName, double rate, String onward) {}

    /** The words that were exchanged before anything was touched. */
    public record CourtesyView(Courtesy what, String words) {}

    /**
     * The practice side of an examination.
     *
     * @param address under which the couch finds it
     * @param seed and setting make the same patient again
     * @param used minutes that it has taken so far
     * @param minutes that there are
     * @param before the hunches before the first test; absent until they are given
     * @param atEnd those at the end
     * @param peeked whether the program's own were asked for
     * @param own whether whoever asks is the one who examines
     */
    public record EncounterView(
            long id,
            String address,
            String owner,
            boolean own,
            String complaint,
            String complaintName,
            Setting setting,
            long seed,
            MetView person,
            List<CourtesyView> courtesies,
            List<QuestionView> questions,
            List<ReplyView> replies,
            List<CandidateView> candidates,
            double used,
            int minutes,
            @Schema(nullable = true) Map<String, Double> before,
            @Schema(nullable = true) Map<String, Double> atEnd,
            boolean peeked,
            boolean ended,
            @Schema(nullable = true) Long station) {}

    /** A candidate before, after and in truth. */
    public record JudgedView(
            String condition,
            String name,
            boolean present,
            double pretest,
            double before,
            double atEnd,
            double program,
            double asFelt) {}

    /**
     * Something that could have been done otherwise.
     *
     * @param test with at and side, where on the couch it was; absent where it was nowhere in particular
     */
    public record DebriefPoint(
            Point.Kind kind,
            String words,
            @Schema(nullable = true) String test,
            @Schema(nullable = true) String at,
            @Schema(nullable = true) Side side) {}

    /** A test with the bits that it was expected to tell when it was done. */
    public record TestStepView(String test, String name, double bits, double minutes) {}

    /**
     * What is said at the end.
     *
     * @param truth what was there, as a sentence
     * @param words the scores in plain words
     * @param bits of the tests done, and bestBits of the best order within the same minutes
     * @param changes of position, and bestChanges of the best order of the same tests
     * @param next the usual next step for what was there
     * @param planned whether the plan made is that; absent where none was made
     */
    public record DebriefView(
            String truth,
            List<JudgedView> judged,
            Scores own,
            Scores program,
            String words,
            List<DebriefPoint> points,
            double minutes,
            double bits,
            double bestBits,
            int changes,
            int bestChanges,
            List<TestStepView> steps,
            List<TestStepView> best,
            boolean peeked,
            List<String> next,
            @Schema(nullable = true) Boolean planned) {}

    /**
     * A line of the list of patients.
     *
     * @param there what was there, once it has ended
     */
    public record PatientLine(
            long id,
            String owner,
            String complaintName,
            Setting setting,
            Instant startedAt,
            @Schema(nullable = true) Instant endedAt,
            @Schema(nullable = true) Double brier,
            @Schema(nullable = true) Double programBrier,
            List<String> there,
            @Schema(nullable = true) Long station) {}
}
