package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;

/**
 * Why some tests must not be done, or with care alone: ticked at intake, or set by a warning sign.
 *
 * @param blocks tests that it blocks, besides those that list it themselves
 * @param cautions tests that are done with care
 * @param eased blocked tests that are a caution alone while a condition is a candidate, by test
 */
public record Precaution(
        String id, String label, List<String> blocks, List<String> cautions, Map<String, String> eased) {
    public Precaution {
        blocks = List.copyOf(blocks);
        cautions = List.copyOf(cautions);
        eased = Map.copyOf(eased);
    }

    /** Whether it blocks the test. */
    public boolean blocks(ClinicalTest test) {
        return blocks.contains(test.id()) || test.contraindications().contains(id);
    }
}
