package lexicor.core.honesty;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;

/** Patients who all have what hurts in every test, and how many of them are told of something that they have not. */
public final class Misled {
    private static final String FROZEN = "frozen-shoulder";

    private final Map<School, Integer> misled = new EnumMap<>(School.class);

    private final int patients;

    public Misled(Clinic clinic, Scenario scenario, int patients, long seed) {
        this.patients = patients;
        Random random = new Random(seed);
        World world = null;
        for (int patient = 0; patient < patients; patient++) {
            if (patient % Judged.PATIENTS_A_CLINIC == 0) {
                world = clinic.world(scenario, random.nextLong());
            }
            List<World.Sign> done = Clinic.some(world, Judged.TESTS_DONE, random);
            World.Patient has = world.patientWith(FROZEN);
            CaseToWeigh given = clinic.given(done, world.examine(has, done));
            for (School school : School.values()) {
                misled.merge(school, isMisled(given, school, world, has) ? 1 : 0, Integer::sum);
            }
        }
    }

    /** In what share of the patients an absent condition stands beyond its act line. */
    public double share(School school) {
        return (double) misled.get(school) / patients;
    }

    private static boolean isMisled(CaseToWeigh given, School school, World world, World.Patient has) {
        Set<String> examined = Judged.examined(given);
        return Weighing.rank(given, school).stream()
                .filter(c -> examined.contains(c.id()) && c.verdict() == Verdict.ACT)
                .anyMatch(c -> !has.has(world.conditions.indexOf(c.id())));
    }
}
