/**
 * Figures: how a test looks, told in joint angles as a clinician states them, and where hands, forces and fingertips lie.
 *
 * <p>Nothing is drawn here. A figure that has been read is complete and within human range, so that whoever draws it needs to
 * check nothing. Angles are degrees, lengths centimetres, shares of a length percent. The affected arm is a right one; a left
 * one is its mirror image.
 */
package lexicor.core.catalogue.figures;
