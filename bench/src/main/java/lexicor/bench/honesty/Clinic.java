package lexicor.bench.honesty;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.WeighingSettings;

/** The program as such a clinic uses it: with the packs as they ship, knowing nothing of the world behind. */
final class Clinic {
    final Catalogue catalogue;
    final EvidenceBase evidence;
    private final Findings none;

    Clinic(Catalogue catalogue, EvidenceBase evidence) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        none = Findings.of(catalogue, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
    }

    /** What was found, ready to weigh. */
    CaseToWeigh given(Complaint complaint, List<World.Sign> done, List<Boolean> results) {
        Findings findings = none;
        for (int i = 0; i < done.size(); i++) {
            findings = findings.with(done.get(i).criterion(), results.get(i) ? Outcome.POSITIVE : Outcome.NEGATIVE);
        }
        List<Candidate> candidates = complaint.candidates().stream()
                .map(id -> candidate(complaint, catalogue.condition(id).orElseThrow()))
                .toList();
        return new BedsideCase(candidates, findings, Set.copyOf(complaint.regions()), Set.of())
                .against(catalogue, evidence, WeighingSettings.DEFAULT);
    }

    private Candidate candidate(Complaint complaint, Condition c) {
        return new Candidate(
                c.id(),
                World.baseRate(catalogue, complaint, c.id()),
                Candidate.ASSUMED_LOGIT_SD,
                c.ruleOut(),
                c.act(),
                1,
                c.mustNotMiss());
    }

    /** The signs of each test, in the catalogue's order. */
    static Map<String, List<World.Sign>> byTest(World world) {
        Map<String, List<World.Sign>> byTest = new LinkedHashMap<>();
        world.signs.forEach(
                s -> byTest.computeIfAbsent(s.test(), t -> new ArrayList<>()).add(s));
        return byTest;
    }

    /** The signs of about so many of the tests, as an examiner with that much time chooses. */
    static List<World.Sign> some(World world, double share, Random random) {
        return byTest(world).values().stream()
                .filter(t -> random.nextDouble() < share)
                .flatMap(List::stream)
                .toList();
    }
}
