package lexicor.core.weighing.listed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * What the tests aimed at a condition came to (method M18), whether or not there are figures: those of the families that
 * examine it, members of its clusters and definitions, and what is judged or studied for it. Each test counts once, positive before
 * unclear before negative.
 */
public record Aimed(int positive, int negative, int unclear) {
    public int tests() {
        return positive + negative + unclear;
    }

    public static Aimed at(String condition, Catalogue catalogue, Findings findings) {
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
                            || catalogue.examinedBy(t).contains(condition)
                            || catalogue.isAbout(f.criterion(), condition))
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
        return new Aimed(positive, negative, unclear);
    }
}
