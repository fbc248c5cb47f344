package lexicor.server.standing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.model.Item;

/**
 * A case weighed in full: the standing and, for every condition, its ledger and what each school says.
 *
 * @param rankingDependsOnSchool whether the ways to weigh disagree on which condition comes first
 * @param closed for a closed case alone
 */
public record Weighed(
        Standing standing,
        Map<String, List<LedgerRowView>> ledgers,
        List<SchoolView> schools,
        boolean rankingDependsOnSchool,
        Method method,
        BiasView bias,
        Map<String, ReasonsView> reasons,
        List<CountView> counts,
        @Schema(nullable = true) ClosedView closed) {

    /** The same with where a closed case would stand with today's content and settings. */
    public Weighed closed(Instant since, List<Standing.ConditionStanding> today, boolean changes) {
        return new Weighed(
                standing,
                ledgers,
                schools,
                rankingDependsOnSchool,
                method,
                bias,
                reasons,
                counts,
                new ClosedView(since, today, changes));
    }

    /**
     * A closed case beside the same case weighed today.
     *
     * @param since when the content that it keeps came to be in force
     * @param today the conditions in today's order
     * @param changes whether any condition would stand elsewhere, by a tenth of a percent or by its place
     */
    public record ClosedView(Instant since, List<Standing.ConditionStanding> today, boolean changes) {}

    /**
     * One condition opened up.
     *
     * @param path the counted findings as steps from pretest to posttest, the weightiest first
     * @param doubts why to trust the number less than its digits suggest, as sentences
     * @param ifHalf where the same findings would leave it were its pretest half as large
     * @param ifDouble the same were its pretest twice as large; absent where that is no probability
     * @param before people like this one at the start
     * @param after people like this one with these findings
     * @param pull absent where no cluster is believed beside its members
     * @param uncheckedShare how much of the weight rests on figures not checked against their source, from 0 to 1
     */
    public record ReasonsView(
            List<PathStepView> path,
            List<String> doubts,
            double ifHalf,
            @Schema(nullable = true) Double ifDouble,
            PeopleView before,
            PeopleView after,
            double uncheckedShare,
            @Schema(nullable = true) PullView pull) {}

    /**
     * What decided clusters add beside their members, where conditions are weighed together.
     *
     * @param factor on the odds
     * @param words the same as a sentence
     */
    public record PullView(double factor, String words) {}

    /**
     * A step; the probability before and after it.
     *
     * @param id a finding or cluster; {@code others} for what the other candidates explain, {@code clusters} for what decided
     *     clusters add beside their members, {@code by-half} for both believed by half, {@code held} and a cluster's id for what an open
     *     cluster holds back
     * @param words what the step is, where it is no finding or cluster; absent for one of those
     */
    public record PathStepView(String id, double from, double to, @Schema(nullable = true) String words) {}

    /** So many of so many have the condition. */
    public record PeopleView(int outOf, int with) {}

    /**
     * A count practised without published accuracy: never weighed.
     *
     * @param done how many of the members have a clear outcome
     * @param reached whether the department's line is reached
     */
    public record CountView(
            String name,
            String condition,
            int positives,
            int done,
            int members,
            int atLeast,
            boolean reached,
            String note) {}

    /**
     * A finding's figures for this pretest in whole people.
     *
     * @param positive all who are positive, with the condition or without
     */
    public record HundredView(int outOf, int with, int positiveWith, int positiveWithout, int positive) {}

    /** A school's probabilities by condition; {@code hasSay} is false for clusters while none is decided. */
    public record SchoolView(School id, String name, boolean hasSay, Map<String, Double> probabilities) {}

    /** How it was weighed. */
    public record Method(
            School school,
            double familyOverlap,
            double generalOverlap,
            double crossActivation,
            double clusterShare,
            HighBias highBias,
            Judgements judgements) {}

    /**
     * What the ways to take studies at high risk of bias would make of the case.
     *
     * @param department the department's choice
     * @param ofCase the case's own; absent where it has none
     * @param changesOrder whether the order of conditions depends on the way
     */
    public record BiasView(
            HighBias department,
            @Schema(nullable = true) HighBias ofCase,
            boolean changesOrder,
            List<BiasResult> results) {}

    /** The conditions in order under one way. */
    public record BiasResult(HighBias highBias, List<BiasPlace> order) {}

    /** A condition's place under one way. */
    public record BiasPlace(String condition, String name, double pretest, double posttest) {}

    /**
     * A finding or cluster and what it did for the condition.
     *
     * @param reason why the finding came out as it did
     * @param sentence what became of it, in plain words
     * @param judged the judgement that it is weighed by, in words; it has neither figures nor a ratio of its own then; absent where
     *     studies speak
     */
    public record LedgerRowView(
            String id,
            Item.Kind kind,
            String name,
            String family,
            String result,
            String reason,
            @Schema(nullable = true) Double lrAlone,
            @Schema(nullable = true) Double lrLow,
            @Schema(nullable = true) Double lrHigh,
            @Schema(nullable = true) Double lrAdded,
            Status status,
            String sentence,
            @Schema(nullable = true) Accuracy.Method pooling,
            @Schema(nullable = true) FiguresView figures,
            @Schema(nullable = true) String judged,
            List<SourceView> sources) {}

    /**
     * Sensitivity and specificity as printed, their 95 % intervals, and what they mean for this pretest.
     *
     * @param sober absent where figures are weighed as printed
     */
    public record FiguresView(
            double sensitivity,
            double sensitivityLow,
            double sensitivityHigh,
            double specificity,
            double specificityLow,
            double specificityHigh,
            @Schema(nullable = true) SoberView sober,
            HundredView people) {}

    /** The same as they are believed: as another clinic would find them again (method M23). */
    public record SoberView(double sensitivity, double specificity) {}

    /** A study behind a figure, as printed. */
    public record SourceView(
            String source,
            @Schema(nullable = true) Integer year,
            String kind,
            @Schema(nullable = true) Double sensitivity,
            @Schema(nullable = true) Double specificity,
            @Schema(nullable = true) Double diseased,
            @Schema(nullable = true) Double healthy,
            @Schema(nullable = true) Double people,
            String population,
            String bias,
            String confidence,
            String signOff,
            String note) {}
}
