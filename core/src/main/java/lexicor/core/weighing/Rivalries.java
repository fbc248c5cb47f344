package lexicor.core.weighing;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.catalogue.Relations.Kin;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.model.SetsMemory;

/**
 * The conditions of a case weighed together (method M17), each without its kin: a condition and what is part of it are no rivals.
 * Conditions that leave out the same kin share one model.
 */
final class Rivalries {
    private final CaseToWeigh given;
    private final List<Alone> conditions;
    private final SetsMemory memory;
    private final Map<String, Integer> places = new LinkedHashMap<>();
    private final Map<String, Set<String>> kin = new HashMap<>();
    private final Map<Set<String>, Rivalry> withoutKin = new HashMap<>();

    Rivalries(CaseToWeigh given, List<Alone> conditions, SetsMemory memory) {
        this.given = given;
        this.conditions = conditions;
        this.memory = memory;
        conditions.forEach(c -> places.put(c.id(), places.size()));
        for (Kin pair : given.kin()) {
            if (places.containsKey(pair.whole()) && places.containsKey(pair.part())) {
                kin.computeIfAbsent(pair.whole(), k -> new TreeSet<>()).add(pair.part());
                kin.computeIfAbsent(pair.part(), k -> new TreeSet<>()).add(pair.whole());
            }
        }
    }

    /** What the condition comes to among the others; empty where no recorded finding has figures of its own for it. */
    Optional<AmongRivals> of(Alone condition) {
        if (condition.speakers().isEmpty()) {
            return Optional.empty();
        }
        Set<String> leftOut = kin.getOrDefault(condition.id(), Set.of());
        return withoutKin
                .computeIfAbsent(
                        leftOut,
                        k -> new Rivalry(
                                given,
                                conditions.stream()
                                        .filter(c -> !k.contains(c.id()))
                                        .toList(),
                                places,
                                memory))
                .of(condition);
    }

    /** The logarithm of the ratio of a condition's odds after to before, with figures of its own or without. */
    double logRatio(Alone condition) {
        return of(condition)
                .map(a -> a.posttestLogit() - condition.pretestLogit())
                .orElse(condition.logRatio());
    }
}
