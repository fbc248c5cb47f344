package lexicor.core.evidence;

import java.math.BigDecimal;

/**
 * A printed proportion led back to people: the whole number it must have come from, if there is one.
 *
 * @param count the nearest whole number of people
 * @param fits whether that number, divided and rounded as printed, gives the printed proportion
 */
public record WholeCounts(int count, boolean fits) {
    /** A proportion printed as a percentage has two decimals; fewer are not taken to be meant. */
    private static final int FEWEST_DECIMALS = 2;

    /**
     * @param printed in [0, 1], with the decimals that the publication prints
     * @param people at least 1
     */
    public static WholeCounts of(BigDecimal printed, int people) {
        int count = (int) Math.round(printed.doubleValue() * people);
        double halfAUnit = 0.5 * Math.pow(10, -Math.max(FEWEST_DECIMALS, printed.scale()));
        double off = Math.abs((double) count / people - printed.doubleValue());
        return new WholeCounts(count, off <= halfAUnit * (1 + 1e-9));
    }
}
