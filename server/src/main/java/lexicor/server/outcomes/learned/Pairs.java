package lexicor.server.outcomes.learned;

import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * What two examiners found in one patient, as it is stored.
 *
 * @param criteria both outcomes, by criterion: positive or not
 * @param measures both means, by measure and reading
 */
record Pairs(Map<String, boolean[]> criteria, Map<String, double[]> measures) {
    private static final JsonMapper JSON = JsonMapper.shared();

    static Pairs read(String stored) {
        return JSON.readValue(stored, Pairs.class);
    }

    String stored() {
        return JSON.writeValueAsString(this);
    }
}
