package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.StageRule;
import lexicor.core.catalogue.VisitCore;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.WeighingSettings;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WithinTimeTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final Findings NOTHING =
            Findings.of(CATALOGUE, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of());

    /** A case at its beginning, with the order that is proposed for it. */
    private record Begun(String complaint, WeighedCase weighed, List<String> planned) {
        static Begun with(Complaint complaint) {
            return with(complaint, WeighingSettings.DEFAULT, "");
        }

        static Begun with(Complaint complaint, WeighingSettings settings, String likeliest) {
            Set<String> regions = new TreeSet<>(complaint.regions());
            List<Candidate> candidates = complaint.candidates().stream()
                    .map(c ->
                            new Candidate(c, c.equals(likeliest) ? 0.5 : 0.3, Candidate.ASSUMED_LOGIT_SD, 0.05, 0.8, 1))
                    .toList();
            BedsideCase bedside = new BedsideCase(candidates, NOTHING, regions, Set.of());
            List<Proposal.Suspect> suspects = complaint.candidates().stream()
                    .map(c -> new Proposal.Suspect(c, 0.3))
                    .toList();
            return new Begun(
                    complaint.id(),
                    Weighing.weigh(bedside.against(CATALOGUE, EVIDENCE, settings)),
                    Proposal.of(
                                    CATALOGUE,
                                    EVIDENCE,
                                    regions,
                                    new Presentation(List.of(complaint)).whatever(CATALOGUE),
                                    suspects)
                            .stream()
                            .map(ClinicalTest::id)
                            .toList());
        }

        WithinTime within(double minutes, boolean injured) {
            return WithinTime.of(
                    CATALOGUE,
                    Presentation.of(CATALOGUE, List.of(complaint)),
                    NOTHING,
                    weighed,
                    injured,
                    planned,
                    minutes);
        }
    }

    @Property(tries = 60)
    void everyTestIsKeptInItsOrderOrLeftOutWithAReason(
            @ForAll @IntRange(max = 21) int complaint, @ForAll @IntRange(min = 1, max = 60) int minutes) {
        Begun begun = Begun.with(CATALOGUE.complaints().get(complaint));
        WithinTime within = begun.within(minutes, false);
        List<String> all = new ArrayList<>(within.kept());
        all.addAll(within.leftOut().keySet());
        assertThat(all).containsExactlyInAnyOrderElementsOf(begun.planned());
        assertThat(within.kept())
                .isSubsetOf(begun.planned())
                .isSortedAccordingTo((a, b) -> Integer.compare(
                        begun.planned().indexOf(a), begun.planned().indexOf(b)));
        assertThat(within.leftOut().values()).allSatisfy(why -> assertThat(why).isNotBlank());
        assertThat(within.minutes())
                .isEqualTo(within.kept().stream()
                        .mapToDouble(t -> test(t).minutes())
                        .sum());
        for (String kept : within.kept()) {
            assertThat(test(kept).after()).noneMatch(within.leftOut()::containsKey);
        }
        // More than there is only for the core of the visit (where none is known: for safety), and what has to come
        // before that.
        if (within.minutes() > minutes) {
            assertThat(within.kept().stream()
                            .filter(t -> coreTests(begun).contains(t)
                                    || isNeverLeftOut(t, begun)
                                    || core(begun.complaint()).isEmpty() && isForSafety(t, begun))
                            .flatMap(WithinTimeTest::withBefore))
                    .containsAll(within.kept());
        }
        assertThat(within.kept()).containsAll(coreTests(begun));
    }

    @Test
    void withTimeForAllNothingIsLeftOut() {
        Begun begun = Begun.with(CATALOGUE.complaint("shoulder-slipping").orElseThrow());
        assertThat(begun.within(240, false).kept()).isEqualTo(begun.planned());
    }

    /** Where nothing is said of a complaint, what safety needs goes first; some of it after an injury alone. */
    @Test
    void withoutACoreWhatSafetyNeedsGoesFirst() {
        Begun begun = Begun.with(CATALOGUE.complaint("shoulder-pain").orElseThrow());
        Begun apart = new Begun("none", begun.weighed(), begun.planned());
        for (boolean injured : new boolean[] {true, false}) {
            assertThat(apart.within(1, injured).leftOut().keySet()).noneMatch(t -> isForSafety(t, begun));
        }
        assertThat(apart.within(1, true).kept()).contains("shoulder-movements");
        assertThat(apart.within(1, false).kept()).contains("neck-movement-screen", "inspect-shoulder-front");
    }

    /** Whatever is kept, something of a stage that is never left out is, also where the core has none of it. */
    @ParameterizedTest
    @ValueSource(ints = {10, 20, 40})
    void lookingAndMovingAreNeverLeftOut(int minutes) {
        for (Complaint complaint : CATALOGUE.complaints()) {
            Begun begun = Begun.with(complaint);
            WithinTime within = begun.within(minutes, complaint.injury());
            for (StageRule rule : CATALOGUE.stageRules()) {
                if (rule.holdsFor(List.of(complaint.id()))) {
                    rule.never().forEach(stage -> assertThat(within.kept())
                            .as(complaint.id() + " " + stage)
                            .anyMatch(t -> Stage.of(test(t)).id().equals(stage)));
                }
            }
        }
        assertThat(Begun.with(CATALOGUE.complaint("thumb-side-tingling").orElseThrow())
                        .within(minutes, false)
                        .kept())
                .contains("phalen", "median-tinel-wrist", "carpal-compression", "thumb-abduction-strength");
        assertThat(Begun.with(CATALOGUE.complaint("shoulder-pain").orElseThrow())
                        .within(minutes, false)
                        .kept())
                .contains("shoulder-movements");
    }

    @Test
    void aClusterOfALeadingCandidateIsDoneWholeOrSaysThatItTakesLonger() {
        Begun begun = Begun.with(CATALOGUE.complaint("shoulder-slipping").orElseThrow());
        List<String> leading = begun.weighed().conditions().stream()
                .filter(c -> c.verdict() == Verdict.UNDECIDED)
                .limit(3)
                .map(WeighedCondition::id)
                .toList();
        List<Cluster> clusters = CATALOGUE.clusters().stream()
                .filter(c -> leading.contains(c.condition()))
                .filter(c -> begun.planned().containsAll(testsOf(c)))
                .toList();
        assertThat(clusters).isNotEmpty();
        WithinTime long_ = begun.within(30, false);
        assertThat(clusters).anySatisfy(c -> assertThat(long_.kept()).containsAll(testsOf(c)));
        WithinTime short_ = begun.within(1, false);
        assertThat(clusters)
                .filteredOn(c -> !coreTests(begun).containsAll(testsOf(c)))
                .allSatisfy(c -> assertThat(short_.kept()).doesNotContainSequence(testsOf(c)));
    }

    @Test
    void whereACandidateHasNoFiguresItsUsualTestsComeBeforeWhatTellsMost() {
        // One whose likeliest undecided candidate is such where judgements are not weighed, with no core to go first.
        WeighingSettings figuresAlone = WeighingSettings.DEFAULT.withJudgements(Judgements.LEFT_OUT);
        Begun begun = CATALOGUE.complaints().stream()
                .flatMap(c -> c.candidates().stream().map(k -> Begun.with(c, figuresAlone, k)))
                .map(b -> new Begun("none", b.weighed(), b.planned()))
                .filter(b -> isBare(likeliest(b), b))
                .findFirst()
                .orElseThrow();
        String bare = likeliest(begun);
        WithinTime safety = begun.within(1, false);
        List<String> usual = usual(bare, begun).toList();
        double minutes = usual.stream()
                .flatMap(WithinTimeTest::withBefore)
                .distinct()
                .filter(t -> !safety.kept().contains(t))
                .mapToDouble(t -> test(t).minutes())
                .sum();
        WithinTime within = begun.within(safety.minutes() + minutes, false);
        assertThat(within.kept()).containsAll(usual);
        assertThat(within.leftOut().keySet()).anyMatch(t -> tells(t, begun));
    }

    private static String likeliest(Begun begun) {
        return begun.weighed().conditions().stream()
                .filter(c -> c.verdict() == Verdict.UNDECIDED)
                .map(WeighedCondition::id)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isBare(String condition, Begun begun) {
        return usual(condition, begun).findAny().isPresent()
                && usual(condition, begun).noneMatch(t -> tells(t, begun));
    }

    private static Optional<VisitCore> core(String complaint) {
        return CATALOGUE.core(complaint);
    }

    private static List<String> coreTests(Begun begun) {
        return core(begun.complaint()).map(VisitCore::tests).orElse(List.of());
    }

    /** Whether the test is of a stage that is never left out, of which the core has none. */
    private static boolean isNeverLeftOut(String id, Begun begun) {
        Stage stage = Stage.of(test(id));
        return coreTests(begun).stream().noneMatch(t -> Stage.of(test(t)) == stage)
                && CATALOGUE.stageRules().stream()
                        .anyMatch(r -> r.holdsFor(List.of(begun.complaint()))
                                && r.never().contains(stage.id()));
    }

    private static Stream<String> usual(String condition, Begun begun) {
        return begun.planned().stream()
                .filter(t -> CATALOGUE.examinedBy(test(t)).contains(condition));
    }

    private static boolean tells(String test, Begun begun) {
        return begun.weighed().nextTests().stream()
                .anyMatch(n -> n.gain() > 0 && test(test).criterionIds().contains(n.id()));
    }

    private static ClinicalTest test(String id) {
        return CATALOGUE.test(id).orElseThrow();
    }

    private static List<String> testsOf(Cluster cluster) {
        return cluster.members().stream()
                .flatMap(m -> CATALOGUE.testOf(m).stream())
                .map(ClinicalTest::id)
                .distinct()
                .toList();
    }

    private static Stream<String> withBefore(String id) {
        return Stream.concat(Stream.of(id), test(id).after().stream().flatMap(WithinTimeTest::withBefore));
    }

    private static boolean isForSafety(String id, Begun begun) {
        ClinicalTest test = test(id);
        boolean warns = test.criteria().stream()
                .map(Criterion::raises)
                .anyMatch(r -> r.isPresent() && !r.get().onlyAfterInjury());
        return warns
                || CATALOGUE.raisings().stream()
                        .filter(r -> r.when().isEmpty() && !r.onlyAfterInjury())
                        .anyMatch(r -> r.by().stream().anyMatch(test.criterionIds()::contains))
                || begun.weighed().conditions().stream()
                        .filter(c -> CATALOGUE.condition(c.id()).orElseThrow().mustNotMiss())
                        .anyMatch(c -> CATALOGUE.examinedBy(test).contains(c.id())
                                || CATALOGUE
                                        .conditionsInformedBy(test.criterionIds())
                                        .contains(c.id()));
    }
}
