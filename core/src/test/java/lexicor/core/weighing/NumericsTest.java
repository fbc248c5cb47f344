package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.NormalTable;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Likelihood;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The numbers behind the weighing against other ways to get them, and at the ends of what can be entered. */
class NumericsTest {
    private static final List<Simple> MIXED = List.of(
            new Simple("A", true, 0.72, 0.61),
            new Simple("A", true, 0.65, 0.80),
            new Simple("A", false, 0.80, 0.55),
            new Simple("B", true, 0.40, 0.93),
            new Simple("B", false, 0.30, 0.85),
            new Simple("C", true, 0.55, 0.70));

    @ParameterizedTest
    @CsvSource({"0.45, 0.20", "0.30, 0.30", "0.60, 0", "0.85, 0.40"})
    void theQuadratureAgreesWithASeededSimulation(double family, double general) {
        int draws = 400_000;
        Nodes nodes = Nodes.of(family, general, MIXED.size());
        List<Item> items = new ArrayList<>();
        MIXED.forEach(f -> items.add(f.item("f" + items.size())));
        for (boolean present : new boolean[] {true, false}) {
            double computed = Math.exp(Likelihood.of(nodes, present, items).log());
            double simulated = simulate(items, present, family, general, draws);
            double error = Math.sqrt(simulated * (1 - simulated) / draws);
            assertThat(computed).isCloseTo(simulated, within(4 * error));
        }
    }

    /** The share of simulated patients with exactly these results. */
    private static double simulate(List<Item> items, boolean present, double family, double general, int draws) {
        Random random = new Random(11);
        int hits = 0;
        for (int d = 0; d < draws; d++) {
            double z0 = random.nextGaussian();
            double[] own = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
            boolean all = true;
            for (Item item : items) {
                double latent = item.threshold(present)
                        + Math.sqrt(general) * z0
                        + Math.sqrt(family - general) * own[item.family.charAt(0) - 'A']
                        + Math.sqrt(1 - family) * random.nextGaussian();
                all &= latent > 0 == item.positive;
            }
            hits += all ? 1 : 0;
        }
        return (double) hits / draws;
    }

    @Test
    void theTableIsTheNormalDistribution() {
        NormalDistribution normal = new NormalDistribution();
        for (double x = -10; x <= 10; x += 0.0137) {
            assertThat(NormalTable.cdf(x)).isCloseTo(normal.cumulativeProbability(x), within(3e-10));
        }
        assertThat(NormalTable.probit(0)).isZero();
        for (double p : new double[] {1e-6, 0.01, 0.3, 0.8, 0.999}) {
            double logit = Math.log(p / (1 - p));
            assertThat(NormalTable.probit(logit)).isCloseTo(normal.inverseCumulativeProbability(p), within(1e-9));
        }
    }

    @Test
    void theGradientIsThatOfCentralDifferences() {
        Nodes nodes = Nodes.of(0.45, 0.20, MIXED.size());
        double h = 1e-4;
        for (int moved = 0; moved < MIXED.size(); moved++) {
            List<Item> items = itemsWith(moved, 0, 0);
            OverlapModel joint = OverlapModel.of(nodes, items);
            double bySn = (OverlapModel.of(nodes, itemsWith(moved, h, 0)).logRatio()
                            - OverlapModel.of(nodes, itemsWith(moved, -h, 0)).logRatio())
                    / (2 * h);
            double bySp = (OverlapModel.of(nodes, itemsWith(moved, 0, h)).logRatio()
                            - OverlapModel.of(nodes, itemsWith(moved, 0, -h)).logRatio())
                    / (2 * h);
            assertThat(joint.bySensitivity(items.get(moved))).isCloseTo(bySn, within(1e-5));
            assertThat(joint.bySpecificity(items.get(moved))).isCloseTo(bySp, within(1e-5));
        }
    }

    private static List<Item> itemsWith(int moved, double logitSn, double logitSp) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < MIXED.size(); i++) {
            Simple f = MIXED.get(i);
            items.add((i == moved
                            ? new Simple(
                                    f.family(),
                                    f.positive(),
                                    shift(f.sensitivity(), logitSn),
                                    shift(f.specificity(), logitSp))
                            : f)
                    .item("f" + i));
        }
        return items;
    }

    private static double shift(double p, double logit) {
        return 1 / (1 + Math.exp(-Math.log(p / (1 - p)) - logit));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.0001, 0.5, 0.9999})
    void perfectTestsZeroCellsAndTwoHundredFindingsStayFinite(double pretest) {
        for (double overlap : new double[] {0, 0.45, 0.9}) {
            List<RecordedFinding> findings = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                TwoByTwo study = i % 3 == 0
                        ? new TwoByTwo(1e6, 0, 0, 1e6, false, false)
                        : i % 3 == 1
                                ? new TwoByTwo(0, 40, 40, 0, false, false)
                                : new TwoByTwo(3, 27, 0, 30, false, false);
                Result result = i % 2 == 0 ? Result.POSITIVE : Result.NEGATIVE;
                findings.add(new RecordedFinding(
                        "f" + i,
                        "f" + i,
                        "family " + i % 4,
                        result,
                        java.util.Map.of("c", Pooling.pool(List.of(study), HighBias.CORRECTED))));
            }
            CaseToWeigh given = new CaseToWeigh(
                    WeighingSettings.DEFAULT.withOverlap(overlap, overlap / 2),
                    List.of(new Candidate("c", pretest, 0.35, 0.05, 0.8, 1)),
                    findings,
                    List.of(),
                    List.of(new OfferedTest(
                            "t", "t", "family 0", 1, false, findings.get(0).evidence())));
            for (School school : List.of(School.OVERLAP_AWARE, School.DIFFERENTIAL)) {
                staysFinite(Weighing.weigh(given, school));
            }
        }
    }

    private static void staysFinite(WeighedCase weighed) {
        WeighedCondition c = weighed.conditions().get(0);
        assertThat(Math.log(c.lr())).isFinite();
        assertThat(c.posttest()).isBetween(0.0, 1.0);
        assertThat(c.average().low()).isBetween(0.0, c.posttest());
        assertThat(c.newClinic().high()).isBetween(c.posttest(), 1.0);
        assertThat(weighed.nextTests().get(0).gain()).isFinite();
        assertThat(c.ledger())
                .allSatisfy(r -> r.lrAdded().ifPresent(a -> assertThat(a).isFinite()));
    }

    @Test
    void aLeftOutClusterNeitherCountsNorSupersedes() {
        Evidence leftOut = Pooling.pool(List.of(new TwoByTwo(9, 1, 1, 9, true, false)), HighBias.LEFT_OUT);
        RecordedFinding finding =
                new RecordedFinding("f", "f", "A", Result.POSITIVE, new Simple("A", true, 0.7, 0.8).evidence());
        CaseToWeigh given = new CaseToWeigh(
                WeighingSettings.DEFAULT,
                List.of(new Candidate("c", 0.3, 0.35, 0.05, 0.8, 1)),
                List.of(finding),
                List.of(new RecordedCluster(
                        "k",
                        "c",
                        List.of("f"),
                        new lexicor.core.catalogue.published.ClusterRule.AtLeast(1),
                        java.util.Map.of("c", leftOut))),
                List.of());
        assertThat(Weighing.weigh(given).conditions().get(0).ledger())
                .extracting(LedgerRow::status)
                .containsExactly(Status.COUNTED, Status.LEFT_OUT);
    }

    @org.junit.jupiter.api.Test
    void aCaseWithoutACandidateHasNothingToRankAndIsSettled() {
        CaseToWeigh one = Simple.caseOf(List.of(new Simple("A", true, 0.8, 0.8)), List.of(), 0.3, 0.45, 0.2);
        WeighedCase weighed =
                Weighing.weigh(new CaseToWeigh(one.settings(), List.of(), one.findings(), List.of(), List.of()));
        assertThat(weighed.conditions()).isEmpty();
        assertThat(weighed.settled()).isTrue();
    }
}
