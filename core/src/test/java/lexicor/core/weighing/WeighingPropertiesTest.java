package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import lexicor.core.numbers.Entropy;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.ClusterDesign;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Likelihood;
import lexicor.core.weighing.model.Nodes;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.util.DoubleComparator;

/** What must hold of every weighing (method M4, M6, M9, M10, M12). */
class WeighingPropertiesTest {
    private static final double FAMILY = 0.45;
    private static final double GENERAL = 0.20;

    @Provide
    Arbitrary<List<Simple>> findings() {
        return Simple.any().list().ofMinSize(0).ofMaxSize(8);
    }

    @Provide
    Arbitrary<List<Simple>> few() {
        return Simple.any().list().ofMinSize(1).ofMaxSize(5);
    }

    @Provide
    Arbitrary<double[]> overlaps() {
        return Arbitraries.doubles().between(0, 0.9).tuple2().map(t ->
                new double[] {Math.max(t.get1(), t.get2()), Math.min(0.5, Math.min(t.get1(), t.get2()))});
    }

    @Property
    void withoutOverlapItIsPlainMultiplication(
            @ForAll("findings") List<Simple> findings, @ForAll @DoubleRange(min = 0.01, max = 0.99) double pretest) {
        double product = findings.stream().mapToDouble(Simple::ratio).reduce(1, (a, b) -> a * b);
        WeighedCondition c = Simple.weigh(findings, pretest, 0, 0);
        assertThat(Math.log(c.lr())).isCloseTo(Math.log(product), within(1e-6));
        assertThat(Logit.of(c.posttest())).isCloseTo(Logit.of(pretest) + Math.log(product), within(1e-6));
    }

    @Property
    void theOrderOfRecordingChangesNothing(@ForAll("findings") List<Simple> findings, @ForAll Random random) {
        List<Simple> shuffled = new ArrayList<>(findings);
        Collections.shuffle(shuffled, random);
        WeighedCondition one = Simple.weigh(findings, 0.3, FAMILY, GENERAL);
        WeighedCondition other = Simple.weigh(shuffled, 0.3, FAMILY, GENERAL);
        assertThat(Math.log(one.lr())).isCloseTo(Math.log(other.lr()), within(1e-8));
        assertThat(one.average().low()).isCloseTo(other.average().low(), within(1e-8));
    }

    @Property
    void aUselessFindingAddsNothing(
            @ForAll("findings") List<Simple> findings,
            @ForAll @DoubleRange(min = 0.05, max = 0.95) double sensitivity) {
        List<Simple> more = new ArrayList<>(findings);
        more.add(new Simple("A", true, sensitivity, 1 - sensitivity));
        LedgerRow useless = Simple.weigh(more, 0.3, FAMILY, GENERAL).ledger().get(findings.size());
        if (useless.status() == Status.COUNTED) {
            assertThat(useless.lrAdded().orElseThrow()).isCloseTo(1, within(2e-9));
        } else {
            assertThat(useless.status()).isEqualTo(Status.SET_ASIDE);
        }
    }

    @Property
    void noCountedFindingArguesAgainstItself(
            @ForAll("findings") List<Simple> findings, @ForAll("overlaps") double[] overlap) {
        for (LedgerRow row : Simple.weigh(findings, 0.3, overlap[0], overlap[1]).ledger()) {
            if (row.status() == Status.COUNTED) {
                double alone = Math.log(row.lrAlone().orElseThrow());
                double added = Math.log(row.lrAdded().orElseThrow());
                assertThat(alone > 0 ? added : -added).isGreaterThanOrEqualTo(-2e-9);
            }
        }
    }

    @Property
    void exchangingPositiveAndNegativeWithTheFiguresIsTheSame(@ForAll("findings") List<Simple> findings) {
        List<Simple> mirrored = findings.stream().map(Simple::mirrored).toList();
        double one = Simple.weigh(findings, 0.3, FAMILY, GENERAL).lr();
        double other = Simple.weigh(mirrored, 0.3, FAMILY, GENERAL).lr();
        assertThat(Math.log(one)).isCloseTo(Math.log(other), within(1e-7));
    }

    @Property
    void moreOverlapNeverRaisesTheRatioOfEqualPositives(
            @ForAll @IntRange(min = 2, max = 6) int count,
            @ForAll @DoubleRange(min = 0.55, max = 0.95) double sensitivity,
            @ForAll @DoubleRange(min = 0.55, max = 0.95) double specificity) {
        List<Simple> equal = Collections.nCopies(count, new Simple("A", true, sensitivity, specificity));
        double before = Double.POSITIVE_INFINITY;
        for (double overlap = 0; overlap <= 0.9; overlap += 0.15) {
            double log = Math.log(Simple.weigh(equal, 0.3, overlap, 0).lr());
            assertThat(log).isLessThanOrEqualTo(before + 1e-6);
            before = log;
        }
    }

    @Property(tries = 15)
    void theOutcomesOfAFewFindingsMakeUpTheWhole(
            @ForAll("few") List<Simple> findings, @ForAll("overlaps") double[] overlap) {
        Nodes nodes = Nodes.of(overlap[0], overlap[1], findings.size());
        for (boolean present : new boolean[] {true, false}) {
            double sum = 0;
            for (int outcome = 0; outcome < 1 << findings.size(); outcome++) {
                List<Item> items = new ArrayList<>();
                for (int i = 0; i < findings.size(); i++) {
                    items.add(findings.get(i).item("f" + i).read((outcome >> i & 1) == 1));
                }
                sum += Math.exp(Likelihood.of(nodes, present, items).log());
            }
            assertThat(sum).isCloseTo(1, within(1e-7));
        }
    }

    @Property
    void gainsAreNeverNegativeAndNeverMoreThanTheUncertaintyLeft(
            @ForAll("findings") List<Simple> findings,
            @ForAll("few") List<Simple> candidates,
            @ForAll @DoubleRange(min = 0.01, max = 0.99) double pretest) {
        WeighedCase weighed = Weighing.weigh(Simple.caseOf(findings, candidates, pretest, FAMILY, GENERAL));
        double left = Entropy.bits(weighed.conditions().get(0).posttest());
        assertThat(weighed.nextTests()).hasSize(candidates.size());
        assertThat(weighed.nextTests()).allSatisfy(t -> assertThat(t.gain()).isBetween(0.0, left + 1e-9));
    }

    /** The card on the couch promises what the tap will show. */
    @Property
    void whatATestWouldDoIsWhatItDoes(
            @ForAll("findings") List<Simple> findings, @ForAll("few") List<Simple> candidates) {
        WeighedCase weighed = Weighing.weigh(Simple.caseOf(findings, candidates, 0.3, FAMILY, GENERAL));
        Simple first = candidates.get(0);
        NextTest promised = weighed.nextTests().stream()
                .filter(t -> t.id().equals("t0"))
                .findFirst()
                .orElseThrow();
        for (boolean positive : new boolean[] {true, false}) {
            List<Simple> more = new ArrayList<>(findings);
            more.add(new Simple(first.family(), positive, first.sensitivity(), first.specificity()));
            double expected = positive
                    ? promised.ifPositive().get(Simple.CONDITION)
                    : promised.ifNegative().get(Simple.CONDITION);
            assertThat(Simple.weigh(more, 0.3, FAMILY, GENERAL).posttest()).isCloseTo(expected, within(1e-7));
        }
    }

    /** A department that follows another school sees that school's numbers, and its card keeps its promise too. */
    @Property
    void theChosenSchoolIsTheOneThatStandsBeside(
            @ForAll("few") List<Simple> findings,
            @ForAll("few") List<Simple> candidates,
            @ForAll("schools") School school) {
        CaseToWeigh given = Simple.caseOf(findings, candidates, 0.3, FAMILY, GENERAL);
        WeighedCase chosen = Weighing.weigh(given, school);
        Map<School, Map<String, Double>> beside = Weighing.weigh(given).schools();
        assertThat(chosen.conditions().get(0).posttest())
                .isCloseTo(beside.get(school).get(Simple.CONDITION), within(1e-9));
        assertThat(chosen.schools())
                .usingRecursiveComparison()
                .withComparatorForType(new DoubleComparator(1e-12), Double.class)
                .isEqualTo(beside);
        List<Simple> more = new ArrayList<>(findings);
        more.add(candidates.get(0));
        double after = Weighing.weigh(Simple.caseOf(more, List.of(), 0.3, FAMILY, GENERAL), school)
                .conditions()
                .get(0)
                .posttest();
        NextTest promised = chosen.nextTests().stream()
                .filter(t -> t.id().equals("t0"))
                .findFirst()
                .orElseThrow();
        assertThat((candidates.get(0).positive() ? promised.ifPositive() : promised.ifNegative()).get(Simple.CONDITION))
                .isCloseTo(after, within(1e-7));
    }

    @Provide
    Arbitrary<School> schools() {
        return Arbitraries.of(School.values());
    }

    @Property(tries = 10)
    void aDesignedRuleAgreesWithItsOutcomesOneByOne(
            @ForAll("few") List<Simple> findings, @ForAll("overlaps") double[] overlap, @ForAll Random random) {
        List<ClusterDesign.Member> members = new ArrayList<>();
        for (Simple f : findings) {
            int points = 1 + random.nextInt(4);
            members.add(new ClusterDesign.Member(
                    "m" + members.size(), f.family(), f.sensitivity(), f.specificity(), points));
        }
        List<ClusterDesign.Rule> rules = ClusterDesign.rules(members, overlap[0], overlap[1]);
        Nodes nodes = Nodes.of(overlap[0], overlap[1], findings.size());
        for (ClusterDesign.Rule rule : rules) {
            double sensitivity = 0;
            for (int outcome = 0; outcome < 1 << findings.size(); outcome++) {
                int earned = 0;
                for (int i = 0; i < findings.size(); i++) {
                    earned += (outcome >> i & 1) * members.get(i).points();
                }
                if (earned >= rule.atLeast()) {
                    List<Item> items = new ArrayList<>();
                    for (int i = 0; i < findings.size(); i++) {
                        items.add(findings.get(i).item("f" + i).read((outcome >> i & 1) == 1));
                    }
                    sensitivity += Math.exp(Likelihood.of(nodes, true, items).log());
                }
            }
            assertThat(rule.sensitivity()).isCloseTo(sensitivity, within(1e-6));
        }
    }
}
