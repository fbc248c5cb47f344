package lexicor.server.practice;

import java.util.List;
import java.util.Map;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Question;
import tools.jackson.databind.json.JsonMapper;

/** What is stored of each kind of step. */
final class StepBodies {
    // What is null is a change: a leaf that was cleared.
    private static final JsonMapper STORED = JsonMapper.shared();

    private StepBodies() {}

    record SaidBody(Courtesy what) {}

    record AskedBody(Question kind, String id) {}

    /** A place of a test on one side. */
    record DidBody(String test, String at, String side) {}

    record TapBody(String test, String at, String side, String changes, String variant) {}

    record AheadBody(String test, String reason) {}

    /**
     * @param sets sets that were put in as one; null where that was not said
     */
    record PlanBody(List<String> tests, List<String> sets) {}

    /** An answer that is null leaves the ladder. */
    record LadderBody(String ladder, String answer) {}

    /**
     * @param atEnd whether it is the one at the end
     */
    record HunchBody(boolean atEnd, Map<String, Double> probabilities) {}

    /**
     * @param plan the condition whose usual next step was chosen; empty for none of them, null where no plan was made
     */
    record EndBody(String plan) {}

    record Nothing() {}

    static String write(Object body) {
        return STORED.writeValueAsString(body);
    }

    static <T> T read(StepRecord step, Class<T> body) {
        return STORED.readValue(step.body, body);
    }
}
