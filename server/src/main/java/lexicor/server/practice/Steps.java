package lexicor.server.practice;

import java.util.List;
import java.util.UUID;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Component;

/** Keeps what is done with simulated patients. */
@Component
class Steps {
    private static final int MOST = 3000;

    private final StepStore store;
    private final PatientStore patients;
    private final Moments moments;

    Steps(StepStore store, PatientStore patients, Moments moments) {
        this.store = store;
        this.patients = patients;
        this.moments = moments;
    }

    /** Adds a step; the same sent again changes nothing. */
    void add(PatientRecord stored, UUID key, StepKind kind, Object body) {
        if (key == null) {
            throw Refusal.field("key", "missing");
        }
        if (store.findByPatientIdAndKey(stored.id, key).isPresent()) {
            return;
        }
        if (store.countByPatientId(stored.id) >= MOST) {
            throw Refusal.conflict("So much was done with this patient that it is time to end.");
        }
        StepRecord step = new StepRecord();
        step.patientId = stored.id;
        step.key = key;
        step.kind = kind.id();
        step.body = StepBodies.write(body);
        step.madeAt = moments.now();
        store.saveAndFlush(step);
        touch(stored);
    }

    /** Every tap, taken back or not, oldest first. */
    List<StepRecord> taps(PatientRecord stored) {
        return store.findByPatientIdOrderById(stored.id).stream()
                .filter(s -> s.kind.equals(StepKind.TAPPED.id()))
                .toList();
    }

    /** Takes a tap back; one that was taken back before stays so. */
    void undo(PatientRecord stored, UUID key) {
        StepRecord step = store.findByPatientIdAndKey(stored.id, key)
                .filter(s -> s.kind.equals(StepKind.TAPPED.id()))
                .orElseThrow(() -> Refusal.notFound("There is no tap " + key + " of this patient."));
        step.undone = true;
        store.saveAndFlush(step);
        touch(stored);
    }

    private void touch(PatientRecord stored) {
        stored.changedAt = moments.now();
        patients.saveAndFlush(stored);
    }
}
