package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Entropy;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.OverlapModel;

/** What to test next, and whether anything is left worth testing (method M10). */
final class NextTests {
    private final List<ConditionWeighing> conditions;
    private final List<NextTest> ranked = new ArrayList<>();
    private boolean settled = true;

    NextTests(CaseToWeigh given, List<ConditionWeighing> conditions) {
        this.conditions = conditions;
        Set<String> recorded = new HashSet<>();
        given.findings().stream().filter(f -> f.result() != Result.UNCLEAR).forEach(f -> recorded.add(f.id()));
        for (OfferedTest test : given.candidates()) {
            if (!test.contraindicated() && !recorded.contains(test.id())) {
                ranked.add(consider(test));
            }
        }
        ranked.sort(Comparator.comparingDouble(t -> -t.gain()));
    }

    List<NextTest> ranked() {
        return List.copyOf(ranked);
    }

    /** Whether no offered test could carry an undecided condition over one of its lines. */
    boolean isSettled() {
        return settled;
    }

    private NextTest consider(OfferedTest test) {
        Map<String, Double> ifPositive = new LinkedHashMap<>();
        Map<String, Double> ifNegative = new LinkedHashMap<>();
        double gain = 0;
        for (ConditionWeighing c : conditions) {
            double p = c.posttest;
            double up = p;
            double down = p;
            Evidence evidence = test.evidence().get(c.candidate.id());
            if (evidence instanceof Weighable weighable && !c.selection.spokenTests.contains(test.test())) {
                Item positive = Item.of(test.id(), test.family(), true, weighable);
                OverlapModel.Extension extension = c.counted.with(positive);
                up = c.posttestWith(positive, extension);
                down = c.posttestWith(positive.read(false), extension);
                double q = p * extension.positiveIfPresent() + (1 - p) * extension.positiveIfAbsent();
                double left = q * Entropy.bits(up) + (1 - q) * Entropy.bits(down);
                gain += c.candidate.weight() * Math.max(0, Entropy.bits(p) - left);
                settled &= !crosses(c.candidate, p, up) && !crosses(c.candidate, p, down);
            }
            ifPositive.put(c.candidate.id(), up);
            ifNegative.put(c.candidate.id(), down);
        }
        return new NextTest(test.id(), gain, test.perMinute(gain), ifPositive, ifNegative);
    }

    private static boolean crosses(Candidate candidate, double from, double to) {
        return Verdict.of(from, candidate) == Verdict.UNDECIDED && Verdict.of(to, candidate) != Verdict.UNDECIDED;
    }
}
