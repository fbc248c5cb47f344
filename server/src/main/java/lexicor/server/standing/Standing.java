package lexicor.server.standing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import lexicor.core.planning.Restraint;
import lexicor.core.weighing.Verdict;

/**
 * Where a case stands: short enough to answer every tap.
 *
 * @param settled whether no test left can carry an undecided condition over one of its lines
 * @param left tests not done yet that are better left, with the reason
 */
public record Standing(
        List<ConditionStanding> conditions,
        boolean rankingDependsOnSchool,
        List<NextTestView> next,
        boolean settled,
        List<LeftView> left) {

    /**
     * A test that is better left.
     *
     * @param kind decided: its clusters are; forNothing: it can hurt and tells little
     */
    public record LeftView(String test, Restraint.Kind kind, String words) {}

    /** One condition on its rail. */
    public record ConditionStanding(
            String id,
            String name,
            int rank,
            double pretest,
            double posttest,
            double low,
            double high,
            double lowNewClinic,
            double highNewClinic,
            double probabilityFirst,
            Verdict verdict,
            boolean borderline,
            double ruleOut,
            double act,
            int counted) {}

    /**
     * A test that could be done next, and what it would do.
     *
     * @param firstDo a test that has to come before it and is not done yet
     */
    public record NextTestView(
            String criterion,
            String test,
            String testName,
            String label,
            String position,
            double minutes,
            int provocation,
            double gain,
            @Schema(nullable = true) Double gainPerMinute,
            @Schema(nullable = true) String firstDo,
            List<Effect> effects) {}

    /** What a next test would do to one condition. */
    public record Effect(String condition, String name, double now, double ifPositive, double ifNegative) {}
}
