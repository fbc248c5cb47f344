package lexicor.core.catalogue.figures;

/**
 * A movement whose angle can be shown and set on a drawing.
 *
 * @param test the test, at one of its places, that the angle is a reading of
 * @param at the place; empty where the test has one
 * @param drawn the pose around the moving joint
 * @param angle the angle of the {@link ArmPose} that the reading is of, by its name there
 * @param opposite whether the reading counts the other way: internal where the pose has external rotation
 * @param mark the place that shows how far it went
 */
public record Movement(String test, String at, Figure drawn, String angle, boolean opposite, Site mark) {}
