package lexicor.core.planning;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;

/**
 * What is advised next at the couch, in the order of work (method M10, M16): of the tests that would tell something the one that
 * tells most, but none while something planned of an earlier stage is open. One that can startle waits for those that cannot, is
 * not advised for what is likely enough to act on already, and never as the further step of tests that come before it: that is for
 * the examiner to ask for. Where nothing would tell anything, what comes next in the running order is advised.
 *
 * @param test empty where nothing may be advised yet, or nothing is left that tells something
 * @param first the stage of work that is planned and open, where a test of a later one would tell more or nothing tells anything
 * @param open what is planned and open in that stage, in the running order
 */
public record Advice(Optional<NextTest> test, Optional<Stage> first, List<String> open) {
    /** From this provocation on a test can startle. */
    private static final int STARTLING = 3;

    /**
     * @param reachable the tests that can be come to, in the order of their gain
     * @param planned the tests of the running order without a tap and without a precaution against them, in its order
     */
    public static Advice of(
            Catalogue catalogue, WeighedCase weighed, List<NextTest> reachable, Collection<String> planned) {
        TreeMap<Stage, List<String>> open = planned.stream()
                .collect(Collectors.groupingBy(
                        id -> Stage.of(catalogue.test(id).orElseThrow()), TreeMap::new, Collectors.toList()));
        Set<String> likely = weighed.conditions().stream()
                .filter(c -> c.verdict() == Verdict.ACT || c.verdict() == Verdict.SETTLE_FIRST)
                .map(WeighedCondition::id)
                .collect(Collectors.toSet());
        List<NextTest> telling = reachable.stream()
                .filter(t -> t.gain() > 0)
                .filter(t -> mayBeAdvised(catalogue, test(catalogue, t), likely))
                .toList();
        Optional<NextTest> wanted = first(telling, t -> true, catalogue);
        Optional<NextTest> advised =
                first(telling, t -> open.headMap(Stage.of(t)).isEmpty(), catalogue);
        boolean tells = reachable.stream().anyMatch(t -> t.gain() > 0);
        boolean waits = tells ? wanted.isPresent() && !wanted.equals(advised) : !open.isEmpty();
        return new Advice(
                advised,
                waits ? Optional.of(open.firstKey()) : Optional.empty(),
                waits ? open.firstEntry().getValue() : List.of());
    }

    /** The one that tells most, those that can startle behind the others. */
    private static Optional<NextTest> first(
            List<NextTest> telling, Predicate<ClinicalTest> allowed, Catalogue catalogue) {
        List<NextTest> some =
                telling.stream().filter(t -> allowed.test(test(catalogue, t))).toList();
        return some.stream()
                .filter(t -> test(catalogue, t).provocation() < STARTLING)
                .findFirst()
                .or(() -> some.stream().findFirst());
    }

    private static boolean mayBeAdvised(Catalogue catalogue, ClinicalTest test, Set<String> likely) {
        return test.provocation() < STARTLING
                || test.after().isEmpty()
                        && catalogue.conditionsOf(test).stream().noneMatch(likely::contains);
    }

    private static ClinicalTest test(Catalogue catalogue, NextTest next) {
        return catalogue.testOf(next.id()).orElseThrow();
    }
}
