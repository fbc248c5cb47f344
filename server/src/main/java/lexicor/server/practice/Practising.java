package lexicor.server.practice;

import java.security.SecureRandom;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.server.catalogue.Editions;
import lexicor.server.practice.PracticeViews.Begun;
import lexicor.server.practice.PracticeViews.DebriefView;
import lexicor.server.practice.PracticeViews.EncounterView;
import lexicor.server.practice.PracticeViews.End;
import lexicor.server.practice.PracticeViews.JudgedView;
import lexicor.server.practice.PracticeViews.NewDeed;
import lexicor.server.practice.PracticeViews.NewHunch;
import lexicor.server.practice.PracticeViews.NewPatient;
import lexicor.server.practice.PracticeViews.WishView;
import lexicor.server.practice.StepBodies.AskedBody;
import lexicor.server.practice.StepBodies.DidBody;
import lexicor.server.practice.StepBodies.EndBody;
import lexicor.server.practice.StepBodies.HunchBody;
import lexicor.server.practice.StepBodies.Nothing;
import lexicor.server.practice.StepBodies.SaidBody;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsJson;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Begins simulated patients, does with them what a learner asks for, and ends them. Every act is one transaction. */
@Service
public class Practising {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final int FEWEST_MINUTES = 5;
    private static final int MOST_MINUTES = 60;
    private static final int USUAL_MINUTES = 20;
    /** Small enough to be read out. */
    private static final int SEEDS = 1_000_000;

    private final PatientStore store;
    private final Steps steps;
    private final HunchStore hunches;
    private final Patients patients;
    private final PracticeDoor door;
    private final Editions editions;
    private final SettingsService settings;
    private final Moments moments;
    private final SecureRandom random = new SecureRandom();

    Practising(
            PatientStore store,
            Steps steps,
            HunchStore hunches,
            Patients patients,
            PracticeDoor door,
            Editions editions,
            SettingsService settings,
            Moments moments) {
        this.store = store;
        this.steps = steps;
        this.hunches = hunches;
        this.patients = patients;
        this.door = door;
        this.editions = editions;
        this.settings = settings;
        this.moments = moments;
    }

    /** A patient of one's own to practise on. */
    @Transactional
    public Begun begin(NewPatient asked) {
        Catalogue catalogue = editions.catalogue();
        Complaint complaint = asked.complaint() == null
                ? catalogue
                        .complaints()
                        .get(random.nextInt(catalogue.complaints().size()))
                : catalogue
                        .complaint(asked.complaint())
                        .orElseThrow(() -> Refusal.field("complaint", "there is no complaint " + asked.complaint()));
        return begin(
                complaint,
                Optional.ofNullable(asked.setting()).orElse(Setting.COMMUNITY),
                Optional.ofNullable(asked.seed()).orElseGet(this::freshSeed),
                Optional.ofNullable(asked.minutes()).orElse(USUAL_MINUTES),
                null,
                null);
    }

    /**
     * @param wish what a patient set by hand is; null where all is drawn
     * @param station whose patient it is; null where it is nobody's
     */
    @Transactional
    public Begun begin(Complaint complaint, Setting setting, long seed, int minutes, WishView wish, Long station) {
        checkMinutes(minutes);
        PatientRecord made = new PatientRecord();
        made.owner = door.name();
        made.complaint = complaint.id();
        made.setting = setting.id();
        made.seed = seed;
        made.minutes = minutes;
        made.wish = Wishes.checked(wish, complaint, editions.catalogue());
        made.station = station;
        made.edition = editions.keepCurrent();
        made.department = SettingsJson.write(settings.current());
        made.startedAt = moments.now();
        made.changedAt = made.startedAt;
        return new Begun(store.saveAndFlush(made).id);
    }

    /** One for a patient whom nobody chose. */
    public long freshSeed() {
        return random.nextInt(SEEDS);
    }

    public static void checkMinutes(int minutes) {
        if (minutes < FEWEST_MINUTES || minutes > MOST_MINUTES) {
            throw Refusal.field("minutes", "expected " + FEWEST_MINUTES + " to " + MOST_MINUTES + ", found " + minutes);
        }
    }

    @Transactional(readOnly = true)
    public EncounterView encounter(long id) {
        PatientRecord stored = door.existing(id);
        return Encounters.view(patients.attempt(stored), stored.owner.equals(door.name()));
    }

    /** Asks, does or looks, and shows what came of it. */
    @Transactional
    public EncounterView deed(long id, NewDeed deed) {
        PatientRecord stored = door.lockOpen(id);
        if (deed.kind() == null) {
            throw Refusal.field("kind", "missing; expected said, asked, did, looked or peeked");
        }
        switch (deed.kind()) {
            case SAID -> {
                Courtesy said = Optional.ofNullable(deed.said()).orElseThrow(() -> Refusal.field("said", "missing"));
                steps.add(stored, deed.key(), StepKind.SAID, new SaidBody(said));
            }
            case ASKED ->
                steps.add(
                        stored,
                        deed.key(),
                        StepKind.ASKED,
                        asked(deed, patients.of(stored).basis().catalogue()));
            case DID -> steps.add(stored, deed.key(), StepKind.DID, did(deed, patients.attempt(stored)));
            case LOOKED -> steps.add(stored, deed.key(), StepKind.LOOKED, new Nothing());
            case PEEKED -> {
                requireOwnTime(stored);
                steps.add(stored, deed.key(), StepKind.PEEKED, new Nothing());
            }
            default -> throw Refusal.field("kind", "expected said, asked, did, looked or peeked");
        }
        return Encounters.view(patients.attempt(stored), true);
    }

    /** At a station the program keeps its own to itself until the end. */
    private static void requireOwnTime(PatientRecord stored) {
        if (stored.station != null) {
            throw Refusal.conflict("At a station the program says nothing before the end.");
        }
    }

    private static AskedBody asked(NewDeed deed, Catalogue catalogue) {
        if (deed.question() == null || deed.id() == null) {
            throw Refusal.field(deed.question() == null ? "question" : "id", "missing");
        }
        boolean known =
                switch (deed.question()) {
                    case HISTORY ->
                        catalogue
                                .historyItem(deed.id())
                                .filter(h -> !h.fromAgeBand())
                                .isPresent();
                    case PRECAUTION -> catalogue.precaution(deed.id()).isPresent();
                    case WARNING -> catalogue.warning(deed.id()).isPresent();
                };
        if (!known) {
            throw Refusal.field("id", "there is no such question: " + deed.id());
        }
        return new AskedBody(deed.question(), deed.id());
    }

    private static DidBody did(NewDeed deed, Attempt before) {
        ClinicalTest test = before.catalogue()
                .test(Optional.ofNullable(deed.test()).orElse(""))
                .orElseThrow(() -> Refusal.field("test", "there is no test " + deed.test()));
        String at = Optional.ofNullable(deed.at()).orElse("");
        if (!test.places().contains(at)) {
            throw Refusal.field("at", "expected one of " + test.places() + ", found " + at);
        }
        if (deed.side() == null) {
            throw Refusal.field("side", "missing; expected left or right");
        }
        if (before.hunches(false).isEmpty()) {
            throw Refusal.conflict("Say first how likely you think each candidate is.");
        }
        Recordings.requireNotBlocked(before, test);
        return new DidBody(test.id(), at, deed.side().id());
    }

    /** How likely the learner thinks each candidate is, before the first test or at the end. */
    @Transactional
    public EncounterView hunch(long id, NewHunch hunch) {
        PatientRecord stored = door.lockOpen(id);
        Attempt before = patients.attempt(stored);
        Map<String, Double> given = checked(hunch.probabilities(), before);
        if (!hunch.atEnd() && before.deeds(Did.class).findAny().isPresent()) {
            throw Refusal.conflict("A test was done already; what you thought before it stays as it is.");
        }
        steps.add(stored, hunch.key(), StepKind.HUNCH, new HunchBody(hunch.atEnd(), given));
        return Encounters.view(patients.attempt(stored), true);
    }

    private static Map<String, Double> checked(Map<String, Double> probabilities, Attempt attempt) {
        List<String> candidates = attempt.patient().world().complaint().candidates();
        if (probabilities == null || !probabilities.keySet().equals(Set.copyOf(candidates))) {
            throw Refusal.field("probabilities", "expected one for each of " + String.join(", ", candidates));
        }
        probabilities.forEach((c, p) -> {
            if (p == null || !(p >= 0 && p <= 1)) {
                throw Refusal.field("probabilities." + c, "expected a probability from 0 to 1, found " + p);
            }
        });
        return probabilities;
    }

    /** Ends the examination and says what is to be said. */
    @Transactional
    public DebriefView end(long id, End end) {
        PatientRecord stored = door.lockOwn(id);
        if (stored.isEnded()) {
            return debrief(stored);
        }
        Attempt before = patients.attempt(stored);
        if (before.hunches(true).isEmpty()) {
            throw Refusal.conflict("Say how likely you think each candidate is now, before you hear the truth.");
        }
        checkPlan(end.plan(), before);
        steps.add(stored, end.key(), StepKind.END, new EndBody(end.plan()));
        Attempt ended = patients.attempt(stored);
        DebriefView debrief = Debriefs.of(ended);
        stored.endedAt = moments.now();
        stored.debrief = JSON.writeValueAsString(debrief);
        stored.brier = debrief.own().brier();
        stored.bits = debrief.own().bits();
        stored.programBrier = debrief.program().brier();
        store.saveAndFlush(stored);
        debrief.judged().forEach(j -> keep(stored, ended, j));
        return debrief;
    }

    private static void checkPlan(String plan, Attempt attempt) {
        List<String> candidates = attempt.patient().world().complaint().candidates();
        if (plan != null && !plan.isEmpty() && !candidates.contains(plan)) {
            throw Refusal.field("plan", plan + " is no candidate here");
        }
    }

    private void keep(PatientRecord stored, Attempt ended, JudgedView judged) {
        HunchRecord hunch = new HunchRecord();
        hunch.patientId = stored.id;
        hunch.owner = stored.owner;
        hunch.condition = judged.condition();
        hunch.region =
                ended.catalogue().condition(judged.condition()).orElseThrow().region();
        hunch.beforeTest = judged.before();
        hunch.atEnd = judged.atEnd();
        hunch.program = judged.program();
        hunch.present = judged.present();
        hunch.madeAt = stored.endedAt;
        hunches.save(hunch);
    }

    @Transactional(readOnly = true)
    public DebriefView debriefOf(long id) {
        PatientRecord stored = door.existing(id);
        if (!stored.isEnded()) {
            throw Refusal.conflict("The examination goes on; the truth comes at its end.");
        }
        return debrief(stored);
    }

    /** As it was said when it ended. */
    static DebriefView debrief(PatientRecord stored) {
        return JSON.readValue(stored.debrief, DebriefView.class);
    }

    /** Takes one's own patient out for good, with all that was done and said of it. */
    @Transactional
    public void delete(long id) {
        store.delete(door.lockOwn(id));
    }
}
