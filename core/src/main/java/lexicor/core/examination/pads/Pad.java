package lexicor.core.examination.pads;

import java.util.Map;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue;

/**
 * One thing to tap: a label and the leaves it sets.
 *
 * @param id stable within its test
 * @param hint a second, smaller line; may be empty
 */
public record Pad(String id, String label, String hint, Map<ReadingLeaf, ReadingValue> sets) {}
