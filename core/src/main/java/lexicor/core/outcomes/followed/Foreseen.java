package lexicor.core.outcomes.followed;

import java.util.Map;
import java.util.Optional;
import lexicor.core.weighing.School;

/**
 * What was thought of a condition at the last moment before it was known, kept as it was then.
 *
 * @param used the way to weigh that the department followed
 * @param pretest in [0, 1]
 * @param bySchool what each way to weigh said, in [0, 1]
 * @param hunch what an examiner said without the program; empty where nobody did
 */
public record Foreseen(
        String condition, School used, double pretest, Map<School, Double> bySchool, Optional<Stated> hunch) {

    /**
     * @param by who
     * @param probability in [0, 1]
     */
    public record Stated(String by, double probability) {}

    /** What the program showed. */
    public double shown() {
        return bySchool.get(used);
    }
}
