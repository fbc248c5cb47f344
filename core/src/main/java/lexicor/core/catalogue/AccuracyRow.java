package lexicor.core.catalogue;

/**
 * One row of the accuracy pack: what one study found for one criterion and condition.
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

    /** What kind of evidence a row is. */
    public enum Kind {
        STUDY,
        /** A review's summary figure, used only where there is no primary study. */
        POOLED,
        /** No specificity: shown, never weighed. */
        SENSITIVITY_ONLY
    }

    /** How far a row has been checked against its source. */
    public enum SignOff {
        NOT_YET_CHECKED
    }

    /** Every shipped row starts unchecked. */
    public SignOff signOff() {
        return SignOff.NOT_YET_CHECKED;
    }
}
