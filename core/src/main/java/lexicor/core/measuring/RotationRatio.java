package lexicor.core.measuring;

/** External to internal rotation strength of one side, by the means of the trials. */
public final class RotationRatio {
    private RotationRatio() {}

    /**
     * {@code external / internal}, no unit.
     *
     * @throws IllegalArgumentException if internal rotation has no force
     */
    public static double of(Strength external, Strength internal) {
        if (internal.meanNewtons() == 0) {
            throw new IllegalArgumentException("internal rotation has no force to compare with");
        }
        return external.meanNewtons() / internal.meanNewtons();
    }
}
