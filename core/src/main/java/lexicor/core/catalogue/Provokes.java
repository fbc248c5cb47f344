package lexicor.core.catalogue;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which conditions also turn a test positive although no figure says how often.
 *
 * @param byFamily for every test of a family
 * @param byTest beside those of its family
 * @param byCriterion for one criterion, in place of its test's and its family's
 */
public record Provokes(
        Map<String, List<String>> byFamily, Map<String, List<String>> byTest, Map<String, List<String>> byCriterion) {
    public static final Provokes NONE = new Provokes(Map.of(), Map.of(), Map.of());

    /** Those that turn a criterion of the test positive. */
    public Set<String> conditionsOf(ClinicalTest test, String criterion) {
        if (byCriterion.containsKey(criterion)) {
            return new LinkedHashSet<>(byCriterion.get(criterion));
        }
        Set<String> all = new LinkedHashSet<>(byTest.getOrDefault(test.id(), List.of()));
        all.addAll(byFamily.getOrDefault(test.family(), List.of()));
        return all;
    }
}
