package lexicor.server.standing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import lexicor.core.examination.DefinitionState;
import lexicor.core.planning.Restraint;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.listed.ListedCondition;

/**
 * Where a case stands: short enough to answer every tap.
 *
 * @param bands what the bands cover, in a sentence
 * @param next the tests that would tell most, in that order
 * @param advice what is advised at the couch, in the order of work
 * @param settled whether no test left can carry an undecided condition over one of its lines
 * @param fresh why every candidate stands at its base rate again; absent where something is recorded
 * @param left tests not done yet that are better left, with the reason
 */
public record Standing(
        List<ConditionStanding> conditions,
        String bands,
        List<NextTestView> next,
        AdviceView advice,
        boolean settled,
        List<LeftView> left,
        @Schema(nullable = true) String fresh) {

    /** Nothing is said of where it stands. */
    public static final Standing NONE =
            new Standing(List.of(), "", List.of(), new AdviceView(null, null, null), false, List.of(), null);

    /**
     * What is advised at the couch.
     *
     * @param test absent where nothing may be advised yet, or nothing is left that tells something
     * @param waits what comes first, as a sentence; absent where nothing has to
     * @param first the test that comes first then
     */
    public record AdviceView(
            @Schema(nullable = true) NextTestView test,
            @Schema(nullable = true) String waits,
            @Schema(nullable = true) String first) {}

    /**
     * A test that is better left.
     *
     * @param kind decided: its clusters are; forNothing: it can hurt and tells little
     */
    public record LeftView(String test, Restraint.Kind kind, String words) {}

    /**
     * One condition on its rail.
     *
     * @param probabilityFirst in how many simulations it came first; absent while nothing of it was examined
     * @param weighed whether something recorded has a figure or a judgement for it
     * @param group why it stands where it does in the one list
     * @param under the weighed condition that it is part of and stands below; absent where there is none
     * @param marked that it is diagnosed by its sign, or meets its definition, in a few words; absent where neither is so
     * @param settle what has to be settled before it is acted on; absent where nothing has to
     * @param began how its pretest comes about: base rate, age, suspicion
     * @param start the same step by step
     * @param rivals the candidates that explain part of what speaks for it, those that change it most first
     * @param last where it stood when it was last examined, where that was not at this visit
     */
    public record ConditionStanding(
            String id,
            String name,
            int rank,
            double pretest,
            double posttest,
            double low,
            double high,
            double lowNewClinic,
            double highNewClinic,
            @Schema(nullable = true) Double probabilityFirst,
            Verdict verdict,
            boolean borderline,
            double ruleOut,
            double act,
            int counted,
            boolean weighed,
            ListedCondition.Group group,
            @Schema(nullable = true) String under,
            @Schema(nullable = true) String marked,
            @Schema(nullable = true) SettleView settle,
            String began,
            StartView start,
            List<RivalView> rivals,
            AimedView aimed,
            List<DefinitionView> definitions,
            @Schema(nullable = true) LastView last) {}

    /**
     * Where a condition begins (method M25).
     *
     * @param steps what moves the base rate, in order; what moves nothing is left out
     * @param held whether the steps would take it farther than steps may
     */
    public record StartView(double baseRate, List<Pretest.Step> steps, boolean held) {}

    /**
     * What has to be settled before a condition is acted on (method M11).
     *
     * @param first what that is
     * @param words the same as a sentence, with the tests that would settle it
     */
    public record SettleView(List<SettleFirst> first, String words) {}

    /**
     * One of those.
     *
     * @param test the test that would tell most of it; absent where none that is left does
     * @param testName its name
     */
    public record SettleFirst(
            String condition,
            String name,
            double posttest,
            @Schema(nullable = true) String test,
            @Schema(nullable = true) String testName) {}

    /**
     * Another candidate that explains part of the same findings.
     *
     * @param pretest where the other began
     * @param now where it stands
     * @param ifAbsent where this one would stand were the other excluded
     * @param words the same as a sentence
     * @param held the same in a few words, where the other holds this one down noticeably; absent where it does not
     */
    public record RivalView(
            String condition,
            String name,
            double pretest,
            double now,
            double ifAbsent,
            String words,
            @Schema(nullable = true) String held) {}

    /**
     * How many of the tests aimed at a condition were positive, negative, unclear.
     *
     * @param words the same as a sentence, where nothing recorded has a figure
     */
    public record AimedView(int positive, int negative, int unclear, String words) {
        /** How many there are. */
        public int tests() {
            return positive + negative + unclear;
        }
    }

    /**
     * Where a candidate stood when it was last examined.
     *
     * @param words the same as a phrase
     */
    public record LastView(int visit, Instant on, double posttest, String words) {}

    /**
     * A consensus case definition: met, not met or open. It moves no probability.
     *
     * @param met how many of its outermost parts are met
     * @param note where a sign here is only near to the published one
     */
    public record DefinitionView(
            String id,
            String name,
            String source,
            String note,
            DefinitionState.State state,
            int met,
            int parts,
            String words) {}

    /**
     * A test that could be done next, and what it would do.
     *
     * @param judged whether what it would tell rests on judgements in words alone, with no study
     * @param firstDo a test that has to come before it and is not done yet
     */
    public record NextTestView(
            String criterion,
            String test,
            String testName,
            String label,
            String position,
            double minutes,
            int provocation,
            double gain,
            @Schema(nullable = true) Double gainPerMinute,
            @Schema(nullable = true) String firstDo,
            boolean judged,
            List<Effect> effects) {}

    /** What a next test would do to one condition. */
    public record Effect(String condition, String name, double now, double ifPositive, double ifNegative) {}
}
