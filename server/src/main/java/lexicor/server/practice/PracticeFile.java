package lexicor.server.practice;

import java.time.Instant;
import java.util.List;
import lexicor.core.catalogue.Setting;
import lexicor.server.practice.PracticeViews.DebriefView;
import lexicor.server.practice.PracticeViews.WishView;
import lexicor.server.practice.drills.DrillService;
import lexicor.server.practice.drills.DrillViews.DrillTally;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody's whole practice as a file, and how it is deleted. */
@Service
class PracticeFile {
    private static final JsonMapper JSON = JsonMapper.shared();

    /** All that somebody practised. */
    public record Whole(String owner, Instant writtenAt, List<PracticedPatient> patients, List<DrillTally> questions) {}

    /**
     * A simulated patient with all that was done.
     *
     * @param debrief absent while it goes on
     */
    public record PracticedPatient(
            long id,
            String complaint,
            Setting setting,
            long seed,
            int minutes,
            WishView wish,
            Instant startedAt,
            Instant endedAt,
            List<PracticedStep> steps,
            DebriefView debrief) {}

    public record PracticedStep(Instant at, String kind, JsonNode what, boolean takenBack) {}

    private final PatientStore store;
    private final StepStore steps;
    private final PracticeDoor door;
    private final DrillService drills;
    private final Moments moments;

    PracticeFile(PatientStore store, StepStore steps, PracticeDoor door, DrillService drills, Moments moments) {
        this.store = store;
        this.steps = steps;
        this.door = door;
        this.drills = drills;
        this.moments = moments;
    }

    @Transactional(readOnly = true)
    public Whole whole() {
        return new Whole(
                door.name(),
                moments.now(),
                store.findByOwnerOrderById(door.name()).stream()
                        .map(this::patient)
                        .toList(),
                drills.home().tallies());
    }

    private PracticedPatient patient(PatientRecord p) {
        return new PracticedPatient(
                p.id,
                p.complaint,
                Setting.withId(p.setting).orElseThrow(),
                p.seed,
                p.minutes,
                Wishes.view(p.wish),
                p.startedAt,
                p.endedAt,
                steps.findByPatientIdOrderById(p.id).stream()
                        .map(s -> new PracticedStep(s.madeAt, s.kind, JSON.readTree(s.body), s.undone))
                        .toList(),
                p.isEnded() ? Practising.debrief(p) : null);
    }

    /** Deletes all of one's own practice for good. */
    @Transactional
    public void deleteAll() {
        store.deleteByOwner(door.name());
        drills.forget(door.name());
    }
}
