package lexicor.core.weighing.advice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.weighing.ConditionWeighing;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.model.Item;

/** What several tests not done yet would tell together. Immutable. */
public final class SeveralTests {
    private final Map<String, ConditionWeighing> conditions;
    private final Map<String, OfferedTest> offered;

    private SeveralTests(CaseToWeigh given, School school) {
        conditions = Weighing.conditions(given, school);
        offered = given.candidates().stream().collect(Collectors.toMap(OfferedTest::id, Function.identity()));
    }

    /** Those that the case offers, by one way to weigh. */
    public static SeveralTests of(CaseToWeigh given, School school) {
        return new SeveralTests(given, school);
    }

    /**
     * Expected loss of uncertainty in bits when several offered tests are done together, over all conditions by their weight:
     * method M10 with every combination of their results in place of one result (M15). A test of which more than one criterion is
     * named counts once, by the first.
     *
     * @param criteria ids of offered tests
     * @throws IllegalArgumentException if one of them is not offered
     */
    public double gainOf(List<String> criteria) {
        return conditions.values().stream()
                .mapToDouble(c -> c.candidate.weight() * JointGain.of(c, positives(c, criteria)))
                .sum();
    }

    /** The conditions that one of the criteria can still say something of. */
    public Set<String> informedBy(List<String> criteria) {
        Set<String> informed = new TreeSet<>();
        conditions.forEach((id, c) -> {
            if (!positives(c, criteria).isEmpty()) {
                informed.add(id);
            }
        });
        return informed;
    }

    /** {@link #gainOf} for one condition alone, its weight included. */
    public double gainOf(List<String> criteria, String condition) {
        ConditionWeighing c = conditions.get(condition);
        return c.candidate.weight() * JointGain.of(c, positives(c, criteria));
    }

    private List<Item> positives(ConditionWeighing c, List<String> criteria) {
        Set<String> tests = new TreeSet<>();
        return criteria.stream()
                .map(id -> Optional.ofNullable(offered.get(id))
                        .orElseThrow(() -> new IllegalArgumentException(id + " is not offered")))
                .filter(t -> !c.hasSpoken(t))
                .filter(t -> t.evidence().get(c.candidate.id()) instanceof Weighable)
                .filter(t -> tests.add(t.test()))
                .map(t -> Item.of(t.id(), t.family(), true, (Weighable)
                                t.evidence().get(c.candidate.id()))
                        .sober())
                .toList();
    }
}
