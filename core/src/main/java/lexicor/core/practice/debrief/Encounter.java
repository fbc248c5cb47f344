package lexicor.core.practice.debrief;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.examination.Readings;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.patient.SimulatedPatient;

/**
 * All that went on with one simulated patient.
 *
 * @param deeds in the order they were done
 * @param before the learner's probability of each candidate before the first test
 * @param atEnd the same at the end
 * @param tapped what the learner recorded
 * @param plan the condition whose usual next step was chosen, or empty for none of them; absent where no plan was made
 */
public record Encounter(
        SimulatedPatient patient,
        List<Deed> deeds,
        Map<String, Double> before,
        Map<String, Double> atEnd,
        Readings tapped,
        Optional<String> plan) {

    <T extends Deed> Stream<T> of(Class<T> kind) {
        return deeds.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** The tests that were done, each once, in the order they were begun. */
    List<String> tests() {
        return of(Did.class).map(d -> d.place().test()).distinct().toList();
    }

    /** The history as far as it was asked. */
    Map<String, Boolean> answers() {
        Map<String, Boolean> answers = new LinkedHashMap<>();
        of(Asked.class).filter(a -> a.kind() == Question.HISTORY).forEach(a -> answers.put(a.id(), a.yes()));
        return answers;
    }

    /** What was asked for and is so. */
    Set<String> confirmed(Question kind) {
        return of(Asked.class)
                .filter(a -> a.kind() == kind && a.yes())
                .map(Asked::id)
                .collect(Collectors.toSet());
    }
}
