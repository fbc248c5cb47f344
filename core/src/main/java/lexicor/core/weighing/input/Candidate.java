package lexicor.core.weighing.input;

import lexicor.core.catalogue.Condition;

/**
 * A condition to weigh, with where it begins and its lines (method M6, M7, M11).
 *
 * @param pretest strictly between 0 and 1
 * @param pretestLogitSd how sure the pretest is, as a standard deviation of its log-odds
 * @param mustNotMiss whether bedside tests never put it aside (method M11)
 * @param weight how much the next test's gain for this condition counts (method M10)
 */
public record Candidate(
        String id,
        double pretest,
        double pretestLogitSd,
        double ruleOutBelow,
        double actAbove,
        double weight,
        boolean mustNotMiss) {
    /** Standard deviation of a starting assumption's log-odds (method M7). */
    public static final double ASSUMED_LOGIT_SD = 0.35;

    /** One that may be put aside. */
    public Candidate(
            String id, double pretest, double pretestLogitSd, double ruleOutBelow, double actAbove, double weight) {
        this(id, pretest, pretestLogitSd, ruleOutBelow, actAbove, weight, false);
    }

    /** One that begins at a starting assumption, with its own lines, and counts like any other. */
    public static Candidate of(Condition condition, double pretest) {
        return new Candidate(
                condition.id(),
                pretest,
                ASSUMED_LOGIT_SD,
                condition.ruleOut(),
                condition.act(),
                1,
                condition.mustNotMiss());
    }

    public Candidate {
        if (!(pretest > 0 && pretest < 1)) {
            throw new IllegalArgumentException("a pretest must be strictly between 0 and 1");
        }
    }
}
