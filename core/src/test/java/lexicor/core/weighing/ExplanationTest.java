package lexicor.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.numbers.Entropy;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.advice.SeveralTests;
import lexicor.core.weighing.explain.Contradiction;
import lexicor.core.weighing.explain.Explanation;
import lexicor.core.weighing.explain.Hundred;
import lexicor.core.weighing.explain.PathStep;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.model.Item;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExplanationTest {
    private static final double FAMILY = 0.45;
    private static final double GENERAL = 0.20;

    @Provide
    Arbitrary<List<Simple>> findings() {
        return Simple.any().list().ofMaxSize(7);
    }

    @Provide
    Arbitrary<List<Simple>> fewTests() {
        return Simple.any().list().ofMinSize(1).ofMaxSize(4);
    }

    /** Without a gap from pretest to posttest, one step for each finding that counts, whatever the school. */
    @Property
    void theStepsLeadFromPretestToPosttest(
            @ForAll("findings") List<Simple> findings,
            @ForAll @DoubleRange(min = 0.02, max = 0.9) double pretest,
            @ForAll School school) {
        CaseToWeigh given = Simple.caseOf(findings, List.of(), pretest, FAMILY, GENERAL);
        WeighedCondition weighed = Weighing.weigh(given, school).conditions().get(0);
        List<PathStep> path = Explanation.of(given, school).path(Simple.CONDITION);
        double at = pretest;
        for (PathStep step : path) {
            assertThat(step.from()).isEqualTo(at);
            at = step.to();
        }
        assertThat(at).isCloseTo(weighed.posttest(), within(1e-9));
        assertThat(path)
                .extracting(PathStep::id)
                .filteredOn(id -> !id.equals(PathStep.OTHERS) && !id.equals(PathStep.BY_HALF))
                .containsExactlyInAnyOrderElementsOf(weighed.ledger().stream()
                        .filter(r -> r.status() == Status.COUNTED)
                        .map(LedgerRow::id)
                        .toList());
    }

    @Property
    void oneTestAloneGainsWhatTheNextTestSays(
            @ForAll("findings") List<Simple> findings,
            @ForAll("fewTests") List<Simple> offered,
            @ForAll School school) {
        CaseToWeigh given = Simple.caseOf(findings, offered, 0.3, FAMILY, GENERAL);
        SeveralTests several = SeveralTests.of(given, school);
        for (NextTest next : Weighing.weigh(given, school).nextTests()) {
            assertThat(several.gainOf(List.of(next.id())))
                    .as("%s %s", next.id(), school)
                    .isCloseTo(next.gain(), within(1e-9));
        }
    }

    /** Where nothing overlaps, every combination of results can be reckoned by Bayes' rule by hand. */
    @Property
    void independentTestsTellTogetherWhatBayesSays(
            @ForAll("fewTests") List<Simple> offered, @ForAll @DoubleRange(min = 0.02, max = 0.9) double pretest) {
        CaseToWeigh given = Simple.caseOf(List.of(), offered, pretest, 0, 0);
        List<String> ids = new ArrayList<>();
        List<double[]> figures = new ArrayList<>();
        for (int i = 0; i < offered.size(); i++) {
            ids.add("t" + i);
            Item item = offered.get(i).sober("t" + i);
            figures.add(new double[] {Logit.inverse(item.logitSensitivity), 1 - Logit.inverse(item.logitSpecificity)});
        }
        double left = 0;
        for (int results = 0; results < 1 << offered.size(); results++) {
            double with = pretest;
            double without = 1 - pretest;
            for (int i = 0; i < offered.size(); i++) {
                boolean positive = (results >> i & 1) == 1;
                with *= positive ? figures.get(i)[0] : 1 - figures.get(i)[0];
                without *= positive ? figures.get(i)[1] : 1 - figures.get(i)[1];
            }
            left += (with + without) * Entropy.bits(with / (with + without));
        }
        double expected = Entropy.bits(pretest) - left;
        assertThat(SeveralTests.of(given, School.OVERLAP_AWARE).gainOf(ids)).isCloseTo(expected, within(1e-6));
    }

    /** A positive of a very specific test and a negative of a very sensitive one, of one family, rarely go together. */
    @Test
    void aRarePairOfOneFamilyIsAContradiction() {
        Simple specific = new Simple("A", true, 0.60, 0.98);
        Simple sensitive = new Simple("A", false, 0.97, 0.60);
        List<Contradiction> found = contradictions(specific, sensitive);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).positive()).isEqualTo("f0");
        assertThat(found.get(0).negative()).isEqualTo("f1");
        assertThat(found.get(0).chance()).isBetween(0.0, Contradiction.BEYOND_CHANCE);
        assertThat(contradictions(specific, new Simple("B", false, 0.97, 0.60))).isEmpty();
        assertThat(contradictions(new Simple("A", true, 0.7, 0.7), new Simple("A", false, 0.7, 0.7)))
                .isEmpty();
    }

    private static List<Contradiction> contradictions(Simple... findings) {
        CaseToWeigh given = Simple.caseOf(List.of(findings), List.of(), 0.3, FAMILY, GENERAL);
        return Explanation.of(given, School.OVERLAP_AWARE).contradictions(Simple.CONDITION);
    }

    @ParameterizedTest
    @CsvSource({
        // 12 % of 100, Sn 0.75, Sp 0.97: 9 of the 12, and 2.64, so 3, of the 88.
        "0.12, 0.75, 0.97, 100, 12, 9, 3",
        // 3 %: of 1000. 30 have it; 0.81 of them are 24.3; 0.02 of the 970 are 19.4.
        "0.03, 0.81, 0.98, 1000, 30, 24, 19",
        "0.97, 0.5, 0.9, 1000, 970, 485, 3"
    })
    void wholePeopleAreCountedByHand(
            double pretest, double sn, double sp, int outOf, int with, int positiveWith, int positiveWithout) {
        assertThat(Hundred.of(pretest, sn, sp)).isEqualTo(new Hundred(outOf, with, positiveWith, positiveWithout));
    }

    @ParameterizedTest
    @CsvSource({
        "0.05, 100",
        "0.0499, 1000",
        "0.95, 100",
        "0.9501, 1000",
    })
    void aThousandPeopleWhereAHundredHaveTooFew(double pretest, int outOf) {
        Hundred h = Hundred.of(pretest, 0.5, 0.9);
        assertThat(h.outOf()).isEqualTo(outOf);
        assertThat(h.with() + h.without()).isEqualTo(outOf);
        assertThat(h.positive())
                .isEqualTo(h.positiveWith() + h.positiveWithout())
                .isPositive();
        assertThat(Hundred.people(pretest)).as("2 % are shown by a hundred").isEqualTo(100);
        assertThat(Hundred.people(pretest < 0.5 ? 0.0199 : 0.9801)).isEqualTo(1000);
        assertThat(Hundred.people(pretest < 0.5 ? 0.02 : 0.98)).isEqualTo(100);
    }

    @Property
    void noGroupHasMorePositivesThanPeople(
            @ForAll @DoubleRange(min = 0.01, max = 0.99) double pretest,
            @ForAll @DoubleRange(min = 0, max = 1) double sn,
            @ForAll @DoubleRange(min = 0, max = 1) double sp) {
        Hundred h = Hundred.of(pretest, sn, sp);
        assertThat(h.positiveWith()).isBetween(0, h.with());
        assertThat(h.positiveWithout()).isBetween(0, h.without());
    }

    @Property
    void anotherBaseRateKeepsTheLikelihoodRatio(
            @ForAll("findings") List<Simple> findings, @ForAll @IntRange(min = 2, max = 90) int percent) {
        Assume.that(!findings.isEmpty());
        double other = percent / 100.0;
        WeighedCondition began = Simple.weigh(findings, 0.3, FAMILY, GENERAL);
        assertThat(began.posttestFrom(other))
                .isCloseTo(Simple.weigh(findings, other, FAMILY, GENERAL).posttest(), within(1e-9));
    }
}
