package lexicor.core.catalogue.figures;

/**
 * An arm's angles in degrees. Of two movements of one joint the first named is above 0 and the other below.
 *
 * @param plane of elevation: 0 to the side, 90 to the front, beyond it across the body, below 0 behind it
 * @param external external, internal rotation; 0 at the side is the bent forearm pointing forwards
 * @param elbow flexion
 * @param supination supination, pronation
 * @param extension of the wrist: extension, flexion
 * @param radial of the wrist: radial, ulnar deviation
 * @param shrug elevation of the shoulder girdle
 */
public record ArmPose(
        double plane,
        double elevation,
        double external,
        double elbow,
        double supination,
        double extension,
        double radial,
        double shrug,
        double protraction,
        HandPose hand) {}
