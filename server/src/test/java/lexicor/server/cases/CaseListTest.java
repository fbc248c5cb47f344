package lexicor.server.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lexicor.core.examination.DefinitionState.State;
import lexicor.core.weighing.Verdict;
import lexicor.core.weighing.listed.ListedCondition.Group;
import lexicor.server.standing.Standing.AimedView;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.DefinitionView;
import lexicor.server.standing.Standing.StartView;
import org.junit.jupiter.api.Test;

/** What the list of cases names of one. */
class CaseListTest {
    private static final ConditionStanding UNTOUCHED = condition("untouched", 0.6, 0.6, false, 0, false);
    private static final ConditionStanding LOWERED = condition("lowered", 0.3, 0.1, true, 0, false);
    private static final ConditionStanding RAISED = condition("raised", 0.1, 0.2, true, 1, false);
    private static final ConditionStanding POSITIVE = condition("positive", 0.4, 0.4, false, 3, false);
    private static final ConditionStanding MET = condition("met", 0.4, 0.4, false, 2, true);

    @Test
    void itIsWhatTheFindingsPointToAndNeverWhatNothingTouched() {
        assertThat(named(UNTOUCHED)).isEmpty();
        assertThat(named(LOWERED, UNTOUCHED)).containsExactly("lowered");
        assertThat(named(LOWERED, UNTOUCHED, POSITIVE)).containsExactly("positive");
        assertThat(named(LOWERED, POSITIVE, MET)).containsExactly("met");
        assertThat(named(LOWERED, RAISED, POSITIVE, MET)).containsExactly("raised");
    }

    private static List<String> named(ConditionStanding... conditions) {
        return CaseList.leading(List.of(conditions)).map(ConditionStanding::id).stream()
                .toList();
    }

    private static ConditionStanding condition(
            String id, double pretest, double posttest, boolean weighed, int positive, boolean met) {
        return new ConditionStanding(
                id,
                id,
                1,
                pretest,
                posttest,
                0,
                1,
                0,
                1,
                null,
                Verdict.UNDECIDED,
                false,
                0.05,
                0.7,
                0,
                weighed,
                weighed ? Group.WEIGHED : positive > 0 || met ? Group.FOUND : Group.UNTOUCHED,
                null,
                met ? "meets its definition" : null,
                null,
                "base rate 40 %",
                new StartView(0.4, List.of(), false),
                List.of(),
                new AimedView(positive, 0, 0, ""),
                met ? List.of(new DefinitionView("d", "d", "s", "", State.MET, 1, 1, "")) : List.of(),
                null);
    }
}
