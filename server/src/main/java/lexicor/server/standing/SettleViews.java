package lexicor.server.standing;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.WeighedCondition;
import lexicor.server.standing.Standing.SettleFirst;
import lexicor.server.standing.Standing.SettleView;

/** What has to be settled before a condition is acted on, and by which test (method M11). */
final class SettleViews {
    private final Catalogue catalogue;
    private final Map<String, WeighedCondition> conditions;
    private final List<NextTest> reachable;

    /**
     * @param reachable the tests that can be come to
     */
    SettleViews(Catalogue catalogue, List<WeighedCondition> conditions, List<NextTest> reachable) {
        this.catalogue = catalogue;
        this.reachable = reachable;
        this.conditions = conditions.stream().collect(Collectors.toMap(WeighedCondition::id, Function.identity()));
    }

    /** Null where nothing has to be settled first. */
    SettleView of(WeighedCondition c) {
        if (c.settle().isEmpty()) {
            return null;
        }
        List<SettleFirst> first = c.settle().stream().map(this::first).toList();
        String words = first.stream()
                .map(f -> midSentence(f.condition()) + " (" + Percent.of(f.posttest()) + ")"
                        + (f.testName() == null ? "" : ": " + f.testName() + " tells most of it"))
                .collect(Collectors.joining("; "));
        return new SettleView(first, "Settle first: " + words + ".");
    }

    private SettleFirst first(String id) {
        Optional<ClinicalTest> test = reachable.stream()
                .filter(t -> t.gainFor(id) > 0)
                .max(Comparator.comparingDouble(t -> t.gainFor(id)))
                .flatMap(t -> catalogue.testOf(t.id()));
        return new SettleFirst(
                id,
                catalogue.conditionName(id),
                conditions.get(id).posttest(),
                test.map(ClinicalTest::id).orElse(null),
                test.map(ClinicalTest::name).orElse(null));
    }

    private String midSentence(String id) {
        return catalogue.condition(id).map(Condition::midSentence).orElse(id);
    }
}
