package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.catalogue.simulated.Occurrence;
import lexicor.core.catalogue.simulated.Simulation;
import lexicor.core.document.Problems;

/** Checks that what simulated patients are made of names nothing that does not exist, and leaves nobody without words. */
final class SimulationChecks {
    private final Simulation simulation;
    private final Problems problems;

    private SimulationChecks(Simulation simulation, Problems problems) {
        this.simulation = simulation;
        this.problems = problems;
    }

    static void run(Content content, Problems problems) {
        SimulationChecks checks = new SimulationChecks(content.simulation, problems);
        Set<String> conditions = content.conditions.stream().map(Condition::id).collect(Collectors.toSet());
        checks.named(
                "onsets",
                "complaint",
                checks.simulation.onsets().keySet(),
                ids(content.complaints.stream().map(Complaint::id)));
        checks.named(
                "told",
                "history item",
                checks.simulation.told().keySet(),
                ids(content.history.stream().map(HistoryItem::id)));
        checks.named(
                "precautions",
                "precaution",
                checks.simulation.precautions().keySet(),
                ids(content.precautions.stream().map(Precaution::id)));
        checks.named(
                "warnings",
                "warning sign",
                checks.simulation.warnings().keySet(),
                ids(content.warnings.stream().map(WarningSign::id)));
        checks.named(
                "readings",
                "criterion",
                checks.simulation.readings().keySet(),
                ids(content.tests.stream().flatMap(t -> t.criteria().stream()).map(Criterion::id)));
        Collection<String> with = new ArrayList<>(checks.simulation.loose().with());
        Stream.concat(checks.simulation.precautions().values().stream(), checks.simulation.warnings().values().stream())
                .map(Occurrence::with)
                .forEach(with::addAll);
        checks.simulation.readings().values().forEach(with::addAll);
        checks.named("with, readings", "condition", with, conditions);
        checks.everyAgeHasALife();
    }

    private static Set<String> ids(Stream<String> ids) {
        return ids.collect(Collectors.toSet());
    }

    private void named(String path, String what, Collection<String> named, Set<String> existing) {
        named.stream()
                .filter(id -> !existing.contains(id))
                .forEach(id -> problems.add(Packs.PRACTICE, path, "there is no " + what + " " + id));
    }

    private void everyAgeHasALife() {
        simulation.ages().values().stream()
                .flatMap(shares -> shares.keySet().stream())
                .distinct()
                .filter(age ->
                        simulation.lives().stream().noneMatch(l -> l.ages().contains(age)))
                .forEach(age -> problems.add(Packs.PRACTICE, "lives", "nobody is " + age));
    }
}
