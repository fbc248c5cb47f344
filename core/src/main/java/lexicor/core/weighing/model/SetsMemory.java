package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.function.Supplier;

/**
 * What was worked out while cases and what they may come to are weighed: one more result changes one family alone, and models of fewer
 * conditions share the families that ask about none of those left out. Everything is found by the numbers it comes from, so that one
 * memory may serve many cases, and many threads.
 */
public final class SetsMemory {
    private record OfFinding(Nodes nodes, Explained finding) {}

    private record OfFamily(Nodes nodes, List<Explained> findings) {}

    private record NearOfFamily(Nodes nodes, List<Explained> findings) {}

    private record Weighed(List<Integer> conditions, List<Double> pretests, List<Explained> findings) {}

    private record OfAll(Nodes nodes, List<Integer> conditions, List<Double> pretests, List<Explained> findings) {}

    private final ConcurrentMap<Object, Remembered> kept;
    /** What this weighing made by itself: what else is kept has no say in how anything is made, so that all digits stay the same. */
    private final Map<OfAll, ConditionSets> made = new ConcurrentHashMap<>();

    private final Set<Weighed> weighed = ConcurrentHashMap.newKeySet();

    /** For a single weighing. */
    public SetsMemory() {
        this(new ConcurrentHashMap<>());
    }

    /**
     * @param kept where it is kept, which may forget at any time
     */
    public SetsMemory(ConcurrentMap<Object, Remembered> kept) {
        this.kept = kept;
    }

    /** The same memory for another weighing. */
    public SetsMemory forOneWeighing() {
        return new SetsMemory(kept);
    }

    FamilyTable table(Nodes general, List<Explained> findings) {
        Nodes nodes = general.forFamilyOf(findings.size());
        OfFamily key = new OfFamily(nodes, List.copyOf(findings));
        return (FamilyTable) remember(key, () -> new FamilyTable(nodes, key.findings, atNodes(nodes, key.findings)));
    }

    NearTable nearTable(FamilyTable family) {
        Nodes nodes = family.nodes.near(family.findings.size());
        return (NearTable) remember(
                new NearOfFamily(nodes, family.findings),
                () -> new NearTable(family, nodes, atNodes(nodes, family.findings)));
    }

    private List<FindingAtNodes> atNodes(Nodes nodes, List<Explained> findings) {
        return findings.stream().map(f -> atNodes(nodes, f)).toList();
    }

    private FindingAtNodes atNodes(Nodes nodes, Explained finding) {
        return (FindingAtNodes) remember(new OfFinding(nodes, finding), () -> new FindingAtNodes(nodes, finding));
    }

    /**
     * The sets for these findings, from those for all but the last where this weighing has weighed those, with whichever nodes.
     *
     * @param conditions places in the case of the conditions considered, rising
     */
    ConditionSets sets(Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings) {
        OfAll key = new OfAll(nodes, Arrays.stream(conditions).boxed().toList(), pretests, List.copyOf(findings));
        ConditionSets known = made.get(key);
        if (known == null) {
            int last = findings.size() - 1;
            List<Explained> fewer = findings.subList(0, Math.max(0, last));
            known = last > 0 && weighed.contains(new Weighed(key.conditions, pretests, List.copyOf(fewer)))
                    ? sets(nodes, conditions, pretests, fewer).with(findings.get(last))
                    : anew(key, conditions);
            made.put(key, known);
        }
        return known;
    }

    private ConditionSets anew(OfAll key, int[] conditions) {
        weighed.add(new Weighed(key.conditions, key.pretests, key.findings));
        return ConditionSets.of(key.nodes, conditions, key.pretests, key.findings, this);
    }

    /** Not within the map's own lock, since one thing is made of others that are kept too; made twice, they are the same. */
    private Remembered remember(Object key, Supplier<Remembered> made) {
        Remembered known = kept.get(key);
        if (known == null) {
            known = made.get();
            Remembered before = kept.putIfAbsent(key, known);
            if (before != null) {
                return before;
            }
        }
        return known;
    }
}
