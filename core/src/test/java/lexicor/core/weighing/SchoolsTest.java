package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.Suspicion;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What each way to weigh counts, and every tie and line that a rule of the method turns on (method M3, M5, M8, M11). */
class SchoolsTest {
    private static final String C = Simple.CONDITION;
    private static final double PRETEST = 0.3;

    private static Evidence study(double tp, double fn, double fp, double tn) {
        Study study = new TwoByTwo(tp, fn, fp, tn, false, false);
        return Pooling.pool(List.of(study), HighBias.CORRECTED);
    }

    private static RecordedFinding finding(String id, String test, String family, Result result, Evidence evidence) {
        return new RecordedFinding(id, test, family, result, evidence == null ? Map.of() : Map.of(C, evidence));
    }

    private static CaseToWeigh given(List<RecordedFinding> findings, RecordedCluster... clusters) {
        return new CaseToWeigh(
                WeighingSettings.DEFAULT,
                List.of(new Candidate(C, PRETEST, 0.35, 0.05, 0.70, 1)),
                findings,
                List.of(clusters),
                List.of());
    }

    private static WeighedCondition weigh(School school, CaseToWeigh given) {
        return Weighing.weigh(given, school).conditions().get(0);
    }

    /** Of two criteria of one test the one with more people speaks; with as many, the first listed. */
    @ParameterizedTest
    @CsvSource({"100, 100, first", "99, 100, second", "100, 99, first"})
    void oneTestSpeaksThroughTheCriterionStudiedMost(double people, double others, String speaks) {
        double a = people / 4;
        double b = others / 4;
        WeighedCondition c = weigh(
                School.OVERLAP_AWARE,
                given(List.of(
                        finding("first", "t", "f", Result.POSITIVE, study(a * 1.5, a * 0.5, a * 0.5, a * 1.5)),
                        finding("second", "t", "f", Result.POSITIVE, study(b * 1.6, b * 0.4, b * 0.4, b * 1.6)))));
        assertThat(c.ledger())
                .filteredOn(r -> r.status() == Status.COUNTED)
                .extracting(LedgerRow::id)
                .containsExactly(speaks);
        assertThat(c.ledger())
                .filteredOn(r -> r.status() == Status.SAME_TEST)
                .extracting(LedgerRow::because)
                .containsExactly(speaks);
    }

    /**
     * A cluster joins the family that has most other counted findings; of equally many, that of more of its members; of those,
     * that of its first member. Two findings of its family hold it back by the overlap, one of another family hardly does.
     */
    @Test
    void aClusterJoinsTheFamilyOfMostOthersThenOfMostMembersThenOfItsFirst() {
        assertThat(familyOf(List.of("a", "b"), List.of("b"))).as("most others").isEqualTo("b");
        assertThat(familyOf(List.of("a", "b", "b"), List.of()))
                .as("most members")
                .isEqualTo("b");
        assertThat(familyOf(List.of("a", "a", "b"), List.of("b")))
                .as("others before members")
                .isEqualTo("b");
        assertThat(familyOf(List.of("b", "a"), List.of()))
                .as("the first member")
                .isEqualTo("b");
        assertThat(familyOf(List.of("a", "b"), List.of("a", "b")))
                .as("as many of both")
                .isEqualTo("a");
    }

    /** By the joint likelihood that only the one family gives. */
    private static String familyOf(List<String> members, List<String> others) {
        List<RecordedFinding> findings = new ArrayList<>();
        List<String> ids = new ArrayList<>();
        for (String family : members) {
            ids.add("m" + ids.size());
            findings.add(finding(ids.get(ids.size() - 1), ids.get(ids.size() - 1), family, Result.POSITIVE, null));
        }
        for (String family : others) {
            String id = "o" + findings.size();
            findings.add(finding(id, id, family, Result.POSITIVE, study(40, 10, 10, 40)));
        }
        // Probes: a finding of each family that is as strong in both; the cluster's own family is held back more.
        RecordedCluster cluster =
                new RecordedCluster("k", C, ids, new ClusterRule.AtLeast(1), Map.of(C, study(45, 5, 5, 45)));
        Families families = new Families(given(findings, cluster));
        List<lexicor.core.weighing.model.Item> counted = new ArrayList<>();
        for (RecordedFinding f : findings) {
            f.evidence(C)
                    .ifPresent(e -> counted.add(
                            lexicor.core.weighing.model.Item.of(f.id(), f.family(), true, (Evidence.Weighable) e)));
        }
        return families.ofCluster(cluster, counted);
    }

    /** As strong for as against: whatever order they were found in, the one first in the alphabet counts. */
    @Test
    void ofEquallyStrongFindingsOfAFamilyTheOrderDoesNotDecide() {
        List<RecordedFinding> findings = new ArrayList<>(List.of(
                finding("alder", "alder", "f", Result.NEGATIVE, study(40, 10, 10, 40)),
                finding("birch", "birch", "f", Result.POSITIVE, study(40, 10, 10, 40)),
                finding("cedar", "cedar", "f", Result.POSITIVE, study(30, 20, 20, 30))));
        WeighedCondition there = weigh(School.STRONGEST_PER_FAMILY, given(findings));
        Collections.reverse(findings);
        WeighedCondition back = weigh(School.STRONGEST_PER_FAMILY, given(findings));
        assertThat(there.posttest()).isEqualTo(back.posttest());
        assertThat(there.posttest()).isLessThan(PRETEST);
        assertThat(there.ledger())
                .filteredOn(r -> r.status() == Status.COUNTED)
                .extracting(LedgerRow::id)
                .containsExactly("alder");
    }

    /** What each school counts of a decided cluster, its two members and one finding beside, multiplied by hand. */
    @Test
    void eachSchoolCountsWhatItSays() {
        List<RecordedFinding> findings = List.of(
                finding("m1", "m1", "f", Result.POSITIVE, study(40, 10, 10, 40)),
                finding("m2", "m2", "f", Result.POSITIVE, study(30, 20, 10, 40)),
                finding("x", "x", "g", Result.NEGATIVE, study(45, 5, 25, 25)));
        RecordedCluster cluster = new RecordedCluster(
                "k", C, List.of("m1", "m2"), new ClusterRule.AtLeast(2), Map.of(C, study(35, 15, 4, 46)));
        CaseToWeigh given = given(findings, cluster);
        Map<School, Map<String, Double>> schools = Weighing.weigh(given).schools();
        double m1 = 0.8 / 0.2;
        double m2 = 0.6 / 0.2;
        double x = 0.1 / 0.5;
        double k = 0.7 / 0.08;
        assertThat(schools.get(School.INDEPENDENT).get(C)).isCloseTo(posttest(m1 * m2 * x), within(1e-9));
        assertThat(schools.get(School.STRONGEST_PER_FAMILY).get(C)).isCloseTo(posttest(m1 * x), within(1e-9));
        assertThat(schools.get(School.PUBLISHED_CLUSTERS).get(C)).isCloseTo(posttest(k), within(1e-9));
        assertThat(statuses(School.OVERLAP_AWARE, given))
                .containsExactly("superseded", "superseded", "counted", "counted");
        assertThat(statuses(School.INDEPENDENT, given))
                .containsExactly("counted", "counted", "counted", "other-school");
        assertThat(statuses(School.STRONGEST_PER_FAMILY, given))
                .containsExactly("counted", "other-school", "counted", "other-school");
        assertThat(statuses(School.PUBLISHED_CLUSTERS, given))
                .containsExactly("superseded", "superseded", "other-school", "counted");
    }

    private static double posttest(double ratio) {
        return Logit.inverse(Logit.of(PRETEST) + Math.log(ratio));
    }

    private static List<String> statuses(School school, CaseToWeigh given) {
        return weigh(school, given).ledger().stream().map(r -> r.status().id()).toList();
    }

    /** Every school: the standing is the school's own column, and the ranking alone is the same as with what is next. */
    @ParameterizedTest
    @EnumSource(School.class)
    void theStandingIsTheSchoolsOwn(School school) {
        CaseToWeigh given = given(List.of(
                finding("a", "a", "f", Result.POSITIVE, study(40, 10, 10, 40)),
                finding("b", "b", "f", Result.POSITIVE, study(30, 20, 10, 40))));
        WeighedCase weighed = Weighing.weigh(given, school);
        assertThat(weighed.condition(C).orElseThrow().posttest())
                .isCloseTo(weighed.schools().get(school).get(C), within(1e-12));
        assertThat(weighed.condition("nothing")).isEmpty();
        assertThat(Weighing.rank(given, school)).isEqualTo(weighed.conditions());
    }

    /** Strictly below, strictly above: on a line nothing is decided. */
    @ParameterizedTest
    @CsvSource({"0.0499, PUT_ASIDE", "0.05, UNDECIDED", "0.7, UNDECIDED", "0.7001, ACT"})
    void aLineItselfDecidesNothing(double posttest, Verdict verdict) {
        assertThat(Verdict.of(posttest, new Candidate(C, PRETEST, 0.35, 0.05, 0.70, 1)))
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"FAR_LESS_LIKELY, 0.2", "LESS_LIKELY, 0.5", "AS_USUAL, 1", "MORE_LIKELY, 2", "FAR_MORE_LIKELY, 5"})
    void aStepOfSuspicionMultipliesTheOdds(Suspicion step, double factor) {
        double odds = 0.25 / 0.75 * factor;
        assertThat(step.pretest(0.25)).isCloseTo(odds / (1 + odds), within(1e-12));
        assertThat(step.oddsFactor()).isEqualTo(factor);
        assertThat(Suspicion.withId(step.id())).contains(step);
        assertThat(Suspicion.withId("quite")).isEmpty();
    }

    /** Conditions with equal chances keep the order given; each then comes first in half of the draws. */
    @Test
    void equalConditionsKeepTheirOrderAndShareTheFirstPlace() {
        List<Candidate> twins =
                List.of(new Candidate("z", 0.4, 0.35, 0.05, 0.7, 1), new Candidate("a", 0.4, 0.35, 0.05, 0.7, 1));
        WeighedCase weighed =
                Weighing.weigh(new CaseToWeigh(WeighingSettings.DEFAULT, twins, List.of(), List.of(), List.of()));
        assertThat(weighed.conditions()).extracting(WeighedCondition::id).containsExactly("z", "a");
        assertThat(weighed.conditions()).extracting(WeighedCondition::rank).containsExactly(1, 2);
        assertThat(weighed.conditions().get(0).probabilityFirst()).isBetween(0.45, 0.55);
        assertThat(weighed.conditions().stream()
                        .mapToDouble(WeighedCondition::probabilityFirst)
                        .sum())
                .isCloseTo(1, within(1e-12));
        assertThat(weighed.rankingDependsOnSchool()).isFalse();
        assertThat(weighed.settled()).isTrue();
    }

    /** The inner band is 1.96 standard deviations of pretest and study around the posttest's log-odds. */
    @Test
    void theBandsAreWhatThePretestAndTheStudyLeaveOpen() {
        WeighedCondition c = weigh(
                School.INDEPENDENT, given(List.of(finding("a", "a", "f", Result.POSITIVE, study(40, 10, 10, 40)))));
        // d ln LR+ / d logit Sn = 1 - Sn, d ln LR+ / d logit Sp = Sp.
        double variance =
                0.35 * 0.35 + Math.pow(1 - 0.8, 2) * (1 / 40.0 + 1 / 10.0) + 0.8 * 0.8 * (1 / 40.0 + 1 / 10.0);
        double logit = Logit.of(PRETEST) + Math.log(4);
        assertThat(c.average().low()).isCloseTo(Logit.inverse(logit - 1.96 * Math.sqrt(variance)), within(1e-9));
        assertThat(c.average().high()).isCloseTo(Logit.inverse(logit + 1.96 * Math.sqrt(variance)), within(1e-9));
        double clinic = variance + 0.36 * (0.2 * 0.2 + 0.8 * 0.8);
        assertThat(c.newClinic().high()).isCloseTo(Logit.inverse(logit + 1.96 * Math.sqrt(clinic)), within(1e-9));
        assertThat(c.borderline()).isTrue();
        assertThat(c.lr()).isCloseTo(4, within(1e-9));
    }
}
