package lexicor.server.outcomes.learned;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import lexicor.core.catalogue.Setting;
import lexicor.core.numbers.Interval;
import lexicor.core.outcomes.meeting.Thing;
import lexicor.core.weighing.School;

/** What the API gives of what a department learned from its own cases. */
public final class LearnedViews {
    private LearnedViews() {}

    /**
     * What the numbers rest on.
     *
     * @param cases how many are counted
     * @param withOutcome of how many something came out
     * @param simulated how many of all are no patients' but made by the program
     * @param behind how many have changed and are still to be worked out
     */
    public record RestsOn(int cases, int withOutcome, int simulated, long behind) {}

    /** A share or a ratio with its 95 % interval. */
    public record FigureView(double value, double low, double high) {
        static FigureView of(double value, Interval interval) {
            return new FigureView(value, interval.low(), interval.high());
        }
    }

    /**
     * The department's own accuracy.
     *
     * @param examiners whose readings can be looked at by themselves
     */
    public record AccuracyList(RestsOn restsOn, List<String> examiners, List<OwnRow> rows) {}

    /**
     * A 2x2 table with its figures, beside the published ones.
     *
     * @param cluster whether it is of a cluster
     * @param small whether there are too few to say much
     * @param mayLeave whether no count is of fewer than five people
     * @param sensitivity of the verified ones; absent where there is nobody with the condition
     * @param correctedSensitivity for everybody examined; absent while a result has nobody verified
     * @param halves whether 0.5 was added for the correction, because a cell was empty
     * @param published what is weighed with beside the own cases; absent where nothing was published
     * @param study how it stands in the evidence
     * @param sentence what the table says and what is assumed, in words
     */
    public record OwnRow(
            String of,
            boolean cluster,
            String name,
            String condition,
            String conditionName,
            String region,
            int tp,
            int fn,
            int fp,
            int tn,
            int positiveOnly,
            int negativeOnly,
            double positivesVerified,
            double negativesVerified,
            boolean small,
            boolean mayLeave,
            @Schema(nullable = true) FigureView sensitivity,
            @Schema(nullable = true) FigureView specificity,
            @Schema(nullable = true) FigureView positiveRatio,
            @Schema(nullable = true) FigureView negativeRatio,
            @Schema(nullable = true) FigureView correctedSensitivity,
            @Schema(nullable = true) FigureView correctedSpecificity,
            boolean halves,
            @Schema(nullable = true) PublishedFigures published,
            InEvidence study,
            String sentence) {}

    /** What is weighed with beside the own cases. */
    public record PublishedFigures(
            FigureView sensitivity, FigureView specificity, FigureView positiveRatio, FigureView negativeRatio) {}

    /** How a table stands in the evidence. */
    public enum InEvidence {
        NO,
        AS_IT_IS,
        /** More cases have come in since. */
        EARLIER;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** The table that is to be a study, or no longer. */
    public record StudyChange(
            String of, String condition, boolean on, String why, @Schema(nullable = true) Boolean sure) {}

    /** Base rates by complaint and setting. */
    public record RateList(RestsOn restsOn, List<RateRow> rows) {}

    /**
     * How often a condition turned out to be there.
     *
     * @param start the shipped starting value
     * @param inForce what cases start with now
     * @param rate what the cases teach, drawn towards the start
     * @param elsewhere whether the start lies outside the interval
     * @param taken whether the rate in force is the learned one
     */
    public record RateRow(
            String complaint,
            String complaintName,
            Setting setting,
            String condition,
            String conditionName,
            double start,
            double inForce,
            int cases,
            int known,
            int present,
            FigureView rate,
            boolean elsewhere,
            boolean taken) {}

    /** The base rate that is to be taken over as the cases teach it. */
    public record RateTaken(
            String complaint, Setting setting, String condition, String why, @Schema(nullable = true) Boolean sure) {}

    /**
     * Whether it was right.
     *
     * @param enough whether there are enough outcomes to say
     * @param sentence what can be said, or cannot
     * @param program what the program showed; absent without outcomes
     */
    public record ForesightView(
            RestsOn restsOn,
            List<String> examiners,
            int outcomes,
            boolean enough,
            String sentence,
            @Schema(nullable = true) ForesightJudged program,
            List<SchoolForesight> schools,
            @Schema(nullable = true) HunchedView hunches) {}

    /**
     * @param brier and its parts by Murphy
     * @param area absent where somebody with the condition, or without, is missing
     */
    public record ForesightJudged(
            int patients,
            int predictions,
            double brier,
            double reliability,
            double resolution,
            double uncertainty,
            @Schema(nullable = true) FigureView area,
            List<BinView> bins,
            List<ConditionJudged> conditions) {}

    public record BinView(double said, double was, double low, double high, int predictions) {}

    public record ConditionJudged(
            String condition, String name, int predictions, double said, double was, double brier) {}

    /**
     * @param inForce whether the department weighs so now
     * @param behind by how much its Brier score is worse than the best one's; absent for the best
     */
    public record SchoolForesight(
            School school,
            boolean inForce,
            double brier,
            @Schema(nullable = true) FigureView area,
            @Schema(nullable = true) FigureView behind) {}

    /**
     * @param difference the examiners' Brier score less the program's of the same
     */
    public record HunchedView(ForesightJudged examiners, double programBrier, FigureView difference, String sentence) {}

    /** Whether two examiners find the same. */
    public record AgreementView(int pairs, List<CriterionAgreement> criteria, List<MeasureAgreement> measures) {}

    /**
     * @param kappa absent where chance alone would have them agree on everybody
     * @param small whether there are too few to say much
     */
    public record CriterionAgreement(
            String criterion,
            String name,
            int both,
            int first,
            int second,
            int neither,
            double observed,
            @Schema(nullable = true) FigureView kappa,
            FigureView adjusted,
            boolean small) {}

    /**
     * @param measurementError in the unit
     * @param smallestRealChange in the unit
     * @param used whether it is what changes between visits are held against
     */
    public record MeasureAgreement(
            String measure,
            String name,
            String unit,
            int patients,
            FigureView icc,
            double measurementError,
            double smallestRealChange,
            double firstHigher,
            boolean used) {}

    /**
     * A page for a department's meeting.
     *
     * @param seen what people came with
     * @param referred what they were sent for
     * @param waiting how many answers are waited for
     * @param late how many of those longer than usual
     * @param cameOut how it came out
     * @param things three things to change, or fewer
     */
    public record MeetingView(
            LocalDate from,
            LocalDate to,
            RestsOn restsOn,
            List<CountOf> seen,
            List<CountOf> referred,
            int waiting,
            int late,
            List<CameOutCount> cameOut,
            List<Thing> things) {}

    /**
     * @param of a complaint, or what somebody was sent for
     */
    public record CountOf(String of, int people) {}

    /**
     * @param said what the program had put it at on average; absent where nothing was foreseen
     */
    public record CameOutCount(
            String condition, String name, int present, int absent, @Schema(nullable = true) Double said) {}
}
