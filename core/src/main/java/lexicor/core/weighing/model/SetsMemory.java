package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What was worked out while one case and what it may come to are weighed: one more result changes one family alone, and models of
 * fewer conditions share the families that ask about none of those left out. For one thread.
 */
public final class SetsMemory {
    private record OfFamily(Nodes nodes, List<Explained> findings) {}

    private record OfAll(Nodes nodes, List<Integer> conditions, List<Double> pretests, List<Explained> findings) {}

    private final Map<OfFamily, FamilyTable> tables = new HashMap<>();
    private final Map<OfAll, ConditionSets> sets = new HashMap<>();

    FamilyTable table(Nodes nodes, List<Explained> findings) {
        return tables.computeIfAbsent(
                new OfFamily(nodes, List.copyOf(findings)), k -> new FamilyTable(k.nodes, k.findings));
    }

    /**
     * The sets for these findings, from those for all but the last where they are known.
     *
     * @param conditions places in the case of the conditions considered, rising
     */
    ConditionSets sets(Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings) {
        List<Integer> places = Arrays.stream(conditions).boxed().toList();
        OfAll key = new OfAll(nodes, places, pretests, List.copyOf(findings));
        ConditionSets known = sets.get(key);
        if (known == null) {
            int last = findings.size() - 1;
            ConditionSets before = last < 0
                    ? null
                    : sets.get(new OfAll(nodes, places, pretests, List.copyOf(findings.subList(0, last))));
            known = before == null
                    ? ConditionSets.of(nodes, conditions, pretests, findings, this)
                    : before.with(findings.get(last));
            sets.put(key, known);
        }
        return known;
    }
}
