package lexicor.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.Result;

/**
 * The bits that each chosen test was expected to gain when it was chosen, beside what the best available one would have
 * (method M10, M14).
 */
public final class TestOrder {
    /**
     * One choice.
     *
     * @param gain expected bits of the test chosen; 0 where it was not offered any more
     * @param best expected bits of the best test then available
     */
    public record Step(String test, double gain, double best) {}

    private TestOrder() {}

    /**
     * @param start the simulated patient before any of these tests
     * @param chosen tests in the order chosen, each among the case's candidates
     * @param results what each of them showed
     */
    public static List<Step> score(CaseToWeigh start, List<String> chosen, Map<String, Result> results) {
        List<Step> steps = new ArrayList<>();
        CaseToWeigh now = start;
        for (String id : chosen) {
            List<NextTest> next = Weighing.weigh(now).nextTests();
            double gain = next.stream()
                    .filter(t -> t.id().equals(id))
                    .mapToDouble(NextTest::gain)
                    .findFirst()
                    .orElse(0);
            steps.add(new Step(id, gain, next.isEmpty() ? 0 : next.get(0).gain()));
            now = withResult(now, id, results.get(id));
        }
        return List.copyOf(steps);
    }

    private static CaseToWeigh withResult(CaseToWeigh given, String id, Result result) {
        OfferedTest test = given.candidates().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(id + " is not among the case's candidates"));
        if (result == null) {
            throw new IllegalArgumentException("there is no result for " + id);
        }
        return given.with(test.recorded(result));
    }
}
