package lexicor.core.weighing;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.ExplainedFindings;
import lexicor.core.weighing.model.ExplainedFindings.Cause;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.SetsMemory;

/**
 * The conditions of a case weighed together (method M17): findings are explained by sets of conditions, with a noisy-or for each
 * finding (the form of the QMR network, Shwe et al. 1991) and the overlap of M4 between findings.
 */
final class Rivalry {
    /** So many conditions are weighed together; others keep what they come to by themselves. */
    static final int MOST = 10;

    private static final double MOST_ACTIVATION = 0.9999;
    private static final double LEAST_SPARED = 0.01;

    private final WeighingSettings settings;
    private final List<Alone> considered;
    private final ExplainedFindings findings;

    /**
     * @param conditions those that may explain findings
     * @param places of all conditions in the case, by id
     */
    Rivalry(CaseToWeigh given, List<Alone> conditions, Map<String, Integer> places, SetsMemory memory) {
        settings = given.settings();
        List<RecordedFinding> clear = given.findings().stream()
                .filter(f -> f.result() != Result.UNCLEAR)
                .filter(f -> conditions.stream().anyMatch(c -> c.speaker(f.id()).isPresent()))
                .toList();
        considered = considered(clear, conditions);
        findings = new ExplainedFindings(
                settings.familyOverlap(),
                settings.generalOverlap(),
                considered.stream().mapToInt(c -> places.get(c.id())).toArray(),
                considered.stream().mapToDouble(c -> c.candidate().pretest()).toArray(),
                memory);
        for (RecordedFinding f : clear) {
            SortedMap<Integer, Cause> causes = causes(f);
            if (causes.values().stream().anyMatch(Cause::hasFigures)) {
                findings.add(f.id(), f.family(), f.result() == Result.POSITIVE, causes);
            }
        }
    }

    /** Those that have figures for a recorded finding or stand in what it provokes; of too many, the likeliest by themselves. */
    private static List<Alone> considered(List<RecordedFinding> clear, List<Alone> conditions) {
        Set<String> provoked =
                clear.stream().flatMap(f -> f.provokes().stream()).collect(Collectors.toSet());
        List<Alone> all = conditions.stream()
                .filter(c -> !c.speakers().isEmpty() || provoked.contains(c.id()))
                .toList();
        if (all.size() <= MOST) {
            return all;
        }
        Set<String> likeliest = all.stream()
                .sorted(Comparator.comparingDouble(c -> -c.pretestLogit() - c.logRatio()))
                .limit(MOST)
                .map(Alone::id)
                .collect(Collectors.toSet());
        return all.stream().filter(c -> likeliest.contains(c.id())).toList();
    }

    /** The considered conditions that change how often a finding is positive: by their figures, or because they are known to. */
    private SortedMap<Integer, Cause> causes(RecordedFinding f) {
        SortedMap<Integer, Cause> causes = new TreeMap<>();
        for (int c = 0; c < considered.size(); c++) {
            Alone alone = considered.get(c);
            Optional<Item> speaker = alone.speaker(f.id());
            if (speaker.isPresent()) {
                causes.put(c, figures(speaker.get()));
            } else if (f.provokes().contains(alone.id()) && !alone.spoken().contains(f.test())) {
                causes.put(c, Cause.assumed(settings.crossActivation()));
            }
        }
        return causes;
    }

    /** The activation is {@code 1 - LR-}; where the sign is commoner without the condition, it makes it rarer by {@code LR+}. */
    private static Cause figures(Item item) {
        double logSpecificity = Logit.logInverse(item.logitSpecificity);
        double logPositiveRatio = Logit.logInverse(item.logitSensitivity) - Logit.logInverse(-item.logitSpecificity);
        if (logPositiveRatio < 0) {
            return new Cause(0, Math.max(LEAST_SPARED, Math.exp(logPositiveRatio)), logSpecificity);
        }
        double logNegativeRatio = Logit.logInverse(-item.logitSensitivity) - logSpecificity;
        double activation = Math.min(MOST_ACTIVATION, Math.max(0, -Math.expm1(logNegativeRatio)));
        return new Cause(activation, 1, logSpecificity);
    }

    /** What the condition comes to among the others; empty where no recorded finding has figures of its own for it. */
    Optional<AmongRivals> of(Alone condition) {
        for (int c = 0; c < considered.size(); c++) {
            if (considered.get(c) == condition && !condition.speakers().isEmpty()) {
                return Optional.of(new AmongRivals(condition, c, considered, findings));
            }
        }
        return Optional.empty();
    }
}
