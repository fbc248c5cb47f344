package lexicor.core.catalogue.published;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One row of the accuracy table: what one study found for one criterion and condition.
 *
 * @param bias risk of bias: {@code low}, {@code unclear} or {@code high}
 * @param confidence how sure the compilation was of the figures: {@code high} or {@code medium}
 */
public record AccuracyRow(
        String criterion,
        String condition,
        Kind kind,
        Figures figures,
        String source,
        int year,
        String referenceStandard,
        String population,
        String bias,
        String confidence,
        String note) {
    public static final String UNCLEAR = "unclear";
    public static final String HIGH = "high";
    public static final List<String> BIASES = List.of("low", UNCLEAR, HIGH);
    public static final List<String> CONFIDENCES = List.of("high", "medium");

    /** A judgement weighs at most as much as a study with this many people on each side; a working limit of ours. */
    public static final double LARGEST_JUDGEMENT = 30;

    /** What stands in a judgement's place for a source. */
    public static final String NO_STUDY = "judgement, no study";

    /** What kind of evidence a row is. */
    public enum Kind {
        STUDY,
        /** A review's summary figure, which stands until there are four primary studies. */
        POOLED,
        /** No specificity: shown, never weighed. */
        SENSITIVITY_ONLY,
        /** A department's own, with the size of study that it is to count for. */
        JUDGEMENT;

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public static Optional<Kind> withId(String id) {
            return Arrays.stream(values()).filter(k -> k.id().equals(id)).findFirst();
        }
    }

    /** What tells a row from every other: a study gives one figure for a pair. */
    public record Key(String criterion, String condition, String source, int year) {}

    /** Whether its design inflates accuracy (method M2). */
    public boolean isAtHighRisk() {
        return bias.equals(HIGH);
    }

    /** Whether it is somebody's opinion, with no study and no people behind it. */
    public boolean isJudgement() {
        return kind == Kind.JUDGEMENT;
    }

    public Key key() {
        return new Key(criterion, condition, source, year);
    }

    /** The row's content as a short name. It differs as soon as any figure does, so that what was checked is what is weighed. */
    public String fingerprint() {
        List<String> content = new ArrayList<>(List.of(
                criterion,
                condition,
                kind.id(),
                String.valueOf(figures.sensitivity()),
                number(figures.specificity()),
                number(figures.diseased()),
                number(figures.healthy()),
                source,
                String.valueOf(year),
                referenceStandard,
                population,
                bias,
                confidence,
                note));
        // What was signed off before a total could be stated stays signed off.
        figures.people().ifPresent(people -> content.add("people " + people));
        return Fingerprint.of(content);
    }

    private static String number(OptionalDouble value) {
        return value.isPresent() ? String.valueOf(value.getAsDouble()) : "";
    }
}
