package lexicor.core.practice.patient;

import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.simulated.Occurrence;
import lexicor.core.catalogue.simulated.Simulation;

/** What a simulated patient says when asked. */
public final class Answers {
    /** An answer to a question. */
    public record Answer(boolean yes, String words) {}

    private final SimulatedPatient patient;
    private final Simulation simulation;

    Answers(SimulatedPatient patient) {
        this.patient = patient;
        simulation = patient.world().catalogue().simulation();
    }

    /** To a history item that the age band does not answer. */
    public Answer told(String item) {
        boolean yes = Boolean.TRUE.equals(patient.history().get(item));
        return answer(item, yes, simulation.told().getOrDefault(item, simulation.yes()));
    }

    public Answer precaution(String id) {
        return occurring(id, patient.precautions().contains(id), simulation.precautions());
    }

    public Answer warning(String id) {
        return occurring(id, patient.warnings().contains(id), simulation.warnings());
    }

    private Answer occurring(String id, boolean yes, Map<String, Occurrence> all) {
        Occurrence known = all.get(id);
        return answer(id, yes, known == null ? simulation.yes() : known.says());
    }

    private Answer answer(String what, boolean yes, List<String> own) {
        return new Answer(yes, patient.draws().one("answer " + what, yes ? own : simulation.no()));
    }

    /** To being asked whether one may begin. */
    public String permission() {
        return patient.draws().one("permission", simulation.permission());
    }

    /** To being asked to speak up. */
    public String speakUp() {
        return patient.draws().one("speak up", simulation.speakUp());
    }
}
