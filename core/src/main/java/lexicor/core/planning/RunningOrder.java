package lexicor.core.planning;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.catalogue.ClinicalTest;

/**
 * The order of tests that spares the patient most (method M16).
 *
 * <p>Always held: looking, feeling, moving, measuring (strength, grip, sensation) and provoking come in this order; a
 * test comes after those that it names in {@code after}, and waits for the stage of the latest of them; no position is
 * left while something of the stage can still be done in it. Among all such orders the one of least {@link OrderCost}
 * is found exactly, by the shortest path over the blocks of tests done in one position.
 */
public final class RunningOrder {
    /** Positions in the order that examinations usually take. */
    private static final List<String> HABIT = List.of(
            "standing-facing", "standing-side", "standing-back", "sitting", "arm-on-table", "supine", "side-lying");

    /** Where the search stands: a stage, what is done of it, and where the patient is. */
    private record State(int stage, BitSet done, String position) {}

    private record Reached(State state, OrderCost cost, Reached before, List<Integer> block)
            implements Comparable<Reached> {
        @Override
        public int compareTo(Reached other) {
            return cost.compareTo(other.cost);
        }
    }

    private final List<ClinicalTest> tests;
    private final List<Set<Integer>> waitsFor = new ArrayList<>();
    private final List<List<Integer>> stages = new ArrayList<>();
    private final Map<List<Integer>, BlockOrder> blocks = new HashMap<>();

    private RunningOrder(List<ClinicalTest> tests) {
        this.tests = tests;
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < tests.size(); i++) {
            if (index.put(tests.get(i).id(), i) != null) {
                throw new IllegalArgumentException(tests.get(i).id() + " is listed twice");
            }
        }
        for (ClinicalTest test : tests) {
            Set<Integer> earlier = new TreeSet<>();
            test.after().stream().filter(index::containsKey).map(index::get).forEach(earlier::add);
            waitsFor.add(earlier);
        }
        for (Stage stage : Stage.values()) {
            stages.add(new ArrayList<>());
        }
        for (int i = 0; i < tests.size(); i++) {
            stages.get(stage(i, new HashSet<>()).ordinal()).add(i);
        }
    }

    /**
     * The tests in the best order. Where two orders cost the same, the one found first is taken, always the same for the
     * same list.
     *
     * @param tests in the catalogue's order, each once
     * @throws IllegalArgumentException if a test is listed twice, or tests wait for each other in a circle
     */
    public static List<ClinicalTest> of(List<ClinicalTest> tests) {
        RunningOrder order = new RunningOrder(List.copyOf(tests));
        return order.shortest().stream().map(order.tests::get).toList();
    }

    private Stage stage(int test, Set<Integer> above) {
        if (!above.add(test)) {
            throw new IllegalArgumentException(tests.get(test).id() + " waits for itself");
        }
        Stage stage = Stage.of(tests.get(test));
        for (int earlier : waitsFor.get(test)) {
            Stage needed = stage(earlier, above);
            stage = needed.compareTo(stage) > 0 ? needed : stage;
        }
        above.remove(test);
        return stage;
    }

    private List<Integer> shortest() {
        PriorityQueue<Reached> open = new PriorityQueue<>();
        Set<State> settled = new HashSet<>();
        open.add(new Reached(next(0, new BitSet(), ""), OrderCost.NONE, null, List.of()));
        while (true) {
            Reached here = open.remove();
            if (here.state.stage == stages.size()) {
                return path(here);
            }
            if (settled.add(here.state)) {
                positions(here.state).forEach(p -> open.add(visit(here, p)));
            }
        }
    }

    /** Finished stages are passed over. */
    private State next(int stage, BitSet done, String position) {
        return stage < stages.size() && done.cardinality() == stages.get(stage).size()
                ? next(stage + 1, new BitSet(), position)
                : new State(stage, done, position);
    }

    /** Where something of the stage can be done now. */
    private Set<String> positions(State state) {
        Set<String> positions = new TreeSet<>();
        for (int test : stages.get(state.stage)) {
            if (isOpen(state.stage, state.done, test)) {
                positions.add(tests.get(test).position());
            }
        }
        return positions;
    }

    private boolean isOpen(int stage, BitSet done, int test) {
        return !done.get(test)
                && waitsFor.get(test).stream().noneMatch(w -> stages.get(stage).contains(w) && !done.get(w));
    }

    private Reached visit(Reached from, String position) {
        State state = from.state;
        BitSet done = (BitSet) state.done.clone();
        List<Integer> block = new ArrayList<>();
        boolean more = true;
        while (more) {
            more = false;
            for (int test : stages.get(state.stage)) {
                if (tests.get(test).position().equals(position) && isOpen(state.stage, done, test)) {
                    done.set(test);
                    block.add(test);
                    more = true;
                }
            }
        }
        int left = (int) stages.get(state.stage).stream()
                .filter(t -> !state.done.get(t) && habit(tests.get(t).position()) < habit(position))
                .count();
        int changes = state.position.isEmpty() || state.position.equals(position) ? 0 : 1;
        BlockOrder best = blocks.computeIfAbsent(block, b -> BlockOrder.of(b, tests, waitsFor));
        OrderCost cost = from.cost
                .plus(new OrderCost(changes, 0, left, 0))
                .plus(new OrderCost(0, best.provocationFirst(), 0, best.against()));
        return new Reached(next(state.stage, done, position), cost, from, best.order());
    }

    private static int habit(String position) {
        int place = HABIT.indexOf(position);
        return place < 0 ? HABIT.size() : place;
    }

    private static List<Integer> path(Reached end) {
        List<Integer> order = new ArrayList<>();
        for (Reached r = end; r != null; r = r.before) {
            order.addAll(0, r.block);
        }
        return order;
    }
}
