package lexicor.server.outcomes;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Reference;

/** What the API takes and gives of what came out of a case. */
public final class OutcomeViews {
    private OutcomeViews() {}

    /**
     * What came out of a case.
     *
     * @param simulated whether the case is no patient's but made by the program
     * @param conditions the case's candidates, and what came out besides
     * @param others conditions that could have come out as well
     * @param second the second examination of it; absent where nobody was asked
     * @param secondOf the case that this is a second examination of, by its code; absent where it is none
     * @param colleagues who could be asked for one
     */
    record OutcomeView(
            boolean simulated,
            List<ConditionOutcome> conditions,
            List<ConditionName> others,
            List<OutcomeNote> notes,
            List<ReferralView> referrals,
            @Schema(nullable = true) SecondView second,
            @Schema(nullable = true) String secondOf,
            List<String> colleagues) {}

    record ConditionName(String id, String name) {}

    /**
     * A condition and what is known of it.
     *
     * @param known absent while nobody knows
     * @param foreseen what was thought at the last moment before; absent where nothing was, or nothing is known
     * @param hunch what was last said without the program; absent where nobody said anything
     * @param start where the case began, for whoever says a hunch; absent where it is no candidate
     */
    record ConditionOutcome(
            String id,
            String name,
            String shortName,
            @Schema(nullable = true) KnownView known,
            @Schema(nullable = true) ForeseenView foreseen,
            @Schema(nullable = true) HunchView hunch,
            @Schema(nullable = true) Double start) {}

    /**
     * @param reference the strongest that gave an answer
     * @param of how many references gave one
     */
    record KnownView(boolean present, Reference reference, String referenceWords, LocalDate since, int of) {}

    /**
     * @param visit at which it stood so
     */
    record ForeseenView(int visit, double pretest, double shown, @Schema(nullable = true) Double hunch) {}

    record HunchView(double stated, String by, Instant at) {}

    /**
     * What one reference said.
     *
     * @param months how long it was watched; absent where that is not the matter
     * @param takenBackBy absent while it stands
     */
    record OutcomeNote(
            long id,
            Reference reference,
            String referenceWords,
            LocalDate on,
            @Schema(nullable = true) Integer months,
            List<CameOutAnswer> answers,
            String note,
            String madeBy,
            Instant madeAt,
            @Schema(nullable = true) String takenBackBy,
            List<AttachedView> reports) {}

    record CameOutAnswer(String condition, String name, CameOut cameOut) {}

    /**
     * A report that came back.
     *
     * @param removedBy absent while it is there
     */
    record AttachedView(
            long id,
            String name,
            String mediaType,
            int bytes,
            String madeBy,
            Instant madeAt,
            @Schema(nullable = true) String removedBy) {}

    /**
     * @param words as in "referred for an MRI 7 weeks ago"
     * @param note what it answered; absent while it is waited for, or where it ended without an answer
     */
    record ReferralView(
            long id,
            Reference reference,
            String words,
            LocalDate on,
            String about,
            String madeBy,
            boolean waiting,
            @Schema(nullable = true) Long note,
            String why) {}

    /**
     * @param code by which it is opened; absent while it is blind to whoever asks
     */
    record SecondView(String examiner, @Schema(nullable = true) String code, boolean done) {}

    /**
     * What a reference said, to be noted.
     *
     * @param key made by the sender; the same sent twice is noted once
     * @param months needed for a follow-up
     * @param answers by condition
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    record NewNote(
            UUID key,
            Reference reference,
            LocalDate on,
            @Schema(nullable = true) Integer months,
            Map<String, CameOut> answers,
            @Schema(nullable = true) String note,
            @Schema(nullable = true) Boolean sure) {}

    /** An answer that is waited for from now on. */
    record NewReferral(
            UUID key,
            Reference reference,
            LocalDate on,
            @Schema(nullable = true) String about,
            @Schema(nullable = true) Boolean sure) {}

    /** Why no answer will come. */
    record NoAnswer(String why, @Schema(nullable = true) Boolean sure) {}

    /** What an examiner thinks, by condition. */
    record HunchesStated(Map<String, Double> probabilities) {}

    /** Who is to examine the patient a second time. */
    record SecondAsked(String examiner) {}

    /**
     * A case that waits for an answer.
     *
     * @param code by which it is opened
     * @param words as in "referred for an MRI 7 weeks ago"
     * @param late whether that is longer than usual
     */
    record WaitingCase(
            String code,
            String complaint,
            Reference reference,
            String words,
            String about,
            LocalDate on,
            int weeks,
            boolean late) {}
}
