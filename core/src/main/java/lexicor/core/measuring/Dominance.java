package lexicor.core.measuring;

/** Which side is the stronger one by habit. */
public final class Dominance {
    private Dominance() {}

    /**
     * The side index as it would be if the dominant side had no head start, in percent.
     *
     * @param indexPercent {@code 100 * involved / uninvolved}
     * @param involvedIsDominant which of the two sides the head start belongs to
     * @param headStartPercent by how much the dominant side is taken to be stronger, 0 for not at all
     */
    public static double corrected(double indexPercent, boolean involvedIsDominant, double headStartPercent) {
        double factor = 1 + headStartPercent / 100;
        return involvedIsDominant ? indexPercent / factor : indexPercent * factor;
    }
}
