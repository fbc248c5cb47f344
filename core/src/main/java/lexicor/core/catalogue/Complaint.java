package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the patient comes with, and the conditions that are its usual candidates.
 *
 * @param injury whether it is one that began with an injury
 * @param hurts areas of the drawn body that it fits, as ids; it is offered first where one of them is tapped
 * @param also tests proposed whatever its candidates are
 * @param pretests base rates for this complaint by condition and setting, in place of the condition's own
 */
public record Complaint(
        String id,
        String name,
        List<String> regions,
        List<String> candidates,
        Map<String, Map<Setting, Double>> pretests,
        List<String> also,
        boolean injury,
        List<String> hurts) {

    /** The base rate of the condition for this complaint; empty where the condition's own applies. */
    public Optional<Double> pretest(String condition, Setting setting) {
        return Optional.ofNullable(pretests.get(condition)).map(rates -> rates.get(setting));
    }

    /** The base rate of the condition among patients who come with this: the complaint's, or else the condition's own. */
    public double startingRate(Condition condition, Setting setting) {
        return pretest(condition.id(), setting)
                .orElseGet(() -> condition.pretest().get(setting));
    }

    /** Whether the test examines a region that the complaint is about. */
    public boolean covers(ClinicalTest test) {
        return regions.contains(test.region());
    }
}
