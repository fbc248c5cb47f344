package lexicor.server.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.Place;
import lexicor.core.examination.Side;
import lexicor.core.practice.debrief.ClinicClock;
import lexicor.core.practice.debrief.Deed;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Looked;
import lexicor.core.practice.debrief.Deed.Peeked;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.debrief.Deed.WentAhead;
import lexicor.core.practice.debrief.Encounter;
import lexicor.core.practice.patient.Answers.Answer;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CandidateRecord;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.practice.StepBodies.AheadBody;
import lexicor.server.practice.StepBodies.AskedBody;
import lexicor.server.practice.StepBodies.DidBody;
import lexicor.server.practice.StepBodies.EndBody;
import lexicor.server.practice.StepBodies.HunchBody;
import lexicor.server.practice.StepBodies.LadderBody;
import lexicor.server.practice.StepBodies.PlanBody;
import lexicor.server.practice.StepBodies.SaidBody;
import lexicor.server.practice.StepBodies.TapBody;
import lexicor.server.standing.Basis;

/** A simulated patient with all that was done so far, played from the steps that are stored. Immutable. */
final class Attempt {
    private final PatientRecord stored;
    private final Basis basis;
    private final SimulatedPatient patient;
    private final List<StepRecord> steps;
    private final List<Deed> deeds = new ArrayList<>();
    private final OpenCase open;

    /**
     * @param basis the content and the settings that the patient was made with
     * @param steps those that stand, in their order
     */
    Attempt(PatientRecord stored, Basis basis, SimulatedPatient patient, List<StepRecord> steps) {
        this.stored = stored;
        this.basis = basis;
        this.patient = patient;
        this.steps = List.copyOf(steps);
        Map<Place, Integer> times = new HashMap<>();
        this.steps.forEach(s -> deed(s, times).ifPresent(deeds::add));
        open = OpenCases.apart(caseOf(), basis, taps(), ahead());
    }

    private Optional<Deed> deed(StepRecord step, Map<Place, Integer> times) {
        return switch (StepKind.withId(step.kind).orElseThrow()) {
            case SAID ->
                Optional.of(new Said(StepBodies.read(step, SaidBody.class).what()));
            case ASKED -> {
                AskedBody body = StepBodies.read(step, AskedBody.class);
                yield Optional.of(new Asked(body.kind(), body.id(), answer(body).yes()));
            }
            case DID -> {
                DidBody body = StepBodies.read(step, DidBody.class);
                Place place = new Place(
                        body.test(), body.at(), Side.withId(body.side()).orElseThrow());
                yield Optional.of(new Did(place, times.merge(place, 1, Integer::sum) - 1));
            }
            case LOOKED -> Optional.of(new Looked());
            case PEEKED -> Optional.of(new Peeked());
            case WENT_AHEAD -> {
                AheadBody body = StepBodies.read(step, AheadBody.class);
                yield Optional.of(new WentAhead(body.test(), body.reason()));
            }
            case TAPPED, PLANNED, LADDER, HUNCH, END -> Optional.empty();
        };
    }

    Answer answer(AskedBody asked) {
        return switch (asked.kind()) {
            case HISTORY -> patient.answers().told(asked.id());
            case PRECAUTION -> patient.answers().precaution(asked.id());
            case WARNING -> patient.answers().warning(asked.id());
        };
    }

    private CaseRecord caseOf() {
        CaseRecord made = new CaseRecord();
        made.id = stored.id;
        made.version = stored.version;
        made.code = address();
        made.owner = stored.owner;
        made.createdAt = stored.startedAt;
        made.updatedAt = stored.changedAt;
        made.closedAt = stored.endedAt;
        made.closedBy = stored.isEnded() ? stored.owner : null;
        made.complaint = stored.complaint;
        made.involvedSide = patient.person().involved().id();
        made.dominantSide = patient.person().dominant().id();
        made.ageBand = patient.person().age().id();
        made.setting = stored.setting;
        made.mechanism = patient.person().opening();
        made.visits.add(stored.startedAt);
        patient.world().complaint().candidates().forEach(c -> {
            CandidateRecord candidate = new CandidateRecord();
            candidate.condition = c;
            candidate.suspicion = Suspicion.AS_USUAL.id();
            made.candidates.add(candidate);
        });
        deeds(Asked.class).forEach(a -> {
            switch (a.kind()) {
                case HISTORY -> made.answers.put(a.id(), a.yes());
                case PRECAUTION -> addIf(a, made.precautions);
                case WARNING -> addIf(a, made.warnings);
            }
        });
        bodies(StepKind.PLANNED, PlanBody.class).reduce((a, b) -> b).ifPresent(p -> made.plan.addAll(p.tests()));
        bodies(StepKind.PLANNED, PlanBody.class)
                .filter(p -> p.tests().isEmpty() || p.sets() != null)
                .reduce((a, b) -> b)
                .filter(p -> p.sets() != null)
                .ifPresent(p -> made.sets.addAll(p.sets()));
        bodies(StepKind.LADDER, LadderBody.class).forEach(l -> {
            if (l.answer() == null) {
                made.ladders.remove(l.ladder());
            } else {
                made.ladders.put(l.ladder(), l.answer());
            }
        });
        return made;
    }

    private static void addIf(Asked asked, Set<String> to) {
        if (asked.yes()) {
            to.add(asked.id());
        }
    }

    private List<TapRecord> taps() {
        List<TapRecord> taps = new ArrayList<>();
        steps.stream().filter(s -> s.kind.equals(StepKind.TAPPED.id())).forEach(s -> {
            TapBody body = StepBodies.read(s, TapBody.class);
            TapRecord tap = new TapRecord();
            tap.id = s.id;
            tap.key = s.key;
            tap.caseId = stored.id;
            tap.test = body.test();
            tap.at = body.at();
            tap.side = body.side();
            tap.changes = body.changes();
            tap.variant = body.variant();
            tap.visit = 1;
            tap.tappedAt = s.madeAt;
            tap.recordedAt = s.madeAt;
            tap.madeBy = stored.owner;
            taps.add(tap);
        });
        return taps;
    }

    private Map<String, String> ahead() {
        Map<String, String> ahead = new LinkedHashMap<>();
        deeds(WentAhead.class).forEach(w -> ahead.put(w.test(), w.reason()));
        return ahead;
    }

    private <T> Stream<T> bodies(StepKind kind, Class<T> body) {
        return steps.stream().filter(s -> s.kind.equals(kind.id())).map(s -> StepBodies.read(s, body));
    }

    PatientRecord stored() {
        return stored;
    }

    /** How the couch addresses it, told apart from every case's code. */
    String address() {
        return "~" + stored.id;
    }

    Basis basis() {
        return basis;
    }

    Catalogue catalogue() {
        return basis.catalogue();
    }

    SimulatedPatient patient() {
        return patient;
    }

    /** What is recorded so far, as a case that is stored nowhere. */
    OpenCase open() {
        return open;
    }

    /** What blocks a test, in words; empty where nothing does. */
    List<String> blocking(ClinicalTest test) {
        return open.blocks().because(test.id());
    }

    List<Deed> deeds() {
        return List.copyOf(deeds);
    }

    /** Those of one kind, in their order. */
    <T extends Deed> Stream<T> deeds(Class<T> kind) {
        return deeds.stream().filter(kind::isInstance).map(kind::cast);
    }

    boolean wasSaid(Courtesy what) {
        return deeds.contains(new Said(what));
    }

    boolean isPeeked() {
        return deeds(Peeked.class).findAny().isPresent();
    }

    /** Whether the program's own probabilities may be seen. */
    boolean isProgramShown() {
        return isPeeked() || stored.isEnded();
    }

    Setting setting() {
        return Setting.withId(stored.setting).orElseThrow();
    }

    Instant startedAt() {
        return stored.startedAt;
    }

    double minutes() {
        return ClinicClock.minutes(catalogue(), deeds);
    }

    /** The hunches given before the first test or at the end, the latest of them. */
    Optional<Map<String, Double>> hunches(boolean atEnd) {
        return bodies(StepKind.HUNCH, HunchBody.class)
                .filter(h -> h.atEnd() == atEnd)
                .map(HunchBody::probabilities)
                .reduce((a, b) -> b);
    }

    Encounter encounter() {
        return new Encounter(
                patient,
                deeds(),
                hunches(false).orElse(Map.of()),
                hunches(true).orElse(Map.of()),
                open.readings(),
                bodies(StepKind.END, EndBody.class).findFirst().map(EndBody::plan));
    }
}
