package lexicor.core.planning;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Ladder;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.weighing.advice.Worth;

/**
 * Which tests to propose for a patient. Looking and moving in the complaint's regions always; every test that a cluster of
 * a candidate uses; for each candidate the tests that would tell most of it at its pretest, and those with which a ladder
 * points at it, and the families usually done for it; and whatever has to be done before one of those. Other tests can be added, but are not proposed.
 */
public final class Proposal {
    /** How many tests are proposed for a candidate for their own worth. */
    static final int BEST_OF_EACH = 4;

    /**
     * A candidate as far as proposing goes.
     *
     * @param pretest strictly between 0 and 1
     */
    public record Suspect(String condition, double pretest) {}

    private Proposal() {}

    /**
     * The proposed tests, as the catalogue describes them, in the best order.
     *
     * @param also tests that the complaint asks for whatever its candidates are
     */
    public static List<ClinicalTest> of(
            Catalogue catalogue,
            EvidenceBase evidence,
            Set<String> regions,
            List<String> also,
            List<Suspect> suspects) {
        Set<String> proposed = tests(catalogue, evidence, regions, also, suspects);
        return RunningOrder.of(catalogue.tests().stream()
                .filter(t -> proposed.contains(t.id()))
                .toList());
    }

    /** The ids of the proposed tests, in no order. */
    public static Set<String> tests(
            Catalogue catalogue,
            EvidenceBase evidence,
            Set<String> regions,
            List<String> also,
            List<Suspect> suspects) {
        Set<String> chosen = new LinkedHashSet<>(also);
        List<ClinicalTest> reachable = catalogue.tests().stream()
                .filter(t -> regions.contains(t.region()))
                .toList();
        reachable.stream().filter(t -> isAlwaysDone(catalogue, t)).forEach(t -> chosen.add(t.id()));
        for (Suspect suspect : suspects) {
            catalogue.clusters().stream()
                    .filter(c -> c.condition().equals(suspect.condition()))
                    .flatMap(c -> c.members().stream())
                    .forEach(m -> catalogue.testOf(m).ifPresent(t -> chosen.add(t.id())));
            reachable.stream()
                    .filter(t -> catalogue.examinedBy(t).contains(suspect.condition()))
                    .forEach(t -> chosen.add(t.id()));
            catalogue.ladders().stream()
                    .flatMap(l -> l.rungs().values().stream())
                    .filter(r -> pointsAt(r, suspect.condition()))
                    .forEach(r -> chosen.add(r.test()));
            reachable.stream()
                    .filter(t -> worth(t, suspect, evidence) > 0)
                    .sorted(Comparator.comparingDouble(t -> -worth(t, suspect, evidence)))
                    .limit(BEST_OF_EACH)
                    .forEach(t -> chosen.add(t.id()));
        }
        return WhatComesFirst.with(catalogue, chosen, t -> true);
    }

    /** Looking and moving, but for what is looked for in one condition alone. */
    private static boolean isAlwaysDone(Catalogue catalogue, ClinicalTest test) {
        return Stage.of(test) == Stage.MOVE
                || Stage.of(test) == Stage.LOOK && catalogue.examinedBy(test).isEmpty();
    }

    private static boolean pointsAt(Ladder.Rung rung, String condition) {
        return rung.positive() instanceof Ladder.Step.End end && end.suspect().contains(condition);
    }

    /** Bits that the best criterion of the test would tell of the suspect. */
    private static double worth(ClinicalTest test, Suspect suspect, EvidenceBase evidence) {
        return test.criteria().stream()
                .map(c -> evidence.of(c.id()).get(suspect.condition()))
                .mapToDouble(e -> e instanceof Evidence.Weighable w ? Worth.ofOneTest(suspect.pretest(), w) : 0)
                .max()
                .orElse(0);
    }
}
