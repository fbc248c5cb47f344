package lexicor.server.cases;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.planning.Blocks;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.records.CandidateRecord;
import lexicor.server.cases.records.CaseRecord;

/** From what is stored to what the core works with. */
final class CaseAssembly {
    private CaseAssembly() {}

    static Findings findings(CaseRecord stored, Readings readings, Catalogue catalogue) {
        return Findings.of(catalogue, readings, involved(stored), age(stored), stored.answers);
    }

    static BedsideCase bedside(CaseRecord stored, Findings findings, Blocks blocks, Catalogue catalogue) {
        return new BedsideCase(
                candidates(stored, Map.of(), catalogue),
                findings,
                Set.copyOf(presentation(stored, catalogue).regions()),
                blocks.tests());
    }

    /** What bears on safety besides what was found. */
    static Circumstances circumstances(CaseRecord stored, Catalogue catalogue) {
        Map<String, Set<String>> excluded = new HashMap<>();
        stored.settled.forEach((sign, settled) -> {
            if (settled.isExcluded()) {
                excluded.put(sign, settled.reasons());
            }
        });
        return new Circumstances(
                presentation(stored, catalogue),
                RaisedWarnings.injured(catalogue, presentation(stored, catalogue), stored.answers),
                stored.age == null ? OptionalInt.empty() : OptionalInt.of(stored.age),
                age(stored),
                stored.warnings,
                stored.precautions,
                excluded,
                stored.candidates.stream().map(c -> c.condition).collect(Collectors.toSet()));
    }

    /** What the patient comes with, as far as the content knows it. */
    static Presentation presentation(CaseRecord stored, Catalogue catalogue) {
        return Presentation.of(catalogue, stored.complaints());
    }

    /**
     * @param suspicions steps of suspicion in place of the stored ones, by condition
     */
    static List<Candidate> candidates(CaseRecord stored, Map<String, Suspicion> suspicions, Catalogue catalogue) {
        Setting setting = Setting.withId(stored.setting).orElseThrow();
        Presentation presentation = presentation(stored, catalogue);
        boolean injured = RaisedWarnings.injured(catalogue, presentation, stored.answers);
        return stored.candidates.stream()
                .filter(c -> catalogue
                        .condition(c.condition)
                        .filter(k -> injured || !k.traumaOnly())
                        .isPresent())
                .map(c -> candidate(
                        stored,
                        c,
                        presentation,
                        setting,
                        Optional.ofNullable(suspicions.get(c.condition))
                                .orElseGet(() -> Suspicion.withId(c.suspicion).orElseThrow()),
                        catalogue))
                .toList();
    }

    private static Optional<AgeBand> age(CaseRecord stored) {
        return Optional.ofNullable(stored.ageBand).flatMap(AgeBand::withId);
    }

    private static Optional<Sex> sex(CaseRecord stored) {
        return Optional.ofNullable(stored.sex).flatMap(Sex::withId);
    }

    private static Candidate candidate(
            CaseRecord of,
            CandidateRecord stored,
            Presentation presentation,
            Setting setting,
            Suspicion suspicion,
            Catalogue catalogue) {
        Condition condition = catalogue.condition(stored.condition).orElseThrow();
        double base = stored.baseRate == null ? presentation.startingRate(condition, setting) : stored.baseRate;
        Pretest pretest = Pretest.of(catalogue.ages(), condition.id(), base, age(of), sex(of), suspicion);
        return Candidate.of(condition, pretest, catalogue.relations().settledBefore(condition.id()));
    }

    static Side involved(CaseRecord stored) {
        return Side.withId(stored.involvedSide).orElseThrow();
    }
}
