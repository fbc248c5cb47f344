package lexicor.core.weighing.input;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.Condition;

/**
 * A condition to weigh, with where it begins and its lines (method M6, M7, M11).
 *
 * @param pretest strictly between 0 and 1
 * @param pretestLogitSd how sure the pretest is, as a standard deviation of its log-odds
 * @param mustNotMiss whether bedside tests never put it aside (method M11)
 * @param settleFirst ids of conditions that have to be settled before this one is acted on (method M11)
 * @param began how the pretest came about (method M25); empty where it is simply given
 * @param weight how much the next test's gain for this condition counts (method M10)
 */
public record Candidate(
        String id,
        double pretest,
        double pretestLogitSd,
        double ruleOutBelow,
        double actAbove,
        double weight,
        boolean mustNotMiss,
        List<String> settleFirst,
        Optional<Pretest> began) {
    /** Standard deviation of a starting assumption's log-odds (method M7). */
    public static final double ASSUMED_LOGIT_SD = 0.35;

    /** One that may be put aside and acted on by itself. */
    public Candidate(
            String id, double pretest, double pretestLogitSd, double ruleOutBelow, double actAbove, double weight) {
        this(id, pretest, pretestLogitSd, ruleOutBelow, actAbove, weight, false, List.of(), Optional.empty());
    }

    /**
     * One that begins at a starting assumption, with its own lines, and counts like any other.
     *
     * @param settleFirst what has to be settled before it is acted on
     */
    public static Candidate of(Condition condition, Pretest pretest, List<String> settleFirst) {
        return new Candidate(
                condition.id(),
                pretest.probability(),
                ASSUMED_LOGIT_SD,
                condition.ruleOut(),
                condition.act(),
                1,
                condition.mustNotMiss(),
                settleFirst,
                Optional.of(pretest));
    }

    public Candidate {
        settleFirst = List.copyOf(settleFirst);
        if (!(pretest > 0 && pretest < 1)) {
            throw new IllegalArgumentException("a pretest must be strictly between 0 and 1");
        }
    }
}
