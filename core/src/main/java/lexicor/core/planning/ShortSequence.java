package lexicor.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.advice.SeveralTests;

/**
 * The few tests that tell most within a time. Every set of at most {@value #LONGEST} of the {@value #CONSIDERED} tests with
 * the most to tell is compared by what its tests tell together (method M15), tests
 * that have to come first and are not done yet included in the time.
 *
 * @param tests in the order to do them, with what has to come first
 * @param criteria the criteria that were reckoned with
 * @param minutes usual time of all of them
 * @param gain bits that they are expected to tell together
 */
public record ShortSequence(List<String> tests, List<String> criteria, double minutes, double gain) {
    public static final int CONSIDERED = 10;
    public static final int LONGEST = 4;

    private static final ShortSequence NOTHING = new ShortSequence(List.of(), List.of(), 0, 0);

    /**
     * @param next the case's next tests in order of gain, each of which can be come to ({@link Precaution#isReachable})
     * @param done tests done already
     * @param withinMinutes time there is
     * @return of equal gain the shortest; nothing where no test that tells anything fits
     */
    public static ShortSequence of(
            Catalogue catalogue,
            SeveralTests explanation,
            List<NextTest> next,
            Set<String> done,
            double withinMinutes) {
        return new Search(catalogue, explanation, done, withinMinutes).best(best(catalogue, next));
    }

    /** Of each test the criterion that would tell most. */
    private static List<String> best(Catalogue catalogue, List<NextTest> next) {
        Map<String, String> byTest = new LinkedHashMap<>();
        next.stream()
                .filter(t -> t.gain() > 0)
                .sorted(Comparator.comparingDouble(t -> -t.gain()))
                .forEach(t -> byTest.putIfAbsent(
                        catalogue.testOf(t.id()).map(ClinicalTest::id).orElse(t.id()), t.id()));
        return byTest.values().stream().limit(CONSIDERED).toList();
    }

    private static final class Search {
        private final Catalogue catalogue;
        private final SeveralTests explanation;
        private final Set<String> done;
        private final double withinMinutes;
        private final Map<String, Set<String>> informed = new HashMap<>();
        /** A condition's gain depends only on the tests that say something of it. */
        private final Map<String, Double> gains = new HashMap<>();

        private ShortSequence best = NOTHING;

        Search(Catalogue catalogue, SeveralTests explanation, Set<String> done, double withinMinutes) {
            this.catalogue = catalogue;
            this.explanation = explanation;
            this.done = done;
            this.withinMinutes = withinMinutes;
        }

        ShortSequence best(List<String> criteria) {
            criteria.forEach(c -> informed.put(c, explanation.informedBy(List.of(c))));
            extend(criteria, 0, new ArrayList<>());
            return best;
        }

        private void extend(List<String> criteria, int from, List<String> chosen) {
            if (!chosen.isEmpty()) {
                Set<String> tests = withWhatComesFirst(chosen);
                double minutes = tests.stream()
                        .mapToDouble(t -> catalogue.test(t).orElseThrow().minutes())
                        .sum();
                if (minutes > withinMinutes) {
                    return;
                }
                double gain = gain(chosen);
                if (gain > best.gain || gain == best.gain && minutes < best.minutes) {
                    best = new ShortSequence(inOrder(tests), List.copyOf(chosen), minutes, gain);
                }
            }
            if (chosen.size() < LONGEST) {
                for (int i = from; i < criteria.size(); i++) {
                    chosen.add(criteria.get(i));
                    extend(criteria, i + 1, chosen);
                    chosen.remove(chosen.size() - 1);
                }
            }
        }

        private double gain(List<String> chosen) {
            Set<String> conditions = new HashSet<>();
            chosen.forEach(c -> conditions.addAll(informed.get(c)));
            double sum = 0;
            for (String condition : conditions) {
                List<String> telling = chosen.stream()
                        .filter(c -> informed.get(c).contains(condition))
                        .toList();
                sum += gains.computeIfAbsent(condition + " " + telling, k -> explanation.gainOf(telling, condition));
            }
            return sum;
        }

        private Set<String> withWhatComesFirst(List<String> criteria) {
            List<String> tests = criteria.stream()
                    .map(c -> catalogue.testOf(c).orElseThrow().id())
                    .toList();
            return WhatComesFirst.with(catalogue, tests, t -> !done.contains(t));
        }

        private List<String> inOrder(Set<String> tests) {
            return RunningOrder.of(catalogue.tests().stream()
                            .filter(t -> tests.contains(t.id()))
                            .toList())
                    .stream()
                    .map(ClinicalTest::id)
                    .toList();
        }
    }
}
