package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.WeighingSettings;

/** The program as such a clinic uses it for one complaint: with the figures it knows, and nothing of the world behind. */
public final class Clinic {
    final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final WeighingSettings settings;
    private final Set<String> regions;
    private final List<Candidate> candidates;
    private final Findings none;

    /**
     * @param regions whose tests are done
     * @param candidates with the base rates and lines that the clinic weighs them with
     */
    private Clinic(
            Catalogue catalogue,
            EvidenceBase evidence,
            WeighingSettings settings,
            Collection<String> regions,
            List<Candidate> candidates) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.settings = settings;
        this.regions = Set.copyOf(regions);
        this.candidates = List.copyOf(candidates);
        none = Findings.none();
    }

    /** With the complaint's candidates, at their base rates where patients present so. */
    public static Clinic of(
            Catalogue catalogue,
            EvidenceBase evidence,
            WeighingSettings settings,
            Complaint complaint,
            Setting setting) {
        List<Candidate> candidates = complaint.candidates().stream()
                .map(id -> catalogue.condition(id).orElseThrow())
                .map(c -> Candidate.of(
                        c,
                        Pretest.of(complaint.startingRate(c, setting)),
                        catalogue.relations().settledBefore(c.id())))
                .toList();
        return new Clinic(catalogue, evidence, settings, complaint.regions(), candidates);
    }

    /** A made-up clinic that sees such patients. */
    World world(Scenario scenario, long seed) {
        return new World(catalogue, evidence, regions, baseRates(), scenario, seed);
    }

    /** By condition, as the clinic weighs them. */
    Map<String, Double> baseRates() {
        Map<String, Double> baseRates = new LinkedHashMap<>();
        candidates.forEach(c -> baseRates.put(c.id(), c.pretest()));
        return baseRates;
    }

    /** What was found, ready to weigh. */
    CaseToWeigh given(List<World.Sign> done, List<Boolean> results) {
        Findings findings = none;
        for (int i = 0; i < done.size(); i++) {
            findings = findings.with(done.get(i).criterion(), results.get(i) ? Outcome.POSITIVE : Outcome.NEGATIVE);
        }
        return new BedsideCase(candidates, findings, regions, Set.of()).against(catalogue, evidence, settings);
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
