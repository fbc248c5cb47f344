package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import lexicor.core.numbers.Interval;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;

/** Patients of one complaint in one scenario, judged by every school. */
public final class Judged {
    /** So many tests of those with figures are done in one examination. */
    static final double TESTS_DONE = 0.6;

    static final int PATIENTS_A_CLINIC = 25;

    private final Map<School, Scores> scores = new EnumMap<>(School.class);

    public static Judged of(Clinic clinic, Scenario scenario, int patients, long seed) {
        return of(clinic, scenario, patients, seed, () -> true);
    }

    /**
     * The same as far as there is time for.
     *
     * @param goesOn asked before each patient; where it says no, what is judged by then stands
     */
    public static Judged of(Clinic clinic, Scenario scenario, int patients, long seed, BooleanSupplier goesOn) {
        Judged judged = new Judged();
        for (School school : School.values()) {
            judged.scores.put(school, new Scores());
        }
        Random random = new Random(seed);
        World world = null;
        for (int patient = 0; patient < patients && goesOn.getAsBoolean(); patient++) {
            if (patient % PATIENTS_A_CLINIC == 0) {
                world = clinic.world(scenario, random.nextLong());
            }
            List<World.Sign> done = Clinic.some(world, TESTS_DONE, random);
            judged.judge(clinic, world, patient, done);
        }
        return judged;
    }

    private void judge(Clinic clinic, World world, int number, List<World.Sign> done) {
        World.Patient patient = world.patient();
        List<Boolean> results = world.examine(patient, done);
        double[] truth = world.truth(done, results);
        CaseToWeigh given = clinic.given(done, results);
        Set<String> examined = examined(given);
        for (School school : School.values()) {
            for (WeighedCondition c : Weighing.rank(given, school)) {
                if (!examined.contains(c.id())) {
                    continue;
                }
                int index = world.conditions.indexOf(c.id());
                boolean is = patient.has(index);
                scores.get(school)
                        .add(new Scores.Judgement(
                                number,
                                c.posttest(),
                                is,
                                holds(c.average(), truth[index]),
                                holds(c.newClinic(), truth[index])));
            }
        }
    }

    /** The conditions that something found has a figure for; the others stand apart. */
    static Set<String> examined(CaseToWeigh given) {
        Set<String> examined = new HashSet<>();
        Weighing.rank(given, School.INDEPENDENT).stream()
                .filter(c -> c.ledger().stream().anyMatch(r -> r.status() == Status.COUNTED))
                .forEach(c -> examined.add(c.id()));
        return examined;
    }

    private static boolean holds(Interval band, double truth) {
        return band.low() <= truth && truth <= band.high();
    }

    /** How right a school was. */
    public Scores by(School school) {
        return scores.get(school);
    }

    /** All complaints of a scenario. */
    public static Judged together(List<Judged> several) {
        Judged all = new Judged();
        for (School school : School.values()) {
            List<Scores> scores = new ArrayList<>();
            several.forEach(j -> scores.add(j.scores.get(school)));
            all.scores.put(school, Scores.together(scores));
        }
        return all;
    }
}
