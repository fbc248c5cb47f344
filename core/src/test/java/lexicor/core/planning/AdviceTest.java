package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is advised at the couch, with the shipped tests and figures (method M10, M16). */
class AdviceTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);

    /** From the first test of the running order to its last, whatever was found: nothing provoking before what comes first. */
    @ParameterizedTest
    @MethodSource("lexicor.core.catalogue.packs.Shipped#complaints")
    void keepsTheOrderOfWork(String complaint) {
        Complaint c = CATALOGUE.complaint(complaint).orElseThrow();
        List<String> plan = plan(c);
        for (int done = 0; done < plan.size(); done += 3) {
            List<String> open = plan.subList(done, plan.size());
            WeighedCase weighed = weighed(c, plan.subList(0, done), Outcome.NEGATIVE);
            Advice advice = Advice.of(CATALOGUE, weighed, weighed.nextTests(), open);
            Optional<Stage> first = open.stream().map(AdviceTest::stage).min(Stage::compareTo);
            advice.test().ifPresent(t -> {
                ClinicalTest test = CATALOGUE.testOf(t.id()).orElseThrow();
                assertThat(t.gain()).isPositive();
                first.ifPresent(s -> assertThat(Stage.of(test)).isLessThanOrEqualTo(s));
                assertThat(test.provocation() < 3 || test.after().isEmpty()).isTrue();
            });
            assertThat(advice.open()).isSubsetOf(open);
            assertThat(advice.first()).isIn(Optional.empty(), first);
            boolean silent = advice.test().isEmpty() && advice.first().isEmpty();
            boolean nothingTells = weighed.nextTests().stream().noneMatch(t -> t.gain() > 0);
            assertThat(silent)
                    .isEqualTo(weighed.nextTests().stream().noneMatch(AdviceTest::mayEverBeAdvised) && !nothingTells);
        }
    }

    /** Once what comes first is done the surprise release may tell most, and is still for the examiner to ask for. */
    @Test
    void theSurpriseReleaseNeverLeads() {
        Complaint slipping = CATALOGUE.complaint("shoulder-slipping").orElseThrow();
        WeighedCase weighed = weighed(slipping, List.of("apprehension", "relocation"), Outcome.UNCLEAR);
        List<NextTest> fear = weighed.nextTests().stream()
                .filter(t -> t.id().startsWith("surprise-release"))
                .toList();
        assertThat(fear).isNotEmpty();
        assertThat(fear.get(0).gain()).isPositive();
        assertThat(Advice.of(CATALOGUE, weighed, fear, List.of()).test()).isEmpty();
    }

    /** A posterior jerk can startle: it waits for calmer tests, and is not advised for what is likely already. */
    @Test
    void whatCanStartleWaitsAndIsSparedOnceItIsLikely() {
        Complaint slipping = CATALOGUE.complaint("shoulder-slipping").orElseThrow();
        WeighedCase begun = weighed(slipping, List.of(), Outcome.NEGATIVE);
        List<NextTest> jerk = begun.nextTests().stream()
                .filter(t -> t.id().startsWith("jerk/") && t.gain() > 0)
                .toList();
        assertThat(jerk).isNotEmpty();
        assertThat(Advice.of(CATALOGUE, begun, jerk, List.of()).test()).contains(jerk.get(0));
        List<NextTest> withCalmer = new ArrayList<>(jerk);
        NextTest calm = begun.nextTests().stream()
                .filter(t -> CATALOGUE.testOf(t.id()).orElseThrow().provocation() < 3 && t.gain() > 0)
                .findFirst()
                .orElseThrow();
        withCalmer.add(calm);
        assertThat(Advice.of(CATALOGUE, begun, withCalmer, List.of()).test()).contains(calm);

        WeighedCase likely = weighed(slipping, List.of(), Outcome.NEGATIVE, 0.97);
        assertThat(likely.condition("posterior-instability").orElseThrow().verdict())
                .isEqualTo(Verdict.ACT);
        List<NextTest> still = likely.nextTests().stream()
                .filter(t -> t.id().startsWith("jerk/") && t.gain() > 0)
                .toList();
        assertThat(still).isNotEmpty();
        assertThat(Advice.of(CATALOGUE, likely, still, List.of()).test()).isEmpty();
    }

    private static boolean mayEverBeAdvised(NextTest next) {
        ClinicalTest test = CATALOGUE.testOf(next.id()).orElseThrow();
        return next.gain() > 0 && (test.provocation() < 3 || test.after().isEmpty());
    }

    private static Stage stage(String test) {
        return Stage.of(CATALOGUE.test(test).orElseThrow());
    }

    private static List<String> plan(Complaint c) {
        List<ClinicalTest> proposed = Proposal.of(
                CATALOGUE,
                EVIDENCE,
                Set.copyOf(c.regions()),
                c.also(),
                candidates(c, 0).stream()
                        .map(k -> new Proposal.Suspect(k.id(), k.pretest()))
                        .toList());
        return RunningOrder.of(proposed).stream().map(ClinicalTest::id).toList();
    }

    private static WeighedCase weighed(Complaint c, List<String> done, Outcome outcome) {
        return weighed(c, done, outcome, 0);
    }

    private static WeighedCase weighed(Complaint c, List<String> done, Outcome outcome, double pretest) {
        Findings findings = Findings.of(CATALOGUE, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
        for (String test : done) {
            for (String criterion : CATALOGUE.test(test).orElseThrow().criterionIds()) {
                findings = findings.with(criterion, outcome);
            }
        }
        return Weighing.weigh(
                new BedsideCase(candidates(c, pretest), findings, Set.copyOf(c.regions()), Set.of())
                        .against(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT),
                School.DIFFERENTIAL);
    }

    /** Each at its base rate, or at one that all have. */
    private static List<Candidate> candidates(Complaint c, double pretest) {
        return c.candidates().stream()
                .map(id -> CATALOGUE.condition(id).orElseThrow())
                .map(k -> new Candidate(
                        k.id(),
                        pretest > 0 ? pretest : k.pretest().get(Setting.SPORTS),
                        Candidate.ASSUMED_LOGIT_SD,
                        k.ruleOut(),
                        k.act(),
                        1))
                .toList();
    }
}
