package lexicor.server.practice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.server.catalogue.Editions;
import lexicor.server.settings.SettingsJson;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;

/** Makes simulated patients from what is stored of them: always of the content they were first made with. */
@Component
class Patients {
    private static final int KEPT_IN_MEMORY = 300;

    /** A patient with what it is judged by. */
    record Made(SimulatedPatient patient, Basis basis) {}

    private final Editions editions;
    private final StepStore steps;
    /** By the stored patient, which never becomes another. */
    private final Cache<Long, Made> made =
            Caffeine.newBuilder().maximumSize(KEPT_IN_MEMORY).build();

    Patients(Editions editions, StepStore steps) {
        this.editions = editions;
        this.steps = steps;
    }

    Made of(PatientRecord stored) {
        return made.get(stored.id, id -> {
            Basis basis =
                    new Basis(editions.kept(stored.edition), SettingsJson.read(stored.department), Optional.empty());
            return new Made(
                    SimulatedPatient.of(
                            basis.catalogue(),
                            basis.evidence(),
                            basis.settings(),
                            stored.complaint,
                            Setting.withId(stored.setting).orElseThrow(),
                            stored.seed,
                            Wishes.read(stored.wish)),
                    basis);
        });
    }

    /** The patient with all that was done. */
    Attempt attempt(PatientRecord stored) {
        Made known = of(stored);
        return new Attempt(
                stored, known.basis(), known.patient(), steps.findByPatientIdAndUndoneFalseOrderById(stored.id));
    }
}
