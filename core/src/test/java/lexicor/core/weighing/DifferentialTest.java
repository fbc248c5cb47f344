package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import lexicor.core.evidence.Evidence;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.SetsMemory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

/** Conditions that explain each other's findings (method M17). */
class DifferentialTest {
    private static Map<String, Double> posttests(CaseToWeigh given, School school) {
        return Weighing.weigh(given, school).schools().get(school);
    }

    private static WeighedCondition condition(CaseToWeigh given, String id) {
        return Weighing.weigh(given, School.DIFFERENTIAL).condition(id).orElseThrow();
    }

    @Property
    void withOneConditionItIsTheOverlapModelWithoutClusters(
            @ForAll Random random, @ForAll @DoubleRange(min = 0.02, max = 0.98) double pretest) {
        List<Simple> findings = new ArrayList<>();
        for (int i = random.nextInt(7); i > 0; i--) {
            // With a background that M17 keeps within its bounds, and signs that the condition makes likelier.
            double sensitivity = 0.3 + 0.65 * random.nextDouble();
            findings.add(new Simple(
                    "F" + random.nextInt(3),
                    random.nextBoolean(),
                    sensitivity,
                    1 - sensitivity + (sensitivity - 0.02) * random.nextDouble()));
        }
        CaseToWeigh given = Simple.caseOf(findings, List.of(), pretest, 0.45, 0.2);
        assertThat(posttests(given, School.DIFFERENTIAL).get(Simple.CONDITION))
                .isCloseTo(posttests(given, School.OVERLAP_AWARE).get(Simple.CONDITION), within(2e-6));
    }

    /** A finding of its own that all but proves the rival takes from what the rival also provokes, and never adds. */
    @Property
    void aRivalThatBecomesCertainNeverRaisesWhatItAlsoProvokes(@ForAll Random random) {
        List<Candidate> conditions = List.of(
                Rivals.condition("tear", 0.1 + 0.5 * random.nextDouble()),
                Rivals.condition("frozen", 0.05 + 0.3 * random.nextDouble()));
        List<RecordedFinding> findings = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            double sensitivity = 0.4 + 0.5 * random.nextDouble();
            findings.add(Rivals.finding(
                    "f" + i,
                    "provocation " + random.nextInt(2),
                    true,
                    Map.of("tear", Rivals.figures(sensitivity, 0.5 + 0.4 * random.nextDouble())),
                    "frozen"));
        }
        WeighingSettings settings =
                WeighingSettings.DEFAULT.withOverlap(0.45, 0).withDifferential(0.05 + 0.45 * random.nextDouble(), 0.5);
        RecordedFinding proof = Rivals.finding("proof", "capsule", true, Map.of("frozen", Rivals.figures(0.99, 0.99)));
        CaseToWeigh before = Rivals.with(Rivals.given(conditions, findings.toArray(RecordedFinding[]::new)), settings);
        double stands = condition(before, "tear").posttest();
        WeighedCondition after = condition(before.with(proof), "tear");
        assertThat(after.posttest()).isLessThanOrEqualTo(stands + 1e-9);
        assertThat(after.rivals()).allSatisfy(r -> assertThat(r.ifAbsent()).isGreaterThan(after.posttest()));
    }

    @Property
    void withoutCrossActivationDisjointFiguresLeaveSingleFindingsAsTheyWere(@ForAll Random random) {
        CaseToWeigh any = Rivals.any(random);
        List<RecordedFinding> disjoint = new ArrayList<>();
        for (Candidate c : any.conditions()) {
            disjoint.add(Rivals.finding(
                    "f " + c.id(),
                    "family " + c.id(),
                    random.nextBoolean(),
                    Map.of(c.id(), Rivals.figures(0.7, 0.6)),
                    "c0",
                    "c1"));
        }
        CaseToWeigh given = new CaseToWeigh(
                WeighingSettings.DEFAULT.withOverlap(0.45, 0).withDifferential(0, 0.5),
                any.conditions(),
                disjoint,
                List.of(),
                List.of());
        Map<String, Double> alone = posttests(given, School.OVERLAP_AWARE);
        posttests(given, School.DIFFERENTIAL)
                .forEach((id, p) -> assertThat(p).as(id).isCloseTo(alone.get(id), within(1e-9)));
    }

    @Property
    void theOrderOfFindingsAndConditionsChangesNothing(@ForAll Random random) {
        CaseToWeigh given = Rivals.any(random);
        List<Candidate> conditions = new ArrayList<>(given.conditions());
        List<RecordedFinding> findings = new ArrayList<>(given.findings());
        Collections.shuffle(conditions, random);
        Collections.shuffle(findings, random);
        CaseToWeigh shuffled =
                new CaseToWeigh(given.settings(), conditions, findings, given.clusters(), given.candidates());
        WeighedCase one = Weighing.weigh(given, School.DIFFERENTIAL);
        WeighedCase other = Weighing.weigh(shuffled, School.DIFFERENTIAL);
        for (WeighedCondition c : one.conditions()) {
            WeighedCondition same = other.condition(c.id()).orElseThrow();
            assertThat(same.posttest()).isCloseTo(c.posttest(), within(1e-8));
            assertThat(same.newClinic().high()).isCloseTo(c.newClinic().high(), within(1e-8));
            assertThat(same.rivals())
                    .extracting(Rival::id)
                    .isEqualTo(c.rivals().stream().map(Rival::id).toList());
        }
    }

    /** What was weighed before changes no digit: a closed case reads as it did. */
    @Property
    void oneMemoryForManyCasesChangesNoDigit(@ForAll Random random) {
        CaseToWeigh given = Rivals.any(random);
        List<RecordedFinding> fewer =
                given.findings().subList(0, Math.max(0, given.findings().size() - 1));
        SetsMemory known = new SetsMemory();
        everything(
                new CaseToWeigh(given.settings(), given.conditions(), fewer, given.clusters(), given.candidates()),
                known);
        assertThat(everything(given, known)).isEqualTo(everything(given, new SetsMemory()));
    }

    private static List<Object> everything(CaseToWeigh given, SetsMemory known) {
        WeighedCase weighed = Weighing.weigh(given, School.SOBER, known);
        List<Object> all = new ArrayList<>(weighed.conditions());
        weighed.nextTests().forEach(t -> all.addAll(List.of(t.gain(), t.ifPositive(), t.ifNegative())));
        all.add(weighed.schools());
        return all;
    }

    /** Whatever the result decides, a cluster too, the card promises what the tap will show. */
    @Property
    void theCardsPromiseIsWhatTheTapShows(@ForAll Random random, @ForAll School school) {
        CaseToWeigh given = Rivals.any(random);
        for (NextTest next : Weighing.weigh(given, school).nextTests()) {
            OfferedTest test = given.candidates().stream()
                    .filter(t -> t.id().equals(next.id()))
                    .findFirst()
                    .orElseThrow();
            for (Result result : new Result[] {Result.POSITIVE, Result.NEGATIVE}) {
                Map<String, Double> shown = posttests(given.with(test.recorded(result)), school);
                Map<String, Double> promised = result == Result.POSITIVE ? next.ifPositive() : next.ifNegative();
                promised.forEach((id, p) -> assertThat(p).as(id).isCloseTo(shown.get(id), within(1e-8)));
            }
        }
    }

    /** Nothing that is entered is lost, and a condition that others carry is less sure than it would be by itself. */
    @Property
    void theBandsHoldWhatItWouldBeByItself(@ForAll Random random) {
        CaseToWeigh given = Rivals.any(random);
        WeighedCase together = Weighing.weigh(given, School.DIFFERENTIAL);
        WeighedCase alone = Weighing.weigh(given, School.OVERLAP_AWARE);
        for (WeighedCondition c : together.conditions()) {
            WeighedCondition byItself = alone.condition(c.id()).orElseThrow();
            assertThat(c.ledger()).hasSameSizeAs(byItself.ledger());
            assertThat(width(c.average().low(), c.average().high()))
                    .isGreaterThanOrEqualTo(
                            width(byItself.average().low(), byItself.average().high()) - 1e-9);
            assertThat(c.newClinic().low()).isLessThanOrEqualTo(c.average().low() + 1e-12);
            assertThat(c.newClinic().high()).isGreaterThanOrEqualTo(c.average().high() - 1e-12);
        }
    }

    private static double width(double low, double high) {
        return Logit.of(high) - Logit.of(low);
    }

    /** Patients drawn one by one: which conditions they have, then their results; those with the case's results are counted. */
    @Test
    void theEnumerationAgreesWithPatientsDrawnOneByOne() {
        Map<String, Evidence> arc = Map.of("sub", Rivals.figures(0.70, 0.74), "tear", Rivals.figures(0.75, 0.55));
        CaseToWeigh given = Rivals.given(
                List.of(
                        Rivals.condition("sub", 0.45),
                        Rivals.condition("tear", 0.30),
                        Rivals.condition("frozen", 0.20)),
                Rivals.finding("arc", "impingement", true, arc, "frozen"),
                Rivals.finding(
                        "twist", "impingement", true, Map.of("sub", Rivals.figures(0.72, 0.65)), "frozen", "tear"),
                Rivals.finding("weak", "cuff", false, Map.of("tear", Rivals.figures(0.80, 0.72)), "frozen"),
                Rivals.finding("stiff", "capsule", true, Map.of("frozen", Rivals.figures(0.90, 0.72))));
        double[] pi = {0.45, 0.30, 0.20};
        double k = 0.10;
        // By finding, by condition: how often the condition turns it positive where nothing else would.
        double[][] lambda = {
            {1 - 0.30 / 0.74, 1 - 0.25 / 0.55, k},
            {1 - 0.28 / 0.65, k, k},
            {0, 1 - 0.20 / 0.72, k},
            {0, 0, 1 - 0.10 / 0.72}
        };
        double[] silent = {
            Math.sqrt(0.74
                    / ((1 - pi[1] * lambda[0][1]) * (1 - pi[2] * k))
                    * 0.55
                    / ((1 - pi[0] * lambda[0][0]) * (1 - pi[2] * k))),
            0.65 / ((1 - pi[1] * k) * (1 - pi[2] * k)),
            0.72 / (1 - pi[2] * k),
            0.72
        };
        boolean[] results = {true, true, false, true};
        int[] family = {0, 0, 1, 2};
        double[][] threshold = new double[8][4];
        NormalDistribution normal = new NormalDistribution();
        for (int set = 0; set < 8; set++) {
            for (int i = 0; i < 4; i++) {
                double not = silent[i];
                for (int c = 0; c < 3; c++) {
                    not *= (set >> c & 1) == 1 ? 1 - lambda[i][c] : 1;
                }
                threshold[set][i] = normal.inverseCumulativeProbability(1 - not);
            }
        }
        Random random = new Random(17);
        int alike = 0;
        int[] with = new int[3];
        for (int patient = 0; patient < 6_000_000; patient++) {
            int set = 0;
            for (int c = 0; c < 3; c++) {
                set |= random.nextDouble() < pi[c] ? 1 << c : 0;
            }
            double z0 = random.nextGaussian();
            double[] own = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
            boolean same = true;
            for (int i = 0; same && i < 4; i++) {
                double latent = threshold[set][i]
                        + Math.sqrt(0.20) * z0
                        + Math.sqrt(0.25) * own[family[i]]
                        + Math.sqrt(0.55) * random.nextGaussian();
                same = latent > 0 == results[i];
            }
            if (same) {
                alike++;
                for (int c = 0; c < 3; c++) {
                    with[c] += set >> c & 1;
                }
            }
        }
        Map<String, Double> computed = posttests(given, School.DIFFERENTIAL);
        assertThat(computed.get("sub")).isCloseTo((double) with[0] / alike, within(1e-3));
        assertThat(computed.get("tear")).isCloseTo((double) with[1] / alike, within(1e-3));
        assertThat(computed.get("frozen")).isCloseTo((double) with[2] / alike, within(1e-3));
    }
}
