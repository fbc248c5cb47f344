package lexicor.core.evidence;

/** What is known of a criterion for a condition, as far as weighing is concerned. */
public sealed interface Evidence {
    /**
     * Figures to weigh with, or a judgement.
     *
     * @param sober the figures as they are believed (method M23): asked for with every weighing, so worked out with the pooling
     */
    record Weighable(Accuracy accuracy, Accuracy sober) implements Evidence {
        public Weighable(Accuracy accuracy) {
            this(accuracy, accuracy.sober());
        }

        /** Whether it is a judgement in words, with no study behind it (method M24). */
        public boolean isJudged() {
            return accuracy.method() == Accuracy.Method.JUDGED;
        }
    }

    /** Studies without specificity alone. */
    record SensitivityOnly() implements Evidence {}

    /** All studies are at high risk of bias and such studies are left out, or there is a judgement alone and judgements stand beside. */
    record LeftOut() implements Evidence {}

    /** No row is checked against its source, and checked ones alone are asked for. */
    record Unchecked() implements Evidence {}
}
