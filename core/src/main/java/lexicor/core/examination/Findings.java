package lexicor.core.examination;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.HistoryItem;

/** The findings of one examination in the catalogue's order, history first. Immutable. */
public final class Findings {
    private final List<Finding> all;
    private final Map<String, Boolean> told;

    private Findings(List<Finding> all, Map<String, Boolean> told) {
        this.all = List.copyOf(all);
        this.told = Map.copyOf(told);
    }

    /**
     * Every criterion of every test that has something recorded, on the involved side, and every answered history item
     * that is a finding.
     *
     * @param answers history items answered yes (true) or no (false); those not known are absent
     */
    public static Findings of(
            Catalogue catalogue,
            Readings readings,
            Side involved,
            Optional<AgeBand> age,
            Map<String, Boolean> answers) {
        List<Finding> found = new ArrayList<>();
        Map<String, Boolean> told = new HashMap<>();
        for (HistoryItem item : catalogue.history()) {
            answer(item, age, answers).ifPresent(yes -> {
                told.put(item.id(), yes);
                if (catalogue.isFinding(item)) {
                    found.add(new Finding(item.id(), yes ? Outcome.POSITIVE : Outcome.NEGATIVE, yes ? "yes" : "no"));
                }
            });
        }
        CriterionEvaluator evaluator = new CriterionEvaluator(catalogue, readings);
        Collection<String> begun = readings.tests();
        for (ClinicalTest test : catalogue.tests()) {
            if (begun.contains(test.id())) {
                found.addAll(evaluator.evaluate(test, involved));
            }
        }
        return new Findings(found, told);
    }

    /** Of somebody whom nobody has asked or touched yet. */
    public static Findings none() {
        return new Findings(List.of(), Map.of());
    }

    /** What the patient tells, as answered or as the age band answers it; empty where it is not known. */
    public Optional<Boolean> answerTo(String historyItem) {
        return Optional.ofNullable(told.get(historyItem));
    }

    private static Optional<Boolean> answer(HistoryItem item, Optional<AgeBand> age, Map<String, Boolean> answers) {
        if (!item.fromAgeBand()) {
            return Optional.ofNullable(answers.get(item.id()));
        }
        return age.flatMap(band -> band.answer(item));
    }

    /** The same with one criterion as if it had come out otherwise; not done leaves it out. */
    public Findings with(String criterion, Outcome outcome) {
        return with(new Finding(criterion, outcome, "what if"));
    }

    /** The same with one finding in the place of what was found of its criterion. */
    public Findings with(Finding supposed) {
        List<Finding> changed = new ArrayList<>();
        all.forEach(f -> changed.add(f.criterion().equals(supposed.criterion()) ? supposed : f));
        if (!changed.contains(supposed)) {
            changed.add(supposed);
        }
        return new Findings(changed, told);
    }

    public List<Finding> all() {
        return all;
    }

    /** Those with an outcome, be it unclear. */
    public List<Finding> done() {
        return all.stream().filter(Finding::isDone).toList();
    }

    public Optional<Finding> of(String criterion) {
        return all.stream().filter(f -> f.criterion().equals(criterion)).findFirst();
    }

    /** The tests of which at least one criterion has an outcome. */
    public Set<String> testsDone(Catalogue catalogue) {
        return done().stream()
                .flatMap(f -> catalogue.testOf(f.criterion()).stream())
                .map(ClinicalTest::id)
                .collect(Collectors.toSet());
    }
}
