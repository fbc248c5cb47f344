package lexicor.server.standing;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.weighing.Rival;
import lexicor.core.weighing.WeighedCondition;
import lexicor.server.standing.Standing.RivalView;

/** What else explains a candidate's findings, in words (method M17). */
final class RivalViews {
    /** A candidate that would stand higher by this much without the other is held down by it; a working line. */
    private static final double HELD_DOWN = 0.05;

    private final Catalogue catalogue;
    private final Map<String, WeighedCondition> conditions;

    RivalViews(Catalogue catalogue, List<WeighedCondition> all) {
        this.catalogue = catalogue;
        conditions = all.stream().collect(Collectors.toMap(WeighedCondition::id, Function.identity()));
    }

    List<RivalView> of(WeighedCondition condition) {
        return condition.rivals().stream().map(r -> view(r, condition)).toList();
    }

    private RivalView view(Rival rival, WeighedCondition condition) {
        Condition other = catalogue.condition(rival.id()).orElseThrow();
        WeighedCondition weighed = conditions.get(rival.id());
        return new RivalView(
                rival.id(),
                other.name(),
                weighed.pretest(),
                weighed.posttest(),
                rival.ifAbsent(),
                "With " + other.midSentence() + " excluded, this would stand at " + Percent.of(rival.ifAbsent()) + ".",
                rival.ifAbsent() - condition.posttest() >= HELD_DOWN ? "held down by " + other.midSentence() : null);
    }
}
