package lexicor.core.weighing.input;

import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence;

/**
 * A published cluster as it enters the weighing (method M5).
 *
 * @param members finding ids; one that is no finding of the case is open
 * @param rulesInOnly whether its negative is not weighed
 * @param evidence the rule's own accuracy under its condition's id; empty where none is known, and for strata
 */
public record RecordedCluster(
        String id,
        String condition,
        List<String> members,
        ClusterRule rule,
        Map<String, Evidence> evidence,
        boolean rulesInOnly) {
    /** One that speaks both ways. */
    public RecordedCluster(
            String id, String condition, List<String> members, ClusterRule rule, Map<String, Evidence> evidence) {
        this(id, condition, members, rule, evidence, false);
    }
}
