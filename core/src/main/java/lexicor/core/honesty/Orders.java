package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.planning.Advice;
import lexicor.core.planning.RunningOrder;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;

/** How many tests it takes until something is likely enough to act on, and how often that is right, by the order of testing. */
public final class Orders {
    /** Nobody examines on and on. */
    private static final int MOST_TESTS = 12;

    /** The ways to go on. */
    public enum Way {
        RUNNING_ORDER("the running order"),
        ADVICE("as advised at the couch, in the order of work"),
        GAIN("by expected gain alone"),
        RANDOM("at random");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What came of one way: examinations, those that came to a verdict, those rightly, and the tests that took. */
    public static final class Tally {
        private int examinations;
        private int verdicts;
        private int right;
        private int tests;

        /** The share of examinations that came to a verdict. */
        public double decided() {
            return (double) verdicts / examinations;
        }

        /** How many tests that took. */
        public double testsToVerdict() {
            return (double) tests / verdicts;
        }

        public int verdicts() {
            return verdicts;
        }

        /** So many of the verdicts were right. */
        public int rightly() {
            return right;
        }
    }

    private final Map<Way, Tally> tallies = new EnumMap<>(Way.class);

    public Orders() {
        for (Way way : Way.values()) {
            tallies.put(way, new Tally());
        }
    }

    /** Follows so many examinations more by every way. */
    public void run(Clinic clinic, Scenario scenario, int patients, long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < patients; i++) {
            World world = clinic.world(scenario, random.nextLong());
            World.Patient patient = world.patient();
            // Every test comes out as it would, whichever is done and whenever.
            List<Boolean> results = world.examine(patient, world.signs);
            long order = random.nextLong();
            for (Way way : Way.values()) {
                follow(clinic, world, patient, results, way, new Random(order));
            }
        }
    }

    public Tally by(Way way) {
        return tallies.get(way);
    }

    private void follow(
            Clinic clinic, World world, World.Patient patient, List<Boolean> results, Way way, Random random) {
        Map<String, List<World.Sign>> byTest = Clinic.byTest(world);
        List<String> left = order(clinic, byTest.keySet(), way, random);
        Set<String> done = new LinkedHashSet<>();
        Tally tally = tallies.get(way);
        tally.examinations++;
        while (done.size() < MOST_TESTS && !left.isEmpty()) {
            String test = next(clinic, world, results, done, left, way);
            left.remove(test);
            done.add(test);
            Optional<WeighedCondition> verdict =
                    Weighing.rank(given(clinic, world, results, done), School.DEFAULT).stream()
                            .filter(c -> c.verdict() == Verdict.ACT)
                            .findFirst();
            if (verdict.isPresent()) {
                tally.verdicts++;
                tally.tests += done.size();
                tally.right +=
                        patient.has(world.conditions.indexOf(verdict.get().id())) ? 1 : 0;
                return;
            }
        }
    }

    private static CaseToWeigh given(Clinic clinic, World world, List<Boolean> results, Set<String> done) {
        List<World.Sign> signs = new ArrayList<>();
        List<Boolean> found = new ArrayList<>();
        for (int i = 0; i < world.signs.size(); i++) {
            if (done.contains(world.signs.get(i).test())) {
                signs.add(world.signs.get(i));
                found.add(results.get(i));
            }
        }
        return clinic.given(signs, found);
    }

    private static List<String> order(Clinic clinic, Set<String> tests, Way way, Random random) {
        List<ClinicalTest> all = clinic.catalogue.tests().stream()
                .filter(t -> tests.contains(t.id()))
                .toList();
        List<String> order = new ArrayList<>(
                RunningOrder.of(all).stream().map(ClinicalTest::id).toList());
        if (way == Way.RANDOM) {
            Collections.shuffle(order, random);
        }
        return order;
    }

    private static String next(
            Clinic clinic, World world, List<Boolean> results, Set<String> done, List<String> left, Way way) {
        if (way == Way.RUNNING_ORDER || way == Way.RANDOM) {
            return left.get(0);
        }
        WeighedCase weighed = Weighing.weigh(given(clinic, world, results, done), School.DEFAULT);
        String most = weighed.nextTests().stream()
                .map(t -> clinic.catalogue.testOf(t.id()).orElseThrow().id())
                .filter(left::contains)
                .findFirst()
                .orElse(left.get(0));
        if (way == Way.GAIN) {
            return most;
        }
        Advice advice = Advice.of(
                clinic.catalogue,
                weighed,
                weighed.nextTests().stream()
                        .filter(t -> left.contains(
                                clinic.catalogue.testOf(t.id()).orElseThrow().id()))
                        .toList(),
                left);
        return advice.test()
                .map(t -> clinic.catalogue.testOf(t.id()).orElseThrow().id())
                .orElse(advice.open().isEmpty() ? left.get(0) : advice.open().get(0));
    }
}
