package lexicor.core.weighing.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.explain.Doubts.Doubt;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Why a number may be less sure than it looks, on packs whose figures are made for it (method M15). */
class DoubtsTest {
    private static final String CONDITION = "subacromial-pain";

    private static String row(String criterion, String kind, String figures, String source, String bias) {
        return String.join(
                        ",", criterion, CONDITION, kind, figures, source, "2020", "imaging", "clinic", bias, "high", "")
                + "\n";
    }

    private static Catalogue with(String rows, String clusters) {
        Map<String, String> texts =
                new java.util.TreeMap<>(PackFiles.under(Shipped.PACKS).texts());
        texts.replaceAll((name, text) -> name.endsWith("accuracy.csv")
                ? text.lines().findFirst().orElseThrow() + "\n" + rows
                : name.endsWith("clusters.yaml") ? clusters : text);
        return Packs.read(PackFiles.of(texts));
    }

    private static List<Doubt> doubts(
            Catalogue catalogue, HighBias way, boolean checkedOnly, double pretest, String... positive) {
        EvidenceBase evidence = EvidenceBase.of(catalogue, way, checkedOnly, Judgements.WEIGH);
        Findings findings = Findings.of(catalogue, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of());
        for (String criterion : positive) {
            findings = findings.with(criterion, Outcome.POSITIVE);
        }
        CaseToWeigh given = new BedsideCase(
                        List.of(new Candidate(CONDITION, pretest, 0.35, 0.05, 0.7, 1)), findings, Set.of(), Set.of())
                .against(catalogue, evidence, WeighingSettings.DEFAULT.withHighBias(way));
        WeighedCondition weighed = Weighing.weigh(given).conditions().get(0);
        return Doubts.of(weighed, evidence, Explanation.of(given, School.OVERLAP_AWARE));
    }

    private static final String NO_CLUSTERS = "clusters: []\ncounts: []\n";

    /** 100 people are enough, 99 are not, and a size that nobody printed is not known to be. */
    @ParameterizedTest
    @CsvSource({"'0.8,0.9,50,50', none", "'0.8,0.9,50,49', 99", "'0.8,0.9,50,', unknown"})
    void aSmallStudyThatCarriesTheWeightIsNamed(String figures, String people) {
        List<Doubt> doubts = doubts(
                with(row("neer/pain", "study", figures, "One", "low"), NO_CLUSTERS),
                HighBias.CORRECTED,
                false,
                0.3,
                "neer/pain");
        if (people.equals("none")) {
            assertThat(doubts).isEmpty();
        } else {
            OptionalDouble known =
                    people.equals("unknown") ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(people));
            assertThat(doubts).containsExactly(new Doubt.OneSmallStudy("neer/pain", 1, known));
        }
    }

    /** A judgement is called one, and never a small study or a first description. */
    @Test
    void aJudgementThatCarriesTheWeightIsNamedAsOne() {
        String judged = row("neer/pain", "judgement", "0.8,0.9,20,20", "\"judgement, no study\"", "high");
        assertThat(doubts(with(judged, NO_CLUSTERS), HighBias.CORRECTED, false, 0.3, "neer/pain"))
                .containsExactly(new Doubt.OneJudgement("neer/pain", 1));
    }

    /** Two studies in the packs, one of them left out: what counts rests on the other alone. */
    @Test
    void onlyWhatIsReallyPooledIsLookedAt() {
        String rows = row("neer/pain", "study", "0.8,0.9,30,30", "One", "low")
                + row("neer/pain", "study", "0.7,0.9,400,400", "Two", "high");
        Catalogue catalogue = with(rows, NO_CLUSTERS);
        assertThat(doubts(catalogue, HighBias.AS_PRINTED, false, 0.3, "neer/pain"))
                .isEmpty();
        assertThat(doubts(catalogue, HighBias.LEFT_OUT, false, 0.3, "neer/pain"))
                .containsExactly(new Doubt.OneSmallStudy("neer/pain", 1, OptionalDouble.of(60)));
        String alone = row("neer/pain", "study", "0.8,0.9,30,30", "One", "low")
                + row("neer/pain", "sensitivity-only", "0.7,,400,", "Two", "low");
        assertThat(doubts(with(alone, NO_CLUSTERS), HighBias.CORRECTED, false, 0.3, "neer/pain"))
                .containsExactly(new Doubt.OneSmallStudy("neer/pain", 1, OptionalDouble.of(60)));
    }

    @Test
    void halfOfTheWeightIsMostOfItAndLessIsNot() {
        String rows = row("neer/pain", "study", "0.8,0.9,30,30", "One", "low")
                + row("painful-arc/mid-arc", "study", "0.8,0.9,400,400", "Two", "low")
                + row("hawkins-kennedy/pain", "study", "0.9,0.95,400,400", "Three", "low");
        Catalogue catalogue = with(rows, NO_CLUSTERS);
        assertThat(doubts(catalogue, HighBias.CORRECTED, false, 0.3, "neer/pain", "hawkins-kennedy/pain"))
                .isEmpty();
        List<Doubt> alone = doubts(catalogue, HighBias.CORRECTED, false, 0.3, "neer/pain");
        assertThat(alone).hasSize(1);
    }

    @Test
    void firstDescriptionsAloneAreSaidToBe() {
        String risky = row("neer/pain", "study", "0.8,0.9,200,200", "One", "high");
        assertThat(doubts(with(risky, NO_CLUSTERS), HighBias.CORRECTED, false, 0.3, "neer/pain"))
                .containsExactly(new Doubt.FirstDescriptionsOnly(1));
        String mixed = risky + row("neer/pain", "study", "0.8,0.9,200,200", "Two", "unclear");
        assertThat(doubts(with(mixed, NO_CLUSTERS), HighBias.CORRECTED, false, 0.3, "neer/pain"))
                .isEmpty();
        assertThat(doubts(with(risky, NO_CLUSTERS), HighBias.CORRECTED, false, 0.3))
                .isEmpty();
    }

    private static String cluster(String more) {
        return "clusters:\n  - {id: pair, name: Pair, condition: subacromial-pain, members: [neer/pain, painful-arc/mid-arc],"
                + " atLeast: 2, source: \"One, 2020\", confidence: high, " + more + "}\ncounts: []\n";
    }

    /** A cluster is of one study as well: small, of unknown size, or a first description. */
    @Test
    void aClustersStudyIsLookedAtToo() {
        String[] both = {"neer/pain", "painful-arc/mid-arc"};
        assertThat(doubts(
                        with("", cluster("accuracy: {sensitivity: 0.8, specificity: 0.9, diseased: 40, healthy: 40}")),
                        HighBias.CORRECTED,
                        false,
                        0.3,
                        both))
                .containsExactly(new Doubt.OneSmallStudy("pair", 1, OptionalDouble.of(80)));
        assertThat(doubts(
                        with(
                                "",
                                cluster(
                                        "bias: high, accuracy: {sensitivity: 0.8, specificity: 0.9, diseased: 400, healthy: 400}")),
                        HighBias.CORRECTED,
                        false,
                        0.3,
                        both))
                .containsExactly(new Doubt.FirstDescriptionsOnly(1));
        // Put together by a department and never studied as a whole: there is no study to be small.
        assertThat(doubts(
                        with("", cluster("designed: true, accuracy: {sensitivity: 0.8, specificity: 0.9}")),
                        HighBias.CORRECTED,
                        false,
                        0.3,
                        both))
                .isEmpty();
    }

    /** A first description of a cluster is lowered and held less certain, as one of a test is. */
    @Test
    void aClustersBiasIsTakenInTheDepartmentsWay() {
        String risky =
                cluster("bias: high, accuracy: {sensitivity: 0.8, specificity: 0.9, diseased: 400, healthy: 400}");
        String sound = cluster("accuracy: {sensitivity: 0.8, specificity: 0.9, diseased: 400, healthy: 400}");
        double lowered = ratio(with("", risky), HighBias.CORRECTED);
        assertThat(lowered).isLessThan(ratio(with("", sound), HighBias.CORRECTED) / 1.5);
        assertThat(ratio(with("", risky), HighBias.AS_PRINTED))
                .isCloseTo(ratio(with("", sound), HighBias.AS_PRINTED), within(1e-12));
        assertThat(EvidenceBase.of(with("", risky), HighBias.LEFT_OUT).ofCluster("pair"))
                .containsInstanceOf(lexicor.core.evidence.Evidence.LeftOut.class);
    }

    private static double ratio(Catalogue catalogue, HighBias way) {
        var evidence = (lexicor.core.evidence.Evidence.Weighable)
                EvidenceBase.of(catalogue, way).ofCluster("pair").orElseThrow();
        return Math.exp(evidence.accuracy().logPositiveRatio());
    }

    @ParameterizedTest
    @CsvSource({"0.01, true", "0.0101, false", "0.8999, false", "0.9, true"})
    void aPretestAtTheEdgeLeavesLittleRoom(double pretest, boolean edge) {
        List<Doubt> expected = new ArrayList<>();
        if (edge) {
            expected.add(new Doubt.PretestAtTheEdge(pretest));
        }
        assertThat(doubts(with("", NO_CLUSTERS), HighBias.CORRECTED, false, pretest))
                .isEqualTo(expected);
    }
}
