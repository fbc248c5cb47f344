package lexicor.core.catalogue.figures;

/**
 * @param extension extension, flexion
 * @param rotation to the affected side, to the other
 * @param side bent to the affected side, to the other
 */
public record NeckPose(double extension, double rotation, double side) {
    public static final NeckPose UPRIGHT = new NeckPose(0, 0, 0);
}
