package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Place;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.planning.Blocks;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.Suspicion;

/** A simulated patient as the program weighs it: from what was asked and what was felt, or from what was recorded. */
final class Bedside {
    final Catalogue catalogue;
    final School school;
    final SimulatedPatient patient;
    private final EvidenceBase evidence;
    private final Map<Place, Map<ReadingLeaf, ReadingValue>> felt = new LinkedHashMap<>();

    Bedside(SimulatedPatient patient, EvidenceBase evidence, School school) {
        this.patient = patient;
        this.evidence = evidence;
        this.school = school;
        catalogue = patient.world().catalogue();
    }

    /** What is there at a place, the second time: without a way round it. */
    Map<ReadingLeaf, ReadingValue> felt(Place place) {
        return felt.computeIfAbsent(
                place, p -> patient.reply(p.test(), p.at(), p.side(), 1).felt());
    }

    /** What is there to be felt at some places. */
    Readings felt(Collection<Place> places) {
        List<Tap> taps = new ArrayList<>();
        places.stream().distinct().forEach(p -> {
            Map<ReadingLeaf, ReadingValue> there = felt(p);
            if (!there.isEmpty()) {
                taps.add(Tap.of(p, there));
            }
        });
        return Readings.of(taps);
    }

    /** Every place of a test, on both sides. */
    List<Place> places(String testId) {
        ClinicalTest test = catalogue.test(testId).orElseThrow();
        Side involved = patient.person().involved();
        return test.places().stream()
                .flatMap(at ->
                        List.of(new Place(testId, at, involved.other()), new Place(testId, at, involved)).stream())
                .toList();
    }

    Findings findings(Readings readings, Map<String, Boolean> answers) {
        return Findings.of(
                catalogue,
                readings,
                patient.person().involved(),
                Optional.of(patient.person().age()),
                answers);
    }

    CaseToWeigh toWeigh(Findings findings, Map<String, Boolean> answers, Circumstances told) {
        Presentation presentation = new Presentation(List.of(patient.world().complaint()));
        boolean injured = RaisedWarnings.injured(catalogue, presentation, answers);
        Map<String, Double> rates = patient.world().startingRates();
        List<Candidate> candidates = patient.world().complaint().candidates().stream()
                .map(c -> catalogue.condition(c).orElseThrow())
                .filter(c -> injured || !c.traumaOnly())
                .map(c -> Candidate.of(
                        c,
                        Pretest.of(
                                catalogue.ages(),
                                c.id(),
                                rates.get(c.id()),
                                Optional.of(patient.person().age()),
                                Optional.empty(),
                                Suspicion.AS_USUAL),
                        catalogue.relations().settledBefore(c.id())))
                .toList();
        return new BedsideCase(
                        candidates,
                        findings,
                        Set.copyOf(patient.world().complaint().regions()),
                        Blocks.of(catalogue, told, findings).tests())
                .against(catalogue, evidence, patient.world().settings());
    }
}
