package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * What the tests aimed at a condition came to (method M18), whether or not there are figures: those of the families that
 * examine it, and members of its clusters and definitions. Each test counts once, positive before unclear before negative.
 *
 * @param figures whether a recorded finding has a figure for the condition, so that it can be weighed
 */
public record Aimed(boolean figures, int positive, int negative, int unclear) {
    public int tests() {
        return positive + negative + unclear;
    }

    /** Whether something recorded tells of it, with figures or without. */
    public boolean isExamined() {
        return figures || tests() > 0;
    }

    public static Aimed at(String condition, Catalogue catalogue, Findings findings, EvidenceBase evidence) {
        Set<String> members = new HashSet<>();
        catalogue.clusters().stream()
                .filter(c -> c.condition().equals(condition))
                .forEach(c -> members.addAll(c.members()));
        catalogue.definitions().stream()
                .filter(d -> d.condition().equals(condition))
                .forEach(d -> d.rule().findings().forEach(members::add));
        Map<String, List<Outcome>> byTest = new HashMap<>();
        for (Finding f : findings.done()) {
            catalogue
                    .testOf(f.criterion())
                    .filter(t -> members.contains(f.criterion())
                            || catalogue.examinedBy(t).contains(condition))
                    .ifPresent(t -> byTest.computeIfAbsent(t.id(), id -> new ArrayList<>())
                            .add(f.outcome()));
        }
        int positive = 0;
        int negative = 0;
        int unclear = 0;
        for (List<Outcome> outcomes : byTest.values()) {
            if (outcomes.contains(Outcome.POSITIVE)) {
                positive++;
            } else if (outcomes.contains(Outcome.UNCLEAR)) {
                unclear++;
            } else {
                negative++;
            }
        }
        boolean figures = findings.done().stream()
                        .anyMatch(f -> evidence.of(f.criterion()).containsKey(condition))
                || catalogue.clusters().stream()
                        .filter(c -> c.condition().equals(condition))
                        .map(c -> ClusterProgress.of(c, findings))
                        .anyMatch(c -> c.decided().isPresent() && c.speaks());
        return new Aimed(figures, positive, negative, unclear);
    }
}
