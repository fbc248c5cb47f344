package lexicor.core.weighing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.evidence.Evidence.Weighable;

/**
 * A case opened up for questions: by which steps each condition came to where it stands, what several more tests would
 * tell together, and which findings contradict each other. Immutable.
 */
public final class Explanation {
    private final Map<String, ConditionWeighing> conditions;
    private final Map<String, OfferedTest> offered;
    private final Nodes nodes;

    private Explanation(CaseToWeigh given, School school) {
        nodes = Weighing.nodes(given.settings());
        Families families = new Families(given);
        conditions = new LinkedHashMap<>();
        given.conditions()
                .forEach(c -> conditions.put(c.id(), new ConditionWeighing(given, families, nodes, c, school)));
        offered = given.candidates().stream().collect(Collectors.toMap(OfferedTest::id, Function.identity()));
    }

    public static Explanation of(CaseToWeigh given, School school) {
        return new Explanation(given, school);
    }

    /**
     * The counted findings in the order of the weight they added given the rest, as steps that begin at the pretest and end
     * at the posttest: after each step the joint likelihood of the findings so far (method M15).
     */
    public List<PathStep> path(String condition) {
        return conditions.get(condition).path();
    }

    /** Pairs within one family that contradict each other beyond chance, for one condition. */
    public List<Contradiction> contradictions(String condition) {
        return Contradiction.among(nodes, conditions.get(condition).selection.speakers);
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
                .filter(t -> !c.selection.spokenTests.contains(t.test()))
                .filter(t -> t.evidence().get(c.candidate.id()) instanceof Weighable)
                .filter(t -> tests.add(t.test()))
                .map(t -> Item.of(
                        t.id(), t.family(), true, (Weighable) t.evidence().get(c.candidate.id())))
                .toList();
    }
}
