package lexicor.core.weighing.explain;

/**
 * A test's figures for one pretest in whole people, so that a specificity cannot be read as a chance of having the
 * condition (method M15). Of a hundred, or of a thousand where the condition is rare or nearly certain.
 *
 * @param outOf 100 or 1000
 * @param with how many have the condition before the test
 * @param positiveWith how many of those are positive
 * @param positiveWithout how many of the others are positive
 */
public record Hundred(int outOf, int with, int positiveWith, int positiveWithout) {
    /** From here on too few of a hundred have it to show a test's effect on them. */
    private static final double FEW = 0.05;

    /** From here on a hundred people cannot show a probability at all well. */
    private static final double RARE = 0.02;

    /**
     * Bayes' rule with counts; every count is rounded to the nearest, none below 0 or above its group.
     *
     * @param pretest strictly between 0 and 1
     */
    public static Hundred of(double pretest, double sensitivity, double specificity) {
        int outOf = people(pretest, FEW);
        int with = (int) Math.round(outOf * pretest);
        return new Hundred(outOf, with, (int) Math.round(with * sensitivity), (int)
                Math.round((outOf - with) * (1 - specificity)));
    }

    /** How many people it takes to show a probability in whole people. */
    public static int people(double probability) {
        return people(probability, RARE);
    }

    private static int people(double probability, double edge) {
        return probability < edge || probability > 1 - edge ? 1000 : 100;
    }

    /** All positives, with the condition or without. */
    public int positive() {
        return positiveWith + positiveWithout;
    }

    public int without() {
        return outOf - with;
    }
}
