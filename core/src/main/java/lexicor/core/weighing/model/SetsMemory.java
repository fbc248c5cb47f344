package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;
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

    private record OfAll(Nodes nodes, List<Integer> conditions, List<Double> pretests, List<Explained> findings) {}

    private final ConcurrentMap<Object, Remembered> kept;

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

    FamilyTable table(Nodes general, List<Explained> findings) {
        Nodes nodes = general.forFamilyOf(findings.size());
        OfFamily key = new OfFamily(nodes, List.copyOf(findings));
        return (FamilyTable) remember(
                key,
                () -> new FamilyTable(
                        nodes,
                        key.findings,
                        key.findings.stream().map(f -> atNodes(nodes, f)).toList()));
    }

    private FindingAtNodes atNodes(Nodes nodes, Explained finding) {
        return (FindingAtNodes) remember(new OfFinding(nodes, finding), () -> new FindingAtNodes(nodes, finding));
    }

    /**
     * The sets for these findings, from those for all but the last where they are known.
     *
     * @param conditions places in the case of the conditions considered, rising
     */
    ConditionSets sets(Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings) {
        List<Integer> places = Arrays.stream(conditions).boxed().toList();
        return (ConditionSets) remember(new OfAll(nodes, places, pretests, List.copyOf(findings)), () -> {
            int last = findings.size() - 1;
            Remembered before = last < 0
                    ? null
                    : kept.get(new OfAll(nodes, places, pretests, List.copyOf(findings.subList(0, last))));
            return before == null
                    ? ConditionSets.of(nodes, conditions, pretests, findings, this)
                    : ((ConditionSets) before).with(findings.get(last));
        });
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
