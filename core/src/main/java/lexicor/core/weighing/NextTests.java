package lexicor.core.weighing;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Entropy;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.OverlapModel;

/** What to test next, and whether anything is left worth testing (method M10). */
final class NextTests {
    private final List<ConditionWeighing> conditions;
    private final Prospects prospects;
    private final List<NextTest> ranked;

    NextTests(Prospects prospects, CaseToWeigh given, List<ConditionWeighing> conditions) {
        this.conditions = conditions;
        this.prospects = prospects;
        Set<String> recorded = given.findings().stream()
                .filter(f -> f.result() != Result.UNCLEAR)
                .map(RecordedFinding::id)
                .collect(Collectors.toSet());
        ranked = given.candidates().stream()
                .filter(t -> !t.contraindicated() && !recorded.contains(t.id()))
                .map(this::consider)
                .sorted(Comparator.comparingDouble(t -> -t.gain()))
                .toList();
    }

    List<NextTest> ranked() {
        return ranked;
    }

    /** Whether no offered test could carry an undecided condition over one of its lines. */
    boolean isSettled() {
        // The one with the most gain is the likeliest to, so that little is left to work out where one does.
        return conditions.stream().noneMatch(ConditionWeighing::isUndecided)
                || ranked.stream()
                        .noneMatch(t -> prospects.crosses(t.ifPositive()) || prospects.crosses(t.ifNegative()));
    }

    private NextTest consider(OfferedTest test) {
        Map<String, Double> gains = new LinkedHashMap<>();
        for (ConditionWeighing c : conditions) {
            Evidence evidence = test.evidence().get(c.candidate.id());
            if (evidence instanceof Weighable weighable && !c.hasSpoken(test)) {
                Item positive =
                        Item.of(test.id(), test.family(), true, weighable).sober();
                gains.put(c.candidate.id(), c.candidate.weight() * gain(c, positive));
            }
        }
        return new NextTest(
                test.id(),
                gains,
                test.minutes(),
                () -> prospects.with(test, Result.POSITIVE),
                () -> prospects.with(test, Result.NEGATIVE));
    }

    private static double gain(ConditionWeighing c, Item positive) {
        double p = c.posttest();
        OverlapModel.Extension extension = c.counted().with(positive);
        double up = c.movedBy(positive, extension);
        double down = c.movedBy(positive.read(false), extension);
        double q = p * extension.positiveIfPresent() + (1 - p) * extension.positiveIfAbsent();
        return Math.max(0, Entropy.bits(p) - (q * Entropy.bits(up) + (1 - q) * Entropy.bits(down)));
    }
}
