package lexicor.core.weighing.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;
import org.junit.jupiter.api.Test;

/** Results of one family that rarely go together (method M15). */
class ContradictionTest {
    private static final String C = "c";

    private record Tried(String id, String family, Result result, double sensitivity, double specificity) {
        RecordedFinding finding() {
            return finding(Optional.empty());
        }

        RecordedFinding finding(Optional<String> nerve) {
            return new RecordedFinding(id, id, family, result, Map.of(C, evidence()), Set.of(), nerve, Set.of(), false);
        }

        private Weighable evidence() {
            double n = 200;
            TwoByTwo study = new TwoByTwo(
                    n * sensitivity, n * (1 - sensitivity), n * (1 - specificity), n * specificity, false, false);
            return (Weighable) Pooling.pool(List.of(study), HighBias.CORRECTED);
        }

        Item item() {
            return Item.of(id, family, result == Result.POSITIVE, evidence());
        }
    }

    private static List<Contradiction> among(Tried... tests) {
        List<RecordedFinding> findings = new ArrayList<>();
        for (Tried t : tests) {
            findings.add(t.finding());
        }
        return contradictions(findings);
    }

    private static List<Contradiction> contradictions(List<RecordedFinding> findings) {
        CaseToWeigh given = new CaseToWeigh(
                WeighingSettings.DEFAULT,
                List.of(new Candidate(C, 0.3, 0.35, 0.05, 0.7, 1)),
                findings,
                List.of(),
                List.of());
        return Explanation.of(given, School.OVERLAP_AWARE).contradictions(C);
    }

    private static double chance(boolean ifPresent, Tried... tests) {
        List<Item> items = new ArrayList<>();
        for (Tried t : tests) {
            items.add(t.item());
        }
        return Math.exp(OverlapModel.of(Nodes.of(0.45, 0.20, 2), items).logProbability(ifPresent));
    }

    /** Rare with the condition alone is no contradiction: without it, the pair is as usual. */
    @Test
    void thePairMustBeRareWithTheConditionAndWithout() {
        Tried positive = new Tried("p", "f", Result.POSITIVE, 0.90, 0.70);
        Tried negative = new Tried("n", "f", Result.NEGATIVE, 0.98, 0.70);
        assertThat(chance(true, positive, negative)).isLessThan(Contradiction.BEYOND_CHANCE);
        assertThat(chance(false, positive, negative)).isGreaterThan(Contradiction.BEYOND_CHANCE);
        assertThat(among(positive, negative)).isEmpty();
        Tried specific = new Tried("p", "f", Result.POSITIVE, 0.60, 0.02 + 0.96);
        Tried sensitive = new Tried("n", "f", Result.NEGATIVE, 0.97, 0.60);
        List<Contradiction> found = among(specific, sensitive);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).chance())
                .isCloseTo(
                        Math.max(chance(true, specific, sensitive), chance(false, specific, sensitive)), within(1e-12));
    }

    @Test
    void theRarestComesFirst() {
        List<Contradiction> found = among(
                new Tried("p1", "f", Result.POSITIVE, 0.60, 0.99),
                new Tried("p2", "f", Result.POSITIVE, 0.45, 0.99),
                new Tried("n", "f", Result.NEGATIVE, 0.97, 0.60));
        assertThat(found).extracting(Contradiction::positive).containsExactly("p2", "p1");
        assertThat(found).extracting(Contradiction::chance).isSorted();
    }

    /** A positive that argues against, or a negative that argues for, has nothing to contradict. */
    @Test
    void onlyAPositiveThatSpeaksForAndANegativeThatSpeaksAgainstContradict() {
        Tried against = new Tried("p", "f", Result.POSITIVE, 0.02, 0.90);
        Tried sensitive = new Tried("n", "f", Result.NEGATIVE, 0.97, 0.60);
        assertThat(among(against, sensitive)).isEmpty();
        Tried specific = new Tried("p", "f", Result.POSITIVE, 0.60, 0.98);
        Tried speaksFor = new Tried("n", "f", Result.NEGATIVE, 0.02, 0.90);
        assertThat(among(specific, speaksFor)).isEmpty();
    }

    /** One nerve under tension hurts and another does not: that points to the one, and contradicts nothing. */
    @Test
    void testsOfAnotherNerveDoNotContradict() {
        Tried positive = new Tried("ulnar", "nerve", Result.POSITIVE, 0.60, 0.99);
        Tried negative = new Tried("median", "nerve", Result.NEGATIVE, 0.97, 0.60);
        assertThat(among(positive, negative)).isNotEmpty();
        assertThat(contradictions(
                        List.of(positive.finding(Optional.of("ulnar")), negative.finding(Optional.of("median")))))
                .isEmpty();
        assertThat(contradictions(
                        List.of(positive.finding(Optional.of("median")), negative.finding(Optional.of("median")))))
                .isNotEmpty();
    }
}
