package lexicor.core.outcomes.accuracy;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.outcomes.followed.Reference;

/** The department's own table as one more study among the published ones (method M13): its raw counts, by their own label. */
public final class OwnStudy {
    /** What stands in its place for a source. */
    public static final String SOURCE = "Own cases";

    private OwnStudy() {}

    public static boolean isOwn(AccuracyRow row) {
        return row.source().equals(SOURCE);
    }

    /**
     * The row for the evidence.
     *
     * @param references how many were verified by which
     * @param from the first case's day
     * @param to the last case's day
     * @throws IllegalArgumentException if there is nobody with or without the condition
     */
    public static AccuracyRow row(OwnTable table, Map<Reference, Integer> references, LocalDate from, LocalDate to) {
        return new AccuracyRow(
                table.of(),
                table.condition(),
                AccuracyRow.Kind.STUDY,
                figures(table),
                SOURCE,
                to.getYear(),
                references.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> e.getKey().words() + " " + e.getValue())
                        .collect(Collectors.joining(", ")),
                "this department's patients from " + from + " to " + to,
                table.isUneven() ? AccuracyRow.HIGH : AccuracyRow.UNCLEAR,
                AccuracyRow.CONFIDENCES.get(0),
                note(table));
    }

    /**
     * The verified ones as a publication would print them.
     *
     * @throws IllegalArgumentException if there is nobody with or without the condition
     */
    public static Figures figures(OwnTable table) {
        double with = table.with();
        double without = table.without();
        if (with == 0 || without == 0) {
            throw new IllegalArgumentException("expected people with the condition and without");
        }
        return new Figures(
                table.tp() / with,
                OptionalDouble.of(table.tn() / without),
                OptionalDouble.of(with),
                OptionalDouble.of(without));
    }

    /** The evidence is exported, so it says nothing from which one could tell how few were not verified. */
    private static String note(OwnTable table) {
        String verified = table.isUneven()
                ? "Raw counts of the own cases. Who was verified hung on the result."
                : "Raw counts of the own cases. Positives and negatives were verified about alike.";
        boolean mayTell = Math.min(table.positiveOnly(), table.negativeOnly()) >= OwnTable.FEWEST_TO_LEAVE;
        return table.corrected()
                .filter(c -> mayTell)
                .map(c -> verified
                        + String.format(
                                Locale.ROOT,
                                " Corrected for that, sensitivity %.2f and specificity %.2f.",
                                c.sensitivity(),
                                c.specificity()))
                .orElse(verified);
    }
}
