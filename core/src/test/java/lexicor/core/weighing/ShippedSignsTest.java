package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.listed.ConditionList;
import lexicor.core.weighing.listed.ListedCondition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is felt speaks for what it speaks for: with everything that ships, and whatever the order of the taps. */
class ShippedSignsTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final Findings NONE =
            Findings.of(CATALOGUE, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
    /** What the others may explain of one more sign, with every model of them by half. */
    private static final double EXPLAINED = 0.01;

    /** A published count of all its members may say less than its members multiplied, and then it is what was counted. */
    private static final double BY_A_STRATUM = 0.015;

    /**
     * An open count holds its members by half as the differential takes it, a decided one with members that have no figures counts
     * whole: the second sign may then say less than the first.
     */
    private static final double BY_A_WHOLE_COUNT = 0.015;

    private static final double QUADRATURE = 1e-6;
    private static final int MOST_TAPS = 6;

    static Stream<String> conditions() {
        return CATALOGUE.conditions().stream().map(c -> c.id());
    }

    static Stream<Cluster> counted() {
        return CATALOGUE.clusters().stream().filter(c -> !c.accuracy().isEmpty());
    }

    private static Optional<Complaint> complaintOf(String condition) {
        return CATALOGUE.complaints().stream()
                .filter(c -> c.candidates().contains(condition))
                .findFirst();
    }

    /** By criterion, the LR+ of those that are commoner with the condition. */
    private static List<String> speakingFor(String condition) {
        return Stream.concat(
                        CATALOGUE.tests().stream().flatMap(t -> t.criterionIds().stream()),
                        CATALOGUE.history().stream().map(HistoryItem::id))
                .filter(id -> EVIDENCE.of(id).get(condition) instanceof Evidence.Weighable w
                        && w.accuracy().sensitivity()
                                > 1.001 * (1 - w.accuracy().specificity()))
                .toList();
    }

    private record Patient(List<Candidate> candidates, Complaint complaint) {
        static Patient of(Complaint complaint) {
            return new Patient(
                    complaint.candidates().stream()
                            .map(id -> CATALOGUE.condition(id).orElseThrow())
                            .map(c -> Candidate.of(c, Pretest.of(complaint.startingRate(c, Setting.SPORTS)), List.of()))
                            .toList(),
                    complaint);
        }

        CaseToWeigh with(Findings findings) {
            return new BedsideCase(candidates, findings, Set.copyOf(complaint.regions()), Set.of())
                    .against(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT)
                    .withoutCandidates();
        }

        double of(String condition, Findings findings, School school) {
            return Weighing.rank(with(findings), school).stream()
                    .filter(c -> c.id().equals(condition))
                    .findFirst()
                    .orElseThrow()
                    .posttest();
        }

        /** The conditions that nothing touched and that stand below it. */
        Set<String> untouchedBelow(String condition, Findings findings) {
            List<ListedCondition> list =
                    ConditionList.of(CATALOGUE, findings, candidates, Weighing.rank(with(findings), School.SOBER));
            Set<String> below = new HashSet<>();
            boolean isBelow = false;
            for (ListedCondition l : list) {
                if (isBelow && l.group() == ListedCondition.Group.UNTOUCHED) {
                    below.add(l.id());
                }
                isBelow |= l.id().equals(condition);
            }
            return below;
        }
    }

    @ParameterizedTest
    @MethodSource("conditions")
    void everyConditionHasASignThatMovesIt(String condition) {
        assertThat(speakingFor(condition)).as(condition).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("conditions")
    void whatIsFeltForItNeverLowersIt(String condition) {
        Complaint complaint = complaintOf(condition).orElseThrow();
        Patient patient = Patient.of(complaint);
        Random random = new Random(condition.hashCode());
        List<String> signs = new ArrayList<>(speakingFor(condition));
        Collections.shuffle(signs, random);
        Set<String> done = new HashSet<>();
        Findings findings = NONE;
        double alone = patient.of(condition, findings, School.OVERLAP_AWARE);
        double sober = patient.of(condition, findings, School.SOBER);
        Set<String> below = patient.untouchedBelow(condition, findings);
        for (String sign : signs) {
            if (done.size() == MOST_TAPS
                    || !done.add(CATALOGUE.testOf(sign).map(ClinicalTest::id).orElse(sign))) {
                continue;
            }
            findings = findings.with(sign, Outcome.POSITIVE);
            double nowAlone = patient.of(condition, findings, School.OVERLAP_AWARE);
            double nowSober = patient.of(condition, findings, School.SOBER);
            assertThat(nowAlone)
                    .as("%s after %s", condition, findings)
                    .isGreaterThanOrEqualTo(alone - (isDecidedBy(condition, findings) ? BY_A_STRATUM : QUADRATURE));
            assertThat(nowSober).as("%s after %s", condition, findings).isGreaterThanOrEqualTo(sober - EXPLAINED);
            Set<String> nowBelow = patient.untouchedBelow(condition, findings);
            Findings at = findings;
            below.stream().filter(c -> isUntouched(patient, c, at)).forEach(c -> assertThat(nowBelow)
                    .as("%s after %s", condition, at)
                    .contains(c));
            alone = nowAlone;
            sober = nowSober;
            below = nowBelow;
        }
    }

    /** Whether a member has no figure of its own for the condition. */
    private static boolean knowsMore(Cluster cluster) {
        return cluster.members().stream()
                .anyMatch(m -> !(EVIDENCE.of(m).get(cluster.condition()) instanceof Evidence.Weighable));
    }

    private static boolean isDecidedBy(String condition, Findings findings) {
        return CATALOGUE.clusters().stream()
                .filter(c -> c.condition().equals(condition) && c.rule() instanceof ClusterRule.Strata)
                .anyMatch(c -> c.members().stream().allMatch(m -> findings.of(m).isPresent()));
    }

    private static boolean isUntouched(Patient patient, String condition, Findings findings) {
        return ConditionList.of(
                        CATALOGUE, findings, patient.candidates, Weighing.rank(patient.with(findings), School.SOBER))
                .stream()
                .anyMatch(l -> l.id().equals(condition) && l.group() == ListedCondition.Group.UNTOUCHED);
    }

    /** From the first positive member to the last, open or decided. */
    @ParameterizedTest
    @MethodSource("counted")
    void oneMorePositiveMemberNeverLowers(Cluster cluster) {
        Complaint complaint = complaintOf(cluster.condition()).orElseThrow();
        Patient patient = Patient.of(complaint);
        Findings findings = NONE;
        double before = patient.of(cluster.condition(), findings, School.OVERLAP_AWARE);
        double sober = patient.of(cluster.condition(), findings, School.SOBER);
        for (String member : cluster.members()) {
            findings = findings.with(member, Outcome.POSITIVE);
            double now = patient.of(cluster.condition(), findings, School.OVERLAP_AWARE);
            double nowSober = patient.of(cluster.condition(), findings, School.SOBER);
            assertThat(now).as("%s with %s", cluster.id(), member).isGreaterThanOrEqualTo(before - EXPLAINED);
            assertThat(nowSober)
                    .as("%s with %s", cluster.id(), member)
                    .isGreaterThanOrEqualTo(sober - (knowsMore(cluster) ? BY_A_WHOLE_COUNT : EXPLAINED));
            before = now;
            sober = nowSober;
        }
    }
}
