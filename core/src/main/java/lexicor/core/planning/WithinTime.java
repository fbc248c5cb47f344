package lexicor.core.planning;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.VisitCore;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.examination.Findings;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.ClusterProgress;

/**
 * Which tests of a running order are done in the time there is (method M16). First the core of the visit, whatever it takes, or
 * where nothing is said of the complaint what safety needs: tests that raise a warning sign, and those for a candidate that must
 * not be missed; and of a stage that is never left out at least one test. Then, for the three likeliest undecided candidates in
 * turn, their open clusters as far as each fits whole, or for one whose tests have no figures those usually done for it. Then what
 * would tell most a minute (method M10), and with the minutes that are left the others in their order. What has to come before a
 * test is done, and timed, with it.
 *
 * @param kept tests in the order given
 * @param minutes usual time of those kept; more than there is only where the core or safety needs more
 * @param leftOut the other tests in the order given, each with the reason as half a sentence
 */
public record WithinTime(List<String> kept, double minutes, Map<String, String> leftOut) {
    /**
     * @param presentation what the patient comes with
     * @param injured whether this began with an injury: some warning signs are raised only then
     * @param planned the tests still to be done, in their order, none of them blocked
     * @param minutes time there is, above 0
     */
    public static WithinTime of(
            Catalogue catalogue,
            Presentation presentation,
            Findings findings,
            WeighedCase weighed,
            boolean injured,
            List<String> planned,
            double minutes) {
        return new Choice(catalogue, presentation, findings, weighed, injured, planned, minutes).made();
    }

    private static final class Choice {
        private static final int LEADING = 3;
        private static final double ROUNDING = 1e-9;

        private final Catalogue catalogue;
        private final Presentation presentation;
        private final Findings findings;
        private final WeighedCase weighed;
        private final boolean injured;
        private final Set<String> planned;
        private final Map<String, Double> perMinute;
        private final double minutes;
        private final Set<String> kept = new HashSet<>();
        private double used;

        Choice(
                Catalogue catalogue,
                Presentation presentation,
                Findings findings,
                WeighedCase weighed,
                boolean injured,
                List<String> planned,
                double minutes) {
            this.catalogue = catalogue;
            this.presentation = presentation;
            this.findings = findings;
            this.weighed = weighed;
            this.planned = new LinkedHashSet<>(planned);
            this.injured = injured;
            this.minutes = minutes;
            this.perMinute = perMinute();
        }

        WithinTime made() {
            keepCore();
            keepOfEachStage();
            Map<String, Cluster> tooLong = new HashMap<>();
            weighed.conditions().stream()
                    .filter(c -> c.verdict() == Verdict.UNDECIDED)
                    .limit(LEADING)
                    .forEach(c -> keepFor(c.id(), tooLong));
            perMinute.entrySet().stream()
                    .filter(e -> e.getValue() > 0)
                    .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                    .forEach(e -> keepIfItFits(List.of(e.getKey())));
            planned.forEach(t -> keepIfItFits(List.of(t)));
            Map<String, String> leftOut = new LinkedHashMap<>();
            planned.stream()
                    .filter(t -> !kept.contains(t))
                    .forEach(t -> leftOut.put(t, why(tooLong.get(t), perMinute.getOrDefault(t, 0.0))));
            return new WithinTime(planned.stream().filter(kept::contains).toList(), used, leftOut);
        }

        private void keepCore() {
            Optional<VisitCore> core = presentation.core(catalogue);
            planned.stream()
                    .filter(t -> core.map(c -> c.tests().contains(t)).orElseGet(() -> isForSafety(t)))
                    .forEach(t -> keep(withWhatComesFirst(List.of(t))));
        }

        /** A stage that is never left out is begun, where nothing of it is done or kept yet. */
        private void keepOfEachStage() {
            Set<Stage> there = EnumSet.noneOf(Stage.class);
            findings.testsDone(catalogue).forEach(t -> there.add(stage(t)));
            kept.forEach(t -> there.add(stage(t)));
            for (Stage stage : Stage.values()) {
                boolean never = catalogue.stageRules().stream()
                        .anyMatch(
                                r -> r.holdsFor(presentation.ids()) && r.never().contains(stage.id()));
                if (never && !there.contains(stage)) {
                    planned.stream()
                            .filter(t -> stage(t) == stage)
                            .findFirst()
                            .ifPresent(t -> keep(withWhatComesFirst(List.of(t))));
                }
            }
        }

        private Stage stage(String test) {
            return Stage.of(catalogue.test(test).orElseThrow());
        }

        private boolean isForSafety(String id) {
            ClinicalTest test = catalogue.test(id).orElseThrow();
            Set<String> about = catalogue.conditionsOf(test);
            return test.criteria().stream()
                            .flatMap(c -> c.raises().stream())
                            .anyMatch(r -> injured || !r.onlyAfterInjury())
                    || catalogue.raisings().stream()
                            .filter(r -> r.when().isEmpty() && (injured || !r.onlyAfterInjury()))
                            .flatMap(r -> r.by().stream())
                            .anyMatch(test.criterionIds()::contains)
                    || weighed.conditions().stream()
                            .map(WeighedCondition::id)
                            .filter(about::contains)
                            .anyMatch(c -> catalogue
                                    .condition(c)
                                    .filter(Condition::mustNotMiss)
                                    .isPresent());
        }

        /** Clusters that do not fit whole are noted by the tests that they wait for. */
        private void keepFor(String condition, Map<String, Cluster> tooLong) {
            for (Cluster cluster : catalogue.clusters()) {
                if (cluster.condition().equals(condition)) {
                    List<String> open = open(cluster);
                    if (!open.isEmpty() && !keepIfItFits(open)) {
                        open.forEach(t -> tooLong.putIfAbsent(t, cluster));
                    }
                }
            }
            List<String> usual = planned.stream()
                    .filter(t -> catalogue
                            .examinedBy(catalogue.test(t).orElseThrow())
                            .contains(condition))
                    .toList();
            if (usual.stream().noneMatch(t -> perMinute.getOrDefault(t, 0.0) > 0)) {
                usual.forEach(t -> keepIfItFits(List.of(t)));
            }
        }

        /** The planned tests that the cluster still needs; none where it is decided or cannot be done whole. */
        private List<String> open(Cluster cluster) {
            ClusterProgress progress = ClusterProgress.of(cluster, findings);
            List<String> tests = progress.open().stream()
                    .map(m -> catalogue.testOf(m).map(ClinicalTest::id).orElse(m))
                    .distinct()
                    .toList();
            return progress.isDecidedEarly() || !planned.containsAll(tests) ? List.of() : tests;
        }

        /** Bits that each test's best criterion would tell, by the test's minutes. */
        private Map<String, Double> perMinute() {
            Map<String, Double> best = new LinkedHashMap<>();
            for (NextTest next : weighed.nextTests()) {
                catalogue
                        .testOf(next.id())
                        .filter(t -> planned.contains(t.id()))
                        .ifPresent(t -> best.merge(t.id(), next.gainPerMinute().orElse(0), Math::max));
            }
            return best;
        }

        private boolean keepIfItFits(List<String> tests) {
            Set<String> more = withWhatComesFirst(tests);
            boolean fits = used + minutesOf(more) <= minutes + ROUNDING;
            if (fits) {
                keep(more);
            }
            return fits;
        }

        private void keep(Set<String> more) {
            used += minutesOf(more);
            kept.addAll(more);
        }

        private double minutesOf(Set<String> more) {
            return more.stream()
                    .filter(t -> !kept.contains(t))
                    .mapToDouble(t -> catalogue.test(t).orElseThrow().minutes())
                    .sum();
        }

        private Set<String> withWhatComesFirst(List<String> tests) {
            return WhatComesFirst.with(catalogue, tests, planned::contains);
        }

        private static String why(Cluster tooLong, double perMinute) {
            if (perMinute > 0) {
                return "tells less a minute than what is kept";
            }
            return tooLong == null
                    ? "has no figures for these candidates"
                    : "the rest of " + tooLong.name() + " takes longer than there is";
        }
    }
}
