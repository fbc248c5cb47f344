package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Place;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.Restraint;
import lexicor.core.practice.debrief.Debrief.TestStep;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;

/**
 * What each test was expected to tell when it was done, beside the best order within the same minutes (method M10, M14): each time the
 * test that tells most a minute and still fits, with what this patient really answers.
 */
final class Gains {
    private static final double LEAST_BITS = 0.001;
    private static final int MOST = 24;

    private final Bedside bedside;
    private final Encounter encounter;
    private final Map<String, Boolean> answers;
    private final Circumstances told;
    final List<TestStep> done = new ArrayList<>();
    final List<TestStep> best = new ArrayList<>();
    final List<Point> forNothing = new ArrayList<>();

    Gains(Bedside bedside, Encounter encounter) {
        this.bedside = bedside;
        this.encounter = encounter;
        answers = encounter.answers();
        told = encounter.circumstances();
        followDone();
        followBest(done.stream().mapToDouble(TestStep::minutes).sum());
    }

    private void followDone() {
        Set<Place> places = new LinkedHashSet<>();
        for (String test : encounter.tests()) {
            Findings before = bedside.findings(bedside.felt(places), answers);
            WeighedCase weighed = weigh(before);
            done.add(step(test, byTest(weighed)));
            forNothing(test, before, weighed);
            encounter
                    .of(Did.class)
                    .map(Did::place)
                    .filter(p -> p.test().equals(test))
                    .forEach(places::add);
        }
    }

    private void forNothing(String test, Findings before, WeighedCase weighed) {
        ClinicalTest tested = bedside.catalogue.test(test).orElseThrow();
        Restraint.of(bedside.catalogue, before, weighed).stream()
                .filter(l -> l.test().equals(test) && l.kind() == Restraint.Kind.FOR_NOTHING)
                .findFirst()
                .ifPresent(l -> forNothing.add(
                        Point.of(Point.Kind.FOR_NOTHING, tested.name() + ": " + l.words(), tested, encounter)));
    }

    private void followBest(double minutes) {
        Set<Place> places = new LinkedHashSet<>();
        Set<String> used = new LinkedHashSet<>();
        double left = minutes;
        while (used.size() < MOST) {
            double there = left;
            Map<String, Double> gains = byTest(weigh(bedside.findings(bedside.felt(places), answers)));
            Optional<TestStep> next = gains.keySet().stream()
                    .filter(t -> !used.contains(t))
                    .map(t -> step(t, gains))
                    .filter(s -> s.minutes() <= there + 1e-9 && s.bits() >= LEAST_BITS)
                    .max(Comparator.comparingDouble(s -> s.bits() / s.minutes()));
            if (next.isEmpty()) {
                return;
            }
            best.add(next.get());
            used.add(next.get().test());
            left -= next.get().minutes();
            places.addAll(bedside.places(next.get().test()));
        }
    }

    private WeighedCase weigh(Findings findings) {
        return Weighing.weigh(bedside.toWeigh(findings, answers, told), bedside.school);
    }

    /** The best of each test's criteria. */
    private Map<String, Double> byTest(WeighedCase weighed) {
        Map<String, Double> byTest = new LinkedHashMap<>();
        for (NextTest next : weighed.nextTests()) {
            bedside.catalogue
                    .testOf(next.id())
                    .map(ClinicalTest::id)
                    .ifPresent(t -> byTest.merge(t, next.gain(), Math::max));
        }
        return byTest;
    }

    private TestStep step(String test, Map<String, Double> gains) {
        return new TestStep(
                test,
                gains.getOrDefault(test, 0.0),
                bedside.catalogue.test(test).orElseThrow().minutes());
    }
}
