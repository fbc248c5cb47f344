package lexicor.core.planning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.Raising;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/** The warning signs of a case: those answered yes at intake, and those that a finding or an answer raises by itself. */
public final class RaisedWarnings {
    /** What raised a sign that was answered yes at intake. */
    public static final String INTAKE = "intake";

    private static final String NECK = "neck";

    /**
     * A sign that is raised.
     *
     * @param by what raised it: criteria, questions, or {@link #INTAKE}
     * @param because the first of them, in words
     * @param regions where it holds
     * @param excluded whether somebody has seen everything that raises it, and excluded it
     */
    public record Raised(WarningSign sign, Set<String> by, String because, Set<String> regions, boolean excluded) {}

    private RaisedWarnings() {}

    public static List<Raised> of(Catalogue catalogue, Circumstances patient, Findings findings) {
        Map<String, Set<String>> by = new LinkedHashMap<>();
        patient.asked().forEach(sign -> add(by, sign, INTAKE));
        for (Finding f : findings.all()) {
            catalogue
                    .criterion(f.criterion())
                    .flatMap(Criterion::raises)
                    .filter(r -> f.outcome() == Outcome.POSITIVE && (patient.injured() || !r.onlyAfterInjury()))
                    .ifPresent(r -> add(by, r.warning(), f.criterion()));
        }
        for (Raising raising : catalogue.raisings()) {
            if ((patient.injured() || !raising.onlyAfterInjury()) && holds(raising.when(), patient, findings)) {
                raising.by().stream().filter(id -> isThere(findings, id)).forEach(id -> add(by, raising.warning(), id));
            }
        }
        List<Raised> raised = new ArrayList<>();
        for (WarningSign sign : catalogue.warnings()) {
            if (by.containsKey(sign.id())) {
                raised.add(raised(catalogue, patient, sign, by.get(sign.id())));
            }
        }
        return List.copyOf(raised);
    }

    private static void add(Map<String, Set<String>> by, String sign, String reason) {
        by.computeIfAbsent(sign, s -> new LinkedHashSet<>()).add(reason);
    }

    private static Raised raised(Catalogue catalogue, Circumstances patient, WarningSign sign, Set<String> by) {
        String first = by.iterator().next();
        Set<String> excluded = patient.excluded().getOrDefault(sign.id(), Set.of());
        return new Raised(
                sign,
                Set.copyOf(by),
                first.equals(INTAKE) ? "asked at intake" : catalogue.findingName(first),
                regions(catalogue, patient, sign, by),
                excluded.containsAll(by));
    }

    private static Set<String> regions(Catalogue catalogue, Circumstances patient, WarningSign sign, Set<String> by) {
        return switch (sign.scope().reach()) {
            case ALL -> all(catalogue);
            case LIMB -> all(catalogue).stream().filter(r -> !r.equals(NECK)).collect(Collectors.toUnmodifiableSet());
            case REGIONS -> sign.scope().regions();
            case CRITERION -> {
                Set<String> regions = new HashSet<>();
                by.forEach(id -> regions.addAll(patient.regionsOf(catalogue, id)));
                yield Set.copyOf(regions);
            }
        };
    }

    private static Set<String> all(Catalogue catalogue) {
        return catalogue.tests().stream().map(t -> t.region()).collect(Collectors.toUnmodifiableSet());
    }

    private static boolean holds(Raising.When when, Circumstances patient, Findings findings) {
        return (when.complaints().isEmpty()
                        || patient.presentation().ids().stream().anyMatch(when.complaints()::contains))
                && (when.any().isEmpty() || when.any().stream().anyMatch(id -> isThere(findings, id)))
                && when.all().stream().allMatch(id -> isThere(findings, id))
                && when.of().stream().filter(id -> isThere(findings, id)).count() >= when.atLeast()
                && when.unlessNegative().stream().noneMatch(id -> is(findings, id, Outcome.NEGATIVE))
                && (when.ageFrom().isEmpty() || patient.isAtLeast(when.ageFrom().getAsInt()));
    }

    /** Found, or told. */
    private static boolean isThere(Findings findings, String id) {
        return findings.answerTo(id).orElse(false) || is(findings, id, Outcome.POSITIVE);
    }

    private static boolean is(Findings findings, String id, Outcome outcome) {
        return findings.of(id).filter(f -> f.outcome() == outcome).isPresent();
    }

    /** Whether it began with an injury: the complaint says so, or an answer of the history. */
    public static boolean injured(Catalogue catalogue, Presentation presentation, Map<String, Boolean> answers) {
        return presentation.injury() || injured(catalogue, answers);
    }

    /** Whether an answer of the history means an injury. */
    public static boolean injured(Catalogue catalogue, Map<String, Boolean> answers) {
        return catalogue.history().stream()
                .filter(HistoryItem::injury)
                .anyMatch(h -> Boolean.TRUE.equals(answers.get(h.id())));
    }
}
