package lexicor.core.outcomes.accuracy;

import java.util.Optional;
import java.util.stream.IntStream;
import lexicor.core.evidence.Study.TwoByTwo;

/**
 * The department's own 2x2 table of one criterion or cluster and one condition (method M13): the people in whom it was decided
 * and the condition was thought of or came out.
 *
 * @param of the criterion's id, or the cluster's
 * @param tp positive, and the condition was there
 * @param fn negative, and it was there
 * @param fp positive, and it was not
 * @param tn negative, and it was not
 * @param positiveOnly positive, and nobody knows
 * @param negativeOnly negative, and nobody knows
 */
public record OwnTable(
        String of, String condition, int tp, int fn, int fp, int tn, int positiveOnly, int negativeOnly) {
    /** With fewer with or without the condition the figures say next to nothing; a working line. */
    public static final int FEW = 10;

    /** Nothing about fewer people than this leaves the program. */
    public static final int FEWEST_TO_LEAVE = 5;

    /** By how much the shares verified of positives and of negatives may differ before the table is at high risk of bias. */
    private static final double UNEVEN = 0.2;

    public int with() {
        return tp + fn;
    }

    public int without() {
        return fp + tn;
    }

    public int positives() {
        return tp + fp + positiveOnly;
    }

    public int negatives() {
        return fn + tn + negativeOnly;
    }

    public int verified() {
        return with() + without();
    }

    /** How many of the positives were verified, in [0, 1]; 0 where there are none. */
    public double positivesVerified() {
        return share(tp + fp, positives());
    }

    /** The same of the negatives. */
    public double negativesVerified() {
        return share(fn + tn, negatives());
    }

    private static double share(int some, int all) {
        return all == 0 ? 0 : (double) some / all;
    }

    /** Whether there are too few to say much. */
    public boolean isSmall() {
        return Math.min(with(), without()) < FEW;
    }

    /** Whether the verified are picked so unevenly that the raw figures flatter the sensitivity. */
    public boolean isUneven() {
        return Math.abs(positivesVerified() - negativesVerified()) > UNEVEN;
    }

    /** Whether every count is of so many people that it may be shown outside. */
    public boolean mayLeave() {
        return IntStream.of(tp, fn, fp, tn).allMatch(n -> n >= FEWEST_TO_LEAVE);
    }

    /**
     * The verified ones as a study like any other (method M1); its risk of bias is high where who was verified hung on the
     * result. Empty while there is nobody with the condition or nobody without.
     */
    public Optional<TwoByTwo> study() {
        return with() == 0 || without() == 0
                ? Optional.empty()
                : Optional.of(new TwoByTwo(tp, fn, fp, tn, isUneven(), false));
    }

    /** The figures for everybody examined; empty while a result has nobody verified. */
    public Optional<VerificationCorrection> corrected() {
        return VerificationCorrection.of(this);
    }
}
