package lexicor.core.weighing.model;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What was worked out while one case and what it may come to are weighed: one more result changes one family alone. For one thread.
 */
public final class SetsMemory {
    private record OfFamily(Nodes nodes, List<Explained> findings) {}

    private record OfAll(Nodes nodes, List<Double> pretests, List<Explained> findings) {}

    private final Map<OfFamily, FamilyOfSets> families = new HashMap<>();
    private final Map<OfAll, ConditionSets> sets = new HashMap<>();

    FamilyOfSets family(Nodes nodes, List<Explained> findings) {
        return families.computeIfAbsent(
                new OfFamily(nodes, List.copyOf(findings)), k -> new FamilyOfSets(k.nodes, k.findings));
    }

    /** The sets for these findings, from those for all but the last where they are known. */
    ConditionSets sets(Nodes nodes, List<Double> pretests, List<Explained> findings) {
        OfAll key = new OfAll(nodes, pretests, List.copyOf(findings));
        ConditionSets known = sets.get(key);
        if (known == null) {
            int last = findings.size() - 1;
            ConditionSets before =
                    last < 0 ? null : sets.get(new OfAll(nodes, pretests, List.copyOf(findings.subList(0, last))));
            known = before == null
                    ? ConditionSets.of(nodes, pretests, findings, this)
                    : before.with(findings.get(last));
            sets.put(key, known);
        }
        return known;
    }
}
