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

    /**
     * Where the cluster comes from.
     *
     * @param derived whether its figures were computed from published ones
     * @param designed whether it is a department's own, put together from its members' figures and never studied as a whole
     */
    public record Citation(String source, String confidence, boolean derived, boolean designed, String caution) {}

    /** The cluster's content as a short name; it differs as soon as anything that is weighed does. */
    public String fingerprint() {
        return Fingerprint.of(List.of(
                "cluster", id, condition, members.toString(), rule.toString(), accuracy.toString(), citation.source()));
    }
}
