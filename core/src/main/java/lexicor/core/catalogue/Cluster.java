package lexicor.core.catalogue;

import java.util.List;

/**
 * A published rule on a set of criteria for one condition (method M5).
 *
 * @param accuracy what the publication prints for the rule as a whole; empty for strata, which carry their own
 */
public record Cluster(
        String id,
        String name,
        String condition,
        List<String> members,
        ClusterRule rule,
        List<Figures> accuracy,
        Citation citation) {

    /** Where the cluster comes from. */
    public record Citation(String source, String confidence, boolean derived, String caution) {}
}
