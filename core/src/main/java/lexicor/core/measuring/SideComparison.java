package lexicor.core.measuring;

import java.util.Optional;

/**
 * The trials of both sides beside each other (method M14).
 *
 * @param involved empty where that side was not measured
 * @param other empty where that side was not measured
 */
public record SideComparison(Optional<Strength> involved, Optional<Strength> other) {
    /** Trials that vary by more than this, in percent, are worth repeating; a working line of ours. */
    public static final double UNEVEN_PERCENT = 15;

    /** A deficit of 15 % stays one when its digits are cut. */
    private static final double ROUNDING = 1e-9;

    /** {@code 100 * involved / uninvolved}, in percent; empty without both sides or with no force to compare with. */
    public Optional<Double> indexPercent() {
        return involved.flatMap(i -> other.filter(o -> o.meanNewtons() > 0).map(i::sideIndexPercent));
    }

    /**
     * Whether a side falls short of the other by at least so much (method M14); what is short by exactly that much is.
     *
     * @param indexPercent with or without the dominant side's head start
     */
    public static boolean isDeficit(double indexPercent, double deficitPercent) {
        return 100 - indexPercent >= deficitPercent - ROUNDING;
    }

    /** Whether one side's trials vary so much that another try may be fairer. */
    public static boolean isUneven(Strength trials) {
        return trials.trials().size() > 1 && trials.variationPercent() > UNEVEN_PERCENT;
    }
}
