package lexicor.core.evidence;

/** What is known of a criterion for a condition, as far as weighing is concerned. */
public sealed interface Evidence {
    /**
     * Figures to weigh with.
     *
     * @param overNewClinics what they are on average over new clinics: asked for with every weighing, so worked out with the pooling
     */
    record Weighable(Accuracy accuracy, Accuracy overNewClinics) implements Evidence {
        Weighable(Accuracy accuracy) {
            this(accuracy, accuracy.overNewClinics());
        }
    }

    /** Studies without specificity alone. */
    record SensitivityOnly() implements Evidence {}

    /** All studies are at high risk of bias and such studies are left out. */
    record LeftOut() implements Evidence {}

    /** No row is checked against its source, and checked ones alone are asked for. */
    record Unchecked() implements Evidence {}
}
