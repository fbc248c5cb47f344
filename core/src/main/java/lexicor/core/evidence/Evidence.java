package lexicor.core.evidence;

/** What is known of a criterion for a condition, as far as weighing is concerned. */
public sealed interface Evidence {
    /** Figures to weigh with. */
    record Weighable(Accuracy accuracy) implements Evidence {}

    /** Studies without specificity alone. */
    record SensitivityOnly() implements Evidence {}

    /** All studies are at high risk of bias and such studies are left out. */
    record LeftOut() implements Evidence {}

    /** No row is checked against its source, and checked ones alone are asked for. */
    record Unchecked() implements Evidence {}
}
