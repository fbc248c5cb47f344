package lexicor.core.catalogue.packs;

import java.util.List;

/**
 * A column of the accuracy table, explained to who fills it in.
 *
 * @param meaning what stands in it
 * @param expected what may stand in it
 * @param example as in a row of a study
 * @param number whether it holds numbers
 */
public record AccuracyColumn(String name, String meaning, String expected, String example, boolean number) {
    /** In the order of the table. */
    public static final List<AccuracyColumn> ALL = List.of(
            text(
                    "criterion",
                    "What counts as positive, or the question asked",
                    "The id of a criterion or of a question that is a finding, as in the catalogue",
                    "neer/pain"),
            text("condition", "The condition that it was studied for", "The id of a condition", "subacromial-pain"),
            text(
                    "kind",
                    "What kind of evidence it is",
                    "study, pooled (a review's summary), sensitivity-only (nobody without the condition was examined; never"
                            + " weighed) or judgement (the department's own opinion, no study)",
                    "study"),
            number(
                    "sensitivity",
                    "Share of the people with the condition who are positive",
                    "0 to 1, or in percent",
                    "0.72"),
            number(
                    "specificity",
                    "Share of the people without the condition who are negative",
                    "0 to 1, or in percent; empty for sensitivity-only",
                    "0.60"),
            number(
                    "diseased",
                    "People with the condition",
                    "1 or more; empty where the study does not say; for a judgement, the people that it counts for, 1 to 30",
                    "84"),
            number("healthy", "People without the condition", "As for diseased", "62"),
            text("source", "Authors and journal", "At most 400 characters; never empty", "Made-up et al., J Example"),
            number("year", "Year of publication", "A year that has been", "2014"),
            text(
                    "reference_standard",
                    "What decided who has the condition",
                    "At most 400 characters, or nothing",
                    "MRI"),
            text(
                    "population",
                    "Who was examined, and where",
                    "At most 400 characters, or nothing",
                    "orthopaedic clinic"),
            text("bias", "Risk of bias", "low, unclear or high", "unclear"),
            text("confidence", "How sure the compilation is of the figures", "high or medium", "medium"),
            text("note", "Anything else", "At most 2000 characters, or nothing", ""),
            number(
                    "people",
                    "Everybody in the study",
                    "Where it is not known how many had the condition; half of them are taken for each group",
                    ""));

    private static AccuracyColumn text(String name, String meaning, String expected, String example) {
        return new AccuracyColumn(name, meaning, expected, example, false);
    }

    private static AccuracyColumn number(String name, String meaning, String expected, String example) {
        return new AccuracyColumn(name, meaning, expected, example, true);
    }
}
