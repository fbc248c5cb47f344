package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.PackEntries;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.advice.SeveralTests;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.node.ObjectNode;

/** The lines that planning turns on, one by one: what is proposed, what is left, which of two is done (method M15, M16). */
class WorkingLinesTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);

    private static Findings none(Catalogue catalogue) {
        return Findings.of(catalogue, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of());
    }

    private static CaseToWeigh given(
            Catalogue catalogue, EvidenceBase evidence, List<Candidate> candidates, Set<String> regions) {
        return new BedsideCase(candidates, none(catalogue), regions, Set.of())
                .against(catalogue, evidence, WeighingSettings.DEFAULT);
    }

    private static List<Candidate> candidates(Complaint complaint) {
        return complaint.candidates().stream()
                .map(id -> CATALOGUE.condition(id).orElseThrow())
                .map(c -> new Candidate(c.id(), c.pretest().get(Setting.COMMUNITY), 0.35, c.ruleOut(), c.act(), 1))
                .toList();
    }

    /** A test that hurts is left below a hundredth of a bit and not above, and never where it is usually done. */
    @Test
    void whatTellsAHundredthOfABitIsNotLeft() {
        int kept = 0;
        int left = 0;
        for (Complaint complaint : CATALOGUE.complaints()) {
            WeighedCase weighed =
                    Weighing.weigh(given(CATALOGUE, EVIDENCE, candidates(complaint), Set.copyOf(complaint.regions())));
            Map<String, Double> gains = new HashMap<>();
            weighed.nextTests()
                    .forEach(t ->
                            gains.merge(CATALOGUE.testOf(t.id()).orElseThrow().id(), t.gain(), Double::sum));
            Set<String> undecided = weighed.conditions().stream()
                    .filter(c -> c.verdict() == Verdict.UNDECIDED)
                    .map(c -> c.id())
                    .collect(Collectors.toSet());
            Set<String> forNothing = Restraint.of(CATALOGUE, none(CATALOGUE), weighed).stream()
                    .filter(l -> l.kind() == Restraint.Kind.FOR_NOTHING)
                    .map(Restraint.Left::test)
                    .collect(Collectors.toSet());
            for (ClinicalTest test : CATALOGUE.tests()) {
                double gain = gains.getOrDefault(test.id(), 0.0);
                boolean usual = CATALOGUE.examinedBy(test).stream().anyMatch(undecided::contains);
                boolean expected = test.provocation() >= 2 && !usual && gain < 0.01;
                assertThat(forNothing.contains(test.id()))
                        .as("%s at %.4f bits", test.id(), gain)
                        .isEqualTo(expected);
                kept += test.provocation() >= 2 && !usual && gain >= 0.01 && gain < 0.04 ? 1 : 0;
                left += expected ? 1 : 0;
            }
        }
        assertThat(kept).as("tests just above the line").isPositive();
        assertThat(left).isPositive();
    }

    /** The test by which a ladder points at a candidate is proposed for it, also where nobody has figures for it. */
    @Test
    void aLaddersLastTestIsProposedForWhatItPointsAt() {
        for (Ladder ladder : CATALOGUE.ladders()) {
            for (Ladder.Rung rung : ladder.rungs().values()) {
                if (rung.positive() instanceof Ladder.Step.End end) {
                    for (String condition : end.suspect()) {
                        Set<String> proposed = Proposal.tests(
                                CATALOGUE,
                                EVIDENCE,
                                Set.of(),
                                List.of(),
                                List.of(new Proposal.Suspect(condition, 0.1)));
                        assertThat(proposed)
                                .as("%s for %s", ladder.id(), condition)
                                .contains(rung.test());
                    }
                }
            }
        }
    }

    /** For a candidate: every test usually done for it, every member of its clusters, four by their worth, what comes first. */
    @Test
    void whatIsProposedIsWhatTheMethodNames() {
        for (Condition condition : CATALOGUE.conditions()) {
            Set<String> region = Set.of(condition.region());
            Set<String> proposed = Proposal.tests(
                    CATALOGUE, EVIDENCE, region, List.of(), List.of(new Proposal.Suspect(condition.id(), 0.2)));
            CATALOGUE.tests().stream()
                    .filter(t -> t.region().equals(condition.region()))
                    .filter(t -> CATALOGUE.examinedBy(t).contains(condition.id())
                            || Stage.of(t) == Stage.LOOK
                                    && CATALOGUE.examinedBy(t).isEmpty()
                            || Stage.of(t) == Stage.MOVE)
                    .forEach(t -> assertThat(proposed).as(condition.id()).contains(t.id()));
            CATALOGUE.clusters().stream()
                    .filter(c -> c.condition().equals(condition.id()))
                    .flatMap(c -> c.members().stream())
                    .flatMap(m -> CATALOGUE.testOf(m).stream())
                    .forEach(t -> assertThat(proposed).as(condition.id()).contains(t.id()));
            proposed.forEach(id -> assertThat(proposed)
                    .containsAll(CATALOGUE.test(id).orElseThrow().after()));
            assertThat(Proposal.of(
                            CATALOGUE, EVIDENCE, region, List.of(), List.of(new Proposal.Suspect(condition.id(), 0.2))))
                    .extracting(ClinicalTest::id)
                    .containsExactlyInAnyOrderElementsOf(proposed);
        }
    }

    private static Catalogue slowerNeer(double minutes) {
        Map<String, String> texts = new TreeMap<>(PackFiles.under(Shipped.PACKS).texts());
        texts.replaceAll((name, text) -> name.endsWith("accuracy.csv")
                ? text.lines().findFirst().orElseThrow()
                        + "\nneer/pain,subacromial-pain,study,0.8,0.7,100,100,One,2020,imaging,clinic,low,high,"
                        + "\nhawkins-kennedy/pain,subacromial-pain,study,0.8,0.7,100,100,One,2020,imaging,clinic,low,high,\n"
                : name.endsWith("clusters.yaml")
                        ? "clusters: []\ncounts: []\n"
                        : name.endsWith("judged.yaml") ? "judged: []\n" : text);
        PackEntries entries = PackEntries.of(PackFiles.of(texts));
        ObjectNode neer =
                entries.find(PackEntry.Kind.TEST, "neer").orElseThrow().fields();
        entries.put(new PackEntry(PackEntry.Kind.TEST, "neer", neer.put("minutes", minutes)));
        return Packs.read(entries.files());
    }

    /** Two tests that tell as much: the shorter is done, whichever stands first. */
    @ParameterizedTest
    @CsvSource({"3.0, hawkins-kennedy", "0.1, neer"})
    void ofEqualGainTheShortestIsDone(double neerMinutes, String shorter) {
        Catalogue catalogue = slowerNeer(neerMinutes);
        EvidenceBase evidence = EvidenceBase.of(catalogue, HighBias.CORRECTED);
        CaseToWeigh given = given(
                catalogue,
                evidence,
                List.of(new Candidate("subacromial-pain", 0.3, 0.35, 0.05, 0.7, 1)),
                Set.of("shoulder"));
        WeighedCase weighed = Weighing.weigh(given);
        assertThat(weighed.nextTests()).hasSize(2);
        assertThat(weighed.nextTests().get(0).gain())
                .isEqualTo(weighed.nextTests().get(1).gain());
        double hawkins = catalogue.test("hawkins-kennedy").orElseThrow().minutes();
        ShortSequence found = ShortSequence.of(
                catalogue,
                SeveralTests.of(given, School.OVERLAP_AWARE),
                weighed.nextTests(),
                Set.of(),
                Math.max(neerMinutes, hawkins));
        assertThat(found.tests()).containsExactly(shorter);
        ShortSequence both = ShortSequence.of(
                catalogue,
                SeveralTests.of(given, School.OVERLAP_AWARE),
                weighed.nextTests(),
                Set.of(),
                neerMinutes + hawkins);
        assertThat(both.tests()).hasSize(2);
        assertThat(both.gain()).isGreaterThan(found.gain());
    }

    /** Every trigger of a warning, with what it is said to come of; after an injury alone where the packs say so. */
    static Stream<Arguments> triggers() {
        return CATALOGUE.tests().stream().flatMap(t -> t.criteria().stream()).flatMap(c -> c.raises().stream()
                .map(r -> Arguments.of(c.id(), r.warning(), r.onlyAfterInjury())));
    }

    @ParameterizedTest
    @MethodSource("triggers")
    void aPositiveRaisesItsWarning(String criterion, String sign, boolean afterInjury) {
        for (Outcome outcome : Outcome.values()) {
            for (boolean injured : new boolean[] {true, false}) {
                List<RaisedWarnings.Raised> raised = raised(Set.of(), injured, criterion, outcome);
                boolean expected = outcome == Outcome.POSITIVE && (injured || !afterInjury);
                assertThat(raised.stream().anyMatch(r -> r.sign().id().equals(sign)))
                        .isEqualTo(expected);
                raised.forEach(r -> assertThat(r.because()).isEqualTo(CATALOGUE.findingName(criterion)));
            }
        }
        assertThat(raised(Set.of(sign), true, criterion, Outcome.POSITIVE))
                .filteredOn(r -> r.sign().id().equals(sign))
                .extracting(RaisedWarnings.Raised::because)
                .containsExactly("asked at intake");
    }

    private static List<RaisedWarnings.Raised> raised(
            Set<String> asked, boolean injured, String criterion, Outcome outcome) {
        Circumstances patient = new Circumstances(
                new Presentation(List.of()),
                injured,
                OptionalInt.empty(),
                Optional.empty(),
                asked,
                Set.of(),
                Map.of(),
                Set.of());
        return RaisedWarnings.of(CATALOGUE, patient, none(CATALOGUE).with(criterion, outcome));
    }

    @Test
    void anAnswerThatMeansAnInjuryIsOne() {
        Set<String> trauma = new HashSet<>();
        CATALOGUE.history().forEach(h -> {
            if (RaisedWarnings.injured(CATALOGUE, Map.of(h.id(), true))) {
                trauma.add(h.id());
            }
            assertThat(RaisedWarnings.injured(CATALOGUE, Map.of(h.id(), false))).isFalse();
        });
        assertThat(trauma).isNotEmpty().hasSizeLessThan(CATALOGUE.history().size());
    }
}
