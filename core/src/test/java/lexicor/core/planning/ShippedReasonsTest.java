package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighfile.WeighFile;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.advice.SeveralTests;
import lexicor.core.weighing.explain.Doubts;
import lexicor.core.weighing.explain.Doubts.Doubt;
import lexicor.core.weighing.explain.Explanation;
import lexicor.core.weighing.explain.Separation;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The questions one asks of a weighed case, with the shipped figures. */
class ShippedReasonsTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);

    /** Half of the tests done, positives and negatives in turn, exported, and weighed again from the file alone. */
    @ParameterizedTest
    @MethodSource("lexicor.core.catalogue.packs.Shipped#complaints")
    void anExportedCaseComesToTheSame(String complaint) {
        CaseToWeigh given = given(complaint, 0.5);
        WeighedCase direct = Weighing.weigh(given, School.DIFFERENTIAL);
        String file =
                WeighFile.write(given, School.DIFFERENTIAL, CATALOGUE, EVIDENCE).toString();
        JsonNode again = WeighFile.answer("exported.json", file);
        for (int i = 0; i < direct.conditions().size(); i++) {
            WeighedCondition c = direct.conditions().get(i);
            JsonNode read = again.get("conditions").get(i);
            assertThat(read.get("id").asString()).isEqualTo(c.id());
            assertThat(read.get("posttest").asDouble()).isCloseTo(c.posttest(), within(1e-9));
            assertThat(read.get("low").asDouble()).isCloseTo(c.average().low(), within(1e-9));
            assertThat(read.get("ledger")).hasSize(c.ledger().size());
            assertThat(read.get("rivals")).hasSize(c.rivals().size());
        }
        assertThat(again.get("nextTests")).hasSize(direct.nextTests().size());
    }

    /** The search leaves out sets early and remembers gains; here every set is reckoned anew. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 2.5, 5, 12})
    void noShortSequenceTellsMore(double minutes) {
        CaseToWeigh given = given("shoulder-slipping", 0.15);
        SeveralTests several = SeveralTests.of(given, School.OVERLAP_AWARE);
        List<NextTest> next = Weighing.weigh(given).nextTests();
        Set<String> done = doneTests("shoulder-slipping", 0.15);
        ShortSequence found = ShortSequence.of(CATALOGUE, several, next, done, minutes);

        List<String> best = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (NextTest t : next) {
            if (t.gain() > 0
                    && best.size() < ShortSequence.CONSIDERED
                    && seen.add(CATALOGUE.testOf(t.id()).orElseThrow().id())) {
                best.add(t.id());
            }
        }
        double most = 0;
        for (int set = 1; set < 1 << best.size(); set++) {
            List<String> chosen = new ArrayList<>();
            for (int i = 0; i < best.size(); i++) {
                if ((set >> i & 1) == 1) {
                    chosen.add(best.get(i));
                }
            }
            if (chosen.size() <= ShortSequence.LONGEST && minutes(chosen, done) <= minutes) {
                most = Math.max(most, several.gainOf(chosen));
            }
        }
        assertThat(found.gain()).isCloseTo(most, within(1e-9));
        assertThat(found.minutes()).isLessThanOrEqualTo(minutes);
        assertThat(found.tests())
                .containsAll(found.criteria().stream()
                        .map(c -> CATALOGUE.testOf(c).orElseThrow().id())
                        .toList());
    }

    private static double minutes(List<String> criteria, Set<String> done) {
        Set<String> needed = new HashSet<>();
        List<String> waiting = new ArrayList<>(criteria.stream()
                .map(c -> CATALOGUE.testOf(c).orElseThrow().id())
                .toList());
        for (int i = 0; i < waiting.size(); i++) {
            if (!done.contains(waiting.get(i)) && needed.add(waiting.get(i))) {
                waiting.addAll(CATALOGUE.test(waiting.get(i)).orElseThrow().after());
            }
        }
        return needed.stream()
                .mapToDouble(t -> CATALOGUE.test(t).orElseThrow().minutes())
                .sum();
    }

    /** Hand-worked from the ratios: the separation is their ratio in powers of two, and turns round with the order. */
    @Test
    void separationIsTheRatioOfTheRatios() {
        long both = 0;
        for (ClinicalTest test : CATALOGUE.tests()) {
            for (String criterion : test.criterionIds()) {
                Optional<Separation> found =
                        Separation.of(EVIDENCE, criterion, "subacromial-pain", "full-thickness-cuff-tear");
                Optional<Separation> turned =
                        Separation.of(EVIDENCE, criterion, "full-thickness-cuff-tear", "subacromial-pain");
                assertThat(found.isPresent()).isEqualTo(turned.isPresent());
                if (found.isPresent()) {
                    both++;
                    double a = ratio(criterion, "subacromial-pain");
                    double b = ratio(criterion, "full-thickness-cuff-tear");
                    assertThat(Math.pow(2, found.get().positiveBits())).isCloseTo(a / b, within(1e-9 * a / b));
                    assertThat(found.get().negativeBits())
                            .isCloseTo(-turned.get().negativeBits(), within(1e-12));
                    assertThat(found.get().separates()).isEqualTo(turned.get().separates());
                }
            }
        }
        assertThat(both).isPositive();
        assertThat(new Separation("x", 0.49, -0.3).separates()).isFalse();
        assertThat(new Separation("x", 0.1, -0.5).separates()).isTrue();
    }

    private static double ratio(String criterion, String condition) {
        return Math.exp(((Evidence.Weighable) EVIDENCE.of(criterion).get(condition))
                .accuracy()
                .logPositiveRatio());
    }

    @Test
    void doubtsNameWhatTheNumberRestsOn() {
        List<Doubt> none = doubts("full-thickness-cuff-tear", 0.3, Map.of());
        assertThat(none).isEmpty();
        assertThat(doubts("posterior-instability", 0.01, Map.of())).containsExactly(new Doubt.PretestAtTheEdge(0.01));
        for (String criterion : onlyHighBias("slap-tear")) {
            assertThat(doubts("slap-tear", 0.2, Map.of(criterion, Outcome.POSITIVE)))
                    .as(criterion)
                    .contains(new Doubt.FirstDescriptionsOnly(1));
        }
        assertThat(doubts("tfcc-injury", 0.2, Map.of("ulnar-fovea/fovea-tender", Outcome.POSITIVE)))
                .noneMatch(Doubt.FirstDescriptionsOnly.class::isInstance);
    }

    private static List<String> onlyHighBias(String condition) {
        // A member of a cluster may decide it, and then the cluster counts.
        Set<String> members = new HashSet<>();
        CATALOGUE.clusters().forEach(c -> members.addAll(c.members()));
        return CATALOGUE.tests().stream()
                .flatMap(t -> t.criterionIds().stream())
                .filter(c -> !members.contains(c))
                .filter(c -> EVIDENCE.of(c).get(condition) instanceof Evidence.Weighable)
                .filter(c -> EVIDENCE.rows(c, condition).stream()
                        .allMatch(r -> r.bias().equals("high")))
                .toList();
    }

    private static List<Doubt> doubts(String condition, double pretest, Map<String, Outcome> outcomes) {
        Findings findings = none();
        for (Map.Entry<String, Outcome> e : outcomes.entrySet()) {
            findings = findings.with(e.getKey(), e.getValue());
        }
        Candidate candidate = new Candidate(condition, pretest, Candidate.ASSUMED_LOGIT_SD, 0.005, 0.95, 1);
        CaseToWeigh given = new BedsideCase(List.of(candidate), findings, Set.of("shoulder", "wrist"), Set.of())
                .against(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT);
        return Doubts.of(
                Weighing.weigh(given).conditions().get(0), EVIDENCE, Explanation.of(given, School.OVERLAP_AWARE));
    }

    private static Findings none() {
        return Findings.of(CATALOGUE, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
    }

    private static Set<String> doneTests(String complaint, double share) {
        Set<String> done = new HashSet<>();
        List<ClinicalTest> tests = testsOf(complaint);
        tests.subList(0, (int) (tests.size() * share)).forEach(t -> done.add(t.id()));
        return done;
    }

    private static List<ClinicalTest> testsOf(String complaint) {
        List<String> regions = CATALOGUE.complaint(complaint).orElseThrow().regions();
        return CATALOGUE.tests().stream()
                .filter(t -> regions.contains(t.region()))
                .toList();
    }

    private static CaseToWeigh given(String complaint, double share) {
        Findings findings = none();
        int n = 0;
        for (ClinicalTest test : testsOf(complaint)) {
            if (doneTests(complaint, share).contains(test.id())) {
                for (String criterion : test.criterionIds()) {
                    findings = findings.with(criterion, n++ % 3 == 0 ? Outcome.POSITIVE : Outcome.NEGATIVE);
                }
            }
        }
        Complaint c = CATALOGUE.complaint(complaint).orElseThrow();
        List<Candidate> candidates = c.candidates().stream()
                .map(id -> CATALOGUE.condition(id).orElseThrow())
                .map(ShippedReasonsTest::candidate)
                .toList();
        return new BedsideCase(candidates, findings, Set.copyOf(c.regions()), Set.of())
                .against(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT);
    }

    private static Candidate candidate(Condition c) {
        return new Candidate(
                c.id(), c.pretest().get(Setting.SPORTS), Candidate.ASSUMED_LOGIT_SD, c.ruleOut(), c.act(), 1);
    }
}
