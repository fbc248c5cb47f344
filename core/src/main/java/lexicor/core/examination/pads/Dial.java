package lexicor.core.examination.pads;

import java.util.List;
import lexicor.core.catalogue.ReadingLeaf;

/**
 * A number to set.
 *
 * @param step the usual step in the leaf's unit
 * @param quick values offered for one tap, those first that are worth the room most
 * @param decides whether a criterion at this place reads it; others are measured for the record
 */
public record Dial(ReadingLeaf leaf, String label, double step, List<Double> quick, boolean decides) {}
