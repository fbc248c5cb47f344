package lexicor.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;

/**
 * The best order within one block: the most provoking last as far as {@code after} allows, then the catalogue's order.
 * Found exactly. Tests that neither wait for another of the block nor are waited for stand in the order of their
 * provocation in every best order, so only their place among the others is searched for.
 *
 * @param provocationFirst pairs where the more provoking comes first
 * @param against pairs that stand against the catalogue's order
 */
record BlockOrder(List<Integer> order, int provocationFirst, int against) {
    private static final Comparator<BlockOrder> CHEAPEST =
            Comparator.comparingInt(BlockOrder::provocationFirst).thenComparingInt(BlockOrder::against);

    static BlockOrder of(List<Integer> block, List<ClinicalTest> tests, List<Set<Integer>> waitsFor) {
        return new Search(block, tests, waitsFor).best();
    }

    private BlockOrder behind(int first, int morePairs, int moreAgainst) {
        List<Integer> longer = new ArrayList<>();
        longer.add(first);
        longer.addAll(order);
        return new BlockOrder(longer, provocationFirst + morePairs, against + moreAgainst);
    }

    private static final class Search {
        private final List<ClinicalTest> tests;
        private final List<Set<Integer>> waitsFor;
        private final List<Integer> free = new ArrayList<>();
        private final List<Integer> bound = new ArrayList<>();
        private final Map<Set<Integer>, BlockOrder> known = new HashMap<>();

        Search(List<Integer> block, List<ClinicalTest> tests, List<Set<Integer>> waitsFor) {
            this.tests = tests;
            this.waitsFor = waitsFor;
            for (int test : block) {
                boolean waits = block.stream().anyMatch(waitsFor.get(test)::contains);
                boolean waitedFor = block.stream().anyMatch(t -> waitsFor.get(t).contains(test));
                (waits || waitedFor ? bound : free).add(test);
            }
            free.sort(Comparator.<Integer>comparingInt(t -> tests.get(t).provocation())
                    .thenComparingInt(t -> t));
        }

        BlockOrder best() {
            Set<Integer> all = new HashSet<>(free);
            all.addAll(bound);
            return best(all);
        }

        private BlockOrder best(Set<Integer> left) {
            if (left.isEmpty()) {
                return new BlockOrder(List.of(), 0, 0);
            }
            BlockOrder seen = known.get(left);
            if (seen != null) {
                return seen;
            }
            BlockOrder best = null;
            for (int test : firsts(left)) {
                Set<Integer> rest = new HashSet<>(left);
                rest.remove(test);
                int pairs = 0;
                int against = 0;
                for (int later : rest) {
                    pairs += tests.get(later).provocation() < tests.get(test).provocation() ? 1 : 0;
                    against += later < test ? 1 : 0;
                }
                BlockOrder tried = best(rest).behind(test, pairs, against);
                best = best == null || CHEAPEST.compare(tried, best) < 0 ? tried : best;
            }
            known.put(left, best);
            return best;
        }

        private List<Integer> firsts(Set<Integer> left) {
            List<Integer> firsts = new ArrayList<>();
            free.stream().filter(left::contains).findFirst().ifPresent(firsts::add);
            bound.stream()
                    .filter(t -> left.contains(t) && waitsFor.get(t).stream().noneMatch(left::contains))
                    .forEach(firsts::add);
            return firsts;
        }
    }
}
