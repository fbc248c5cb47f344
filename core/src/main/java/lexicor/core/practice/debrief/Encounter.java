package lexicor.core.practice.debrief;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Presentation;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.RaisedWarnings;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.patient.PatientWorld;
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
    private static final String NECK = "neck";

    <T extends Deed> Stream<T> of(Class<T> kind) {
        return deeds.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** The tests that were done, each once, in the order they were begun. */
    public List<String> tests() {
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

    /** What of it bears on safety, as far as it was asked. */
    Circumstances circumstances() {
        PatientWorld world = patient.world();
        Presentation presentation = new Presentation(List.of(world.complaint()));
        return new Circumstances(
                presentation,
                RaisedWarnings.injured(world.catalogue(), presentation, answers()),
                OptionalInt.empty(),
                Optional.of(patient.person().age()),
                confirmed(Question.WARNING),
                confirmed(Question.PRECAUTION),
                Map.of(),
                Set.copyOf(world.complaint().candidates()));
    }

    /** Whether it was said before the first test. */
    public boolean isSaidBeforeTouching(Courtesy what) {
        for (Deed deed : deeds) {
            if (deed instanceof Did) {
                return false;
            }
            if (deed instanceof Said said && said.what() == what) {
                return true;
            }
        }
        return false;
    }

    /** Whether something of the test was done on the side that is troubled. */
    public boolean isDone(String test) {
        return of(Did.class)
                .anyMatch(d -> d.place().test().equals(test)
                        && d.place().side() == patient.person().involved());
    }

    /** The tests in which the troubled side came first, or was done alone. */
    public List<ClinicalTest> troubledSideFirst() {
        Side involved = patient.person().involved();
        Set<String> sound = new LinkedHashSet<>();
        Set<String> wrong = new LinkedHashSet<>();
        of(Did.class).map(Did::place).forEach(p -> {
            String where = p.test() + " " + p.at();
            if (p.side() != involved) {
                sound.add(where);
            } else if (!sound.contains(where)) {
                wrong.add(p.test());
            }
        });
        return wrong.stream()
                .map(t -> patient.world().catalogue().test(t).orElseThrow())
                .filter(ClinicalTest::bothSides)
                .toList();
    }

    /** Whether a test of the neck was done. */
    public boolean isNeckScreened() {
        return tests().stream().anyMatch(t -> patient.world()
                .catalogue()
                .test(t)
                .orElseThrow()
                .region()
                .equals(NECK));
    }

    /** Whether the neck refers to where this hurts. */
    public boolean isNeckWanted() {
        return patient.world().complaint().regions().contains(NECK);
    }

    /** Whether the plan is the usual next step for something that was there, or for nothing where nothing was; empty without one. */
    public Optional<Boolean> isPlanRight() {
        return plan.map(
                p -> p.isEmpty() ? patient.conditions().isEmpty() : onwards().anyMatch(onward(p)::equals));
    }

    private Stream<String> onwards() {
        return patient.conditions().stream().map(this::onward);
    }

    private String onward(String condition) {
        return patient.world().catalogue().condition(condition).orElseThrow().onward();
    }
}
