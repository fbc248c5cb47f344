package lexicor.core.weighing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The result of a weighing.
 *
 * <p>What the other ways to weigh come to, and whether anything is left that could change a verdict, is worked out when it is first
 * asked for, since most that look at a case do not ask. For one thread.
 */
public final class WeighedCase {
    private final List<WeighedCondition> conditions;
    private final List<NextTest> nextTests;
    private final Supplier<Map<School, Map<String, Double>>> bySchool;
    private final Supplier<Boolean> atAnEnd;
    private final boolean anyCluster;
    private Map<School, Map<String, Double>> schools;
    private Boolean settled;

    WeighedCase(
            List<WeighedCondition> conditions,
            List<NextTest> nextTests,
            Supplier<Map<School, Map<String, Double>>> bySchool,
            boolean anyCluster,
            Supplier<Boolean> atAnEnd) {
        this.conditions = conditions;
        this.nextTests = nextTests;
        this.bySchool = bySchool;
        this.anyCluster = anyCluster;
        this.atAnEnd = atAnEnd;
    }

    /** In rank order of the school in force. */
    public List<WeighedCondition> conditions() {
        return conditions;
    }

    public Optional<WeighedCondition> condition(String id) {
        return conditions.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** In order of gain. */
    public List<NextTest> nextTests() {
        return nextTests;
    }

    /** Each school's probability of each condition (method M8). */
    public Map<School, Map<String, Double>> schools() {
        if (schools == null) {
            schools = bySchool.get();
        }
        return schools;
    }

    /**
     * Whether the schools disagree on which condition comes first. With no decided cluster, the clusters' school shows the pretests
     * and has no say.
     */
    public boolean rankingDependsOnSchool() {
        return schools().entrySet().stream()
                        .filter(s -> s.getKey() != School.PUBLISHED_CLUSTERS || anyCluster)
                        .map(s -> first(s.getValue()))
                        .distinct()
                        .count()
                > 1;
    }

    /** Whether no offered test could carry an undecided condition over one of its lines (method M10). */
    public boolean settled() {
        if (settled == null) {
            settled = atAnEnd.get();
        }
        return settled;
    }

    private static String first(Map<String, Double> byCondition) {
        String first = "";
        double largest = Double.NEGATIVE_INFINITY;
        for (Map.Entry<String, Double> e : byCondition.entrySet()) {
            if (e.getValue() > largest) {
                first = e.getKey();
                largest = e.getValue();
            }
        }
        return first;
    }
}
