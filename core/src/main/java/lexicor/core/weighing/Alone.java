package lexicor.core.weighing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.model.Item;

/**
 * One condition as the differential takes it (method M17): what speaks for it one by one, and what it comes to by itself.
 *
 * @param speakers of each test the finding that speaks, clusters or not
 * @param spoken the tests that they are of
 * @param logRatio {@code ln LR} of the overlap-aware school
 * @param clusterLog by how much counted clusters move {@code ln LR} beside their members one by one (K); empty without one
 * @param clusterShare by how much that is believed (s)
 */
record Alone(
        Candidate candidate,
        List<Item> speakers,
        Set<String> spoken,
        double logRatio,
        OptionalDouble clusterLog,
        double clusterShare) {
    String id() {
        return candidate.id();
    }

    Optional<Item> speaker(String finding) {
        return speakers.stream().filter(i -> i.id.equals(finding)).findFirst();
    }

    /** {@code s K}, 0 without a counted cluster. */
    double pull() {
        return clusterLog.isPresent() ? clusterShare * clusterLog.getAsDouble() : 0;
    }
}
