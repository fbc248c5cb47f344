package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.MadeUp;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class RunningOrderTest {
    private static final List<String> HABIT = List.of("standing-facing", "sitting", "supine");
    private static final List<String> KINDS = List.of("inspection", "movement", "special-test");

    @Property(tries = 400, edgeCases = EdgeCasesMode.NONE)
    void noOrderCostsLess(@ForAll("smallSets") List<ClinicalTest> tests) {
        OrderCost least = permutations(tests).stream()
                .filter(order -> isAllowed(order, tests))
                .map(order -> cost(order, tests))
                .min(OrderCost::compareTo)
                .orElseThrow();
        List<ClinicalTest> found = RunningOrder.of(tests);
        assertThat(isAllowed(found, tests)).isTrue();
        assertThat(cost(found, tests)).isEqualTo(least);
    }

    @Test
    void aCircleIsRefused() {
        List<ClinicalTest> circle = List.of(
                test(0, "special-test", "sitting", 1, List.of("t1")), test(1, "movement", "sitting", 1, List.of("t0")));
        assertThatThrownBy(() -> RunningOrder.of(circle)).hasMessageContaining("waits for itself");
        assertThatThrownBy(() -> RunningOrder.of(List.of(circle.get(0), circle.get(0))))
                .hasMessageContaining("twice");
    }

    @Test
    void theWholeCatalogueFindsItsOrder() {
        List<ClinicalTest> order = RunningOrder.of(Shipped.CATALOGUE.tests());
        assertThat(order).containsExactlyInAnyOrderElementsOf(Shipped.CATALOGUE.tests());
        assertThat(isAllowed(order, Shipped.CATALOGUE.tests())).isTrue();
    }

    @Test
    void everyComplaintGetsAnExaminationThatCanBeDone() {
        EvidenceBase evidence = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);
        for (Complaint complaint : Shipped.CATALOGUE.complaints()) {
            List<ClinicalTest> plan = proposal(complaint, evidence);
            Set<String> ids = plan.stream().map(ClinicalTest::id).collect(Collectors.toSet());
            double minutes = plan.stream().mapToDouble(ClinicalTest::minutes).sum();
            assertThat(plan).as(complaint.id()).hasSizeBetween(4, 48);
            assertThat(minutes).as(complaint.id()).isBetween(2.0, 75.0);
            assertThat(plan).as(complaint.id()).anyMatch(p -> Stage.of(p) == Stage.LOOK);
            assertThat(plan).as(complaint.id()).allSatisfy(t -> assertThat(ids).containsAll(t.after()));
        }
        assertThat(proposal(complaint("shoulder-slipping"), evidence).stream().map(ClinicalTest::id))
                .containsSubsequence("shoulder-movements", "apprehension", "relocation");
        assertThat(proposal(complaint("wrist-ulnar"), evidence).stream().map(ClinicalTest::id))
                .containsSubsequence("wrist-movements", "grip-strength", "druj-ballottement", "volar-radioulnar-shift");
        for (String shoulder : List.of("shoulder-slipping", "shoulder-weakness", "shoulder-injury")) {
            assertThat(ids(shoulder, evidence)).contains("axillary-nerve-sensation");
        }
        assertThat(ids("elbow-lateral", evidence)).contains("neurodynamic-radial", "tabletop-relocation");
        assertThat(ids("elbow-medial", evidence))
                .contains("grip-strength", "thumb-pinch-paper", "little-finger-abduction");
        assertThat(proposal(complaint("thumb-side-tingling"), evidence).stream()
                        .filter(t -> Stage.of(t) == Stage.PROVOKE)
                        .findFirst()
                        .orElseThrow()
                        .family())
                .startsWith("median-nerve");
    }

    private static List<String> ids(String complaint, EvidenceBase evidence) {
        return proposal(complaint(complaint), evidence).stream()
                .map(ClinicalTest::id)
                .toList();
    }

    private static Complaint complaint(String id) {
        return Shipped.CATALOGUE.complaint(id).orElseThrow();
    }

    private static List<ClinicalTest> proposal(Complaint complaint, EvidenceBase evidence) {
        List<Proposal.Suspect> suspects = complaint.candidates().stream()
                .map(c -> new Proposal.Suspect(
                        c,
                        Shipped.CATALOGUE.condition(c).orElseThrow().pretest().get(Setting.COMMUNITY)))
                .toList();
        return Proposal.of(
                Shipped.CATALOGUE,
                evidence,
                Set.copyOf(complaint.regions()),
                new Presentation(List.of(complaint)).whatever(Shipped.CATALOGUE),
                suspects);
    }

    @Provide
    Arbitrary<List<ClinicalTest>> smallSets() {
        Arbitrary<Integer> three = Arbitraries.integers().between(0, 2);
        Arbitrary<List<Integer>> waits =
                Arbitraries.integers().between(0, 6).list().ofMaxSize(1);
        return Combinators.combine(
                        three.list().ofSize(7),
                        three.list().ofSize(7),
                        three.list().ofSize(7),
                        waits.list().ofSize(7))
                .flatAs((kinds, positions, provocations, after) -> Arbitraries.integers()
                        .between(1, 7)
                        .map(size -> IntStream.range(0, size)
                                .mapToObj(i -> test(
                                        i,
                                        KINDS.get(kinds.get(i)),
                                        HABIT.get(positions.get(i)),
                                        provocations.get(i),
                                        // Only earlier ones can be waited for, so that there is no circle.
                                        after.get(i).stream()
                                                .filter(w -> w < i)
                                                .map(w -> "t" + w)
                                                .toList()))
                                .toList()));
    }

    /** The conditions that every order has to keep, written out without regard to how the best is searched for. */
    private static boolean isAllowed(List<ClinicalTest> order, List<ClinicalTest> tests) {
        Map<String, Stage> stages = new HashMap<>();
        tests.forEach(t -> stage(t, tests, stages));
        Set<String> done = new HashSet<>();
        Set<String> all = tests.stream().map(ClinicalTest::id).collect(Collectors.toSet());
        for (int i = 0; i < order.size(); i++) {
            ClinicalTest t = order.get(i);
            if (t.after().stream().anyMatch(a -> all.contains(a) && !done.contains(a))) {
                return false;
            }
            if (i > 0) {
                ClinicalTest before = order.get(i - 1);
                int turn = stages.get(before.id()).compareTo(stages.get(t.id()));
                boolean left = turn == 0 && !before.position().equals(t.position());
                boolean unfinished = order.stream()
                        .filter(x -> !done.contains(x.id()) && stages.get(x.id()) == stages.get(before.id()))
                        .anyMatch(x -> x.position().equals(before.position())
                                && x.after().stream().noneMatch(a -> all.contains(a) && !done.contains(a)));
                if (turn > 0 || left && unfinished) {
                    return false;
                }
            }
            done.add(t.id());
        }
        return true;
    }

    private static Stage stage(ClinicalTest test, List<ClinicalTest> tests, Map<String, Stage> known) {
        Stage stage = Stage.of(test);
        for (ClinicalTest other : tests) {
            if (test.after().contains(other.id())) {
                Stage needed = stage(other, tests, known);
                stage = needed.compareTo(stage) > 0 ? needed : stage;
            }
        }
        known.put(test.id(), stage);
        return stage;
    }

    private static OrderCost cost(List<ClinicalTest> order, List<ClinicalTest> tests) {
        Map<String, Stage> stages = new HashMap<>();
        tests.forEach(t -> stage(t, tests, stages));
        int changes = 0;
        int provocation = 0;
        int habit = 0;
        int against = 0;
        int start = 0;
        for (int i = 0; i < order.size(); i++) {
            ClinicalTest t = order.get(i);
            boolean moved = i > 0 && !order.get(i - 1).position().equals(t.position());
            changes += moved ? 1 : 0;
            if (i == 0 || moved || stages.get(order.get(i - 1).id()) != stages.get(t.id())) {
                start = i;
                habit += (int) order.subList(i, order.size()).stream()
                        .filter(x -> stages.get(x.id()) == stages.get(t.id()))
                        .filter(x -> HABIT.indexOf(x.position()) < HABIT.indexOf(t.position()))
                        .count();
            }
            for (ClinicalTest earlier : order.subList(start, i)) {
                provocation += earlier.provocation() > t.provocation() ? 1 : 0;
                against += tests.indexOf(earlier) > tests.indexOf(t) ? 1 : 0;
            }
        }
        return new OrderCost(changes, provocation, habit, against);
    }

    private static List<List<ClinicalTest>> permutations(List<ClinicalTest> tests) {
        if (tests.isEmpty()) {
            return List.of(List.of());
        }
        List<List<ClinicalTest>> all = new ArrayList<>();
        for (ClinicalTest first : tests) {
            List<ClinicalTest> rest = tests.stream().filter(t -> t != first).toList();
            for (List<ClinicalTest> tail : permutations(rest)) {
                List<ClinicalTest> order = new ArrayList<>(List.of(first));
                order.addAll(tail);
                all.add(order);
            }
        }
        return all;
    }

    private static ClinicalTest test(int number, String kind, String position, int provocation, List<String> after) {
        String id = "t" + number;
        return MadeUp.test(id, "shoulder", kind, position, provocation, List.of(), List.of(), after);
    }
}
