package lexicor.core.catalogue.figures;

/**
 * How far a joint may be bent in a figure, degrees. A little beyond the usual ranges (American Academy of Orthopaedic Surgeons,
 * Joint Motion: Method of Measuring and Recording, 1965), since lax joints are drawn too.
 */
public enum JointRange {
    /** The plane of elevation: 0 to the side, 90 to the front, beyond it across the body, below 0 behind it. */
    SHOULDER_PLANE(-90, 135),
    SHOULDER_ELEVATION(0, 180),
    SHOULDER_ELEVATION_BEHIND(0, 65),
    SHOULDER_EXTERNAL(-115, 115),
    GIRDLE_ELEVATION(-10, 40),
    GIRDLE_PROTRACTION(-25, 30),
    /** Flexion; below 0 is beyond straight. */
    ELBOW(-15, 150),
    /** Supination; pronation is below 0. */
    FOREARM(-90, 90),
    /** Extension; flexion is below 0. */
    WRIST_EXTENSION(-90, 85),
    /** Radial deviation; ulnar is below 0. */
    WRIST_RADIAL(-40, 25),
    FINGER_MCP(-45, 95),
    FINGER_PIP(-20, 120),
    FINGER_DIP(-15, 90),
    FINGER_SPREAD(-25, 25),
    THUMB_RADIAL(0, 85),
    THUMB_PALMAR(-35, 95),
    THUMB_TOWARDS(0, 90),
    THUMB_MCP(-20, 75),
    THUMB_IP(-20, 90),
    NECK_EXTENSION(-60, 75),
    NECK_ROTATION(-85, 85),
    NECK_SIDE(-45, 45),
    TRUNK_LEAN(-20, 60);

    private final double low;
    private final double high;

    JointRange(double low, double high) {
        this.low = low;
        this.high = high;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    public boolean allows(double degrees) {
        return degrees >= low && degrees <= high;
    }
}
