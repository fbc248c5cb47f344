package lexicor.core.weighing;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.model.Item;

/**
 * One condition as the differential takes it (method M17): what speaks for it one by one, and what it comes to by itself.
 *
 * @param speakers of each test the findings that speak, clusters or not, by id
 * @param spoken the tests that they are of
 * @param logRatio {@code ln LR} of the condition by itself
 * @param clusterLog by how much counted clusters, and open ones that hold, move {@code ln LR} beside their members one by one (K);
 *     empty without one
 * @param clusterShare by how much that is believed (s)
 */
record Alone(
        Candidate candidate,
        Map<String, Item> speakers,
        Set<String> spoken,
        double logRatio,
        OptionalDouble clusterLog,
        double clusterShare) {
    String id() {
        return candidate.id();
    }

    Optional<Item> speaker(String finding) {
        return Optional.ofNullable(speakers.get(finding));
    }

    double pretestLogit() {
        return Logit.of(candidate.pretest());
    }

    /** {@code s K}, 0 without a counted cluster. */
    double pull() {
        return clusterLog.isPresent() ? clusterShare * clusterLog.getAsDouble() : 0;
    }

    /** The same with one more finding that speaks, of a test that has not spoken yet. */
    Alone with(Item further, String test, double changedLogRatio) {
        Map<String, Item> more = new LinkedHashMap<>(speakers);
        more.put(further.id, further);
        Set<String> tests = new LinkedHashSet<>(spoken);
        tests.add(test);
        return new Alone(candidate, more, tests, changedLogRatio, clusterLog, clusterShare);
    }
}
