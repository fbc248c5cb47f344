package lexicor.core.weighing;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The result of a weighing.
 *
 * @param conditions in rank order of the school in force
 * @param schools each school's probability of each condition
 * @param rankingDependsOnSchool whether the schools disagree on which condition comes first
 * @param nextTests in order of gain
 * @param settled whether no offered test could carry an undecided condition over one of its lines
 */
public record WeighedCase(
        List<WeighedCondition> conditions,
        Map<School, Map<String, Double>> schools,
        boolean rankingDependsOnSchool,
        List<NextTest> nextTests,
        boolean settled) {
    public Optional<WeighedCondition> condition(String id) {
        return conditions.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
