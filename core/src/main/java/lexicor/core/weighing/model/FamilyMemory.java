package lexicor.core.weighing.model;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What was worked out for families of findings, while one case and what it may come to are weighed: one more result changes one
 * family alone. For one thread.
 */
public final class FamilyMemory {
    private record Key(Nodes nodes, List<Explained> findings) {}

    private final Map<Key, FamilyOfSets> known = new HashMap<>();

    FamilyOfSets of(Nodes nodes, List<Explained> findings) {
        return known.computeIfAbsent(new Key(nodes, List.copyOf(findings)), k -> new FamilyOfSets(k.nodes, k.findings));
    }
}
