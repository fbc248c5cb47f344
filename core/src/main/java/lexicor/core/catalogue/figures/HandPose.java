package lexicor.core.catalogue.figures;

/** The shape of a hand: flexion of every joint of every finger, degrees. */
public record HandPose(FingerPose index, FingerPose middle, FingerPose ring, FingerPose little, ThumbPose thumb) {

    /**
     * @param spread away from the middle finger
     */
    public record FingerPose(double mcp, double pip, double dip, double spread) {}

    /**
     * @param radial away from the index finger in the palm's plane
     * @param palmar out of the palm's plane
     * @param towards where it bends to: 0 across the palm's plane, 90 into the palm
     */
    public record ThumbPose(double radial, double palmar, double towards, double mcp, double ip) {}
}
