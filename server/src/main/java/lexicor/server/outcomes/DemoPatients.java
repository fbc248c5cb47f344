package lexicor.server.outcomes;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.Side;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import lexicor.core.practice.patient.PatientWorld;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.practice.patient.Wish;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CasePlan;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.CandidateRecord;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;

/** Makes simulated cases: patients drawn from the content, examined in the proposed order, and closed on their day. */
@Component
class DemoPatients {
    private static final int TESTS = 11;
    /** How often a second examiner does not find what the first may have found. */
    private static final double OTHERWISE = 0.2;

    /** A case with the patient that it is of. */
    record Made(CaseRecord stored, SimulatedPatient patient) {}

    private record World(String complaint, Setting setting) {}

    private final CaseStore cases;
    private final TapStore taps;
    private final CaseBasis basis;
    private final Map<World, PatientWorld> worlds = new ConcurrentHashMap<>();

    DemoPatients(CaseStore cases, TapStore taps, CaseBasis basis) {
        this.cases = cases;
        this.taps = taps;
        this.basis = basis;
    }

    /** A patient who came on a day, examined by somebody; still open. */
    Made examine(String code, String complaint, Setting setting, long seed, String examiner, Instant at) {
        Basis today = basis.today();
        PatientWorld world = worlds.computeIfAbsent(
                new World(complaint, setting),
                w -> new PatientWorld(
                        today.catalogue(),
                        today.evidence(),
                        today.settings(),
                        today.catalogue().complaint(complaint).orElseThrow(),
                        setting,
                        today.catalogue()
                                .complaint(complaint)
                                .map(Complaint::injury)
                                .orElseThrow()));
        SimulatedPatient patient = SimulatedPatient.of(world, seed, Wish.NOTHING);
        CaseRecord stored = record(patient, world.candidates());
        stored.code = code;
        stored.owner = examiner;
        stored.madeBy = examiner;
        stored.complaint = complaint;
        stored.setting = setting.id();
        stored.createdAt = at;
        stored.updatedAt = at;
        stored.visits.add(at);
        cases.saveAndFlush(stored);
        examine(stored, patient, today, new Random(seed), 0);
        return new Made(stored, patient);
    }

    /** Somebody else examines the same patient, a little otherwise. */
    void again(CaseRecord second, SimulatedPatient patient, long seed) {
        examine(second, patient, basis.today(), new Random(seed), OTHERWISE);
    }

    /** Closes the case some time after it was examined. */
    void close(CaseRecord stored, Instant at) {
        basis.keep(stored);
        stored.closedAt = at;
        stored.closedBy = stored.owner;
        stored.updatedAt = at;
        cases.saveAndFlush(stored);
    }

    private static CaseRecord record(SimulatedPatient patient, List<String> candidates) {
        CaseRecord made = new CaseRecord();
        made.simulated = true;
        made.involvedSide = patient.person().involved().id();
        made.dominantSide = patient.person().dominant().id();
        made.ageBand = patient.person().age().id();
        made.mechanism = patient.person().opening();
        candidates.forEach(c -> {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = c;
            candidate.suspicion = Suspicion.AS_USUAL.id();
            made.candidates.add(candidate);
        });
        made.answers.putAll(patient.history());
        made.precautions.addAll(patient.precautions());
        return made;
    }

    private void examine(CaseRecord stored, SimulatedPatient patient, Basis used, Random random, double otherwise) {
        Instant at = stored.createdAt;
        OpenCase open = OpenCases.apart(stored, used, List.of(), Map.of());
        List<ClinicalTest> tests = CasePlan.undone(open).stream()
                .map(t -> used.catalogue().test(t).orElseThrow())
                .filter(t -> patient.world().tests().anyMatch(t::equals))
                .filter(t -> t.criteria().stream().anyMatch(c -> patient.world().hasFigures(c.id())))
                .filter(t -> !open.blocks().tests().contains(t.id()))
                .limit(TESTS)
                .toList();
        for (ClinicalTest test : tests) {
            at = at.plus(Duration.ofMinutes(1));
            boolean other = random.nextDouble() < otherwise;
            for (String place : test.places()) {
                tap(stored, patient, test, place, patient.person().involved().other(), other, at);
                tap(stored, patient, test, place, patient.person().involved(), other, at);
            }
        }
    }

    /** What is recorded where nothing is found. */
    private Map<ReadingLeaf, ReadingValue> nothing(ClinicalTest test, String place) {
        return PadBoard.of(test, basis.today().catalogue()).stream()
                .filter(b -> b.at().equals(place))
                .flatMap(b -> b.pads().stream())
                .filter(p -> p.id().equals("nothing"))
                .findFirst()
                .map(Pad::sets)
                .orElse(Map.of());
    }

    private void tap(
            CaseRecord stored,
            SimulatedPatient patient,
            ClinicalTest test,
            String place,
            Side side,
            boolean other,
            Instant at) {
        Map<ReadingLeaf, ReadingValue> felt = other
                ? nothing(test, place)
                : patient.reply(test.id(), place, side, 0).felt();
        if (felt.isEmpty()) {
            return;
        }
        Map<String, Object> changes = new LinkedHashMap<>();
        felt.forEach((leaf, value) -> changes.put(leaf.leafName(), value.plain()));
        TapRecord tap = new TapRecord();
        tap.caseId = stored.id;
        tap.key = UUID.randomUUID();
        tap.test = test.id();
        tap.at = place;
        tap.visit = 1;
        tap.side = side.id();
        tap.changes = Taken.stored(new HashMap<>(changes));
        tap.recordedAt = at;
        tap.tappedAt = at;
        tap.madeBy = stored.owner;
        tap.device = "";
        taps.save(tap);
    }
}
