package lexicor.core.catalogue.published;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A published rule on a set of criteria for one condition (method M5).
 *
 * @param accuracy what the publication prints for the rule as a whole; empty for strata, which carry their own
 * @param bias of that study: low, unclear or high
 * @param rulesInOnly whether it only rules in: its negative is not weighed
 * @param ownCases what the department counted for the rule in its own cases, weighed as one more study; empty where it is not
 */
public record Cluster(
        String id,
        String name,
        String condition,
        List<String> members,
        ClusterRule rule,
        List<Figures> accuracy,
        String bias,
        boolean rulesInOnly,
        Citation citation,
        Optional<OwnCases> ownCases) {

    /**
     * The department's own count of a rule.
     *
     * @param highRiskOfBias whether who was verified hung on the result
     */
    public record OwnCases(Figures figures, boolean highRiskOfBias) {}

    public boolean isAtHighRisk() {
        return bias.equals(AccuracyRow.HIGH);
    }

    /**
     * Where the cluster comes from.
     *
     * @param derived whether its figures were computed from published ones
     * @param designed whether it is a department's own, put together from its members' figures and never studied as a whole
     */
    public record Citation(String source, String confidence, boolean derived, boolean designed, String caution) {}

    /** The cluster's content as a short name; it differs as soon as anything that is weighed does. */
    public String fingerprint() {
        List<String> content = new ArrayList<>(List.of(
                "cluster",
                id,
                condition,
                members.toString(),
                rule.toString(),
                accuracy.stream().map(Cluster::text).toList().toString(),
                citation.source()));
        if (!bias.equals(AccuracyRow.UNCLEAR)) {
            // What was signed off before clusters stated their bias stays signed off.
            content.add(bias);
        }
        if (rulesInOnly) {
            content.add("rules in only");
        }
        ownCases.ifPresent(own -> content.add("own cases OwnCases[figures=" + text(own.figures()) + ", highRiskOfBias="
                + own.highRiskOfBias() + "]"));
        return Fingerprint.of(content);
    }

    /** As it was written before a total could be stated, so that what was signed off then stays signed off. */
    private static String text(Figures f) {
        return "Figures[sensitivity=" + f.sensitivity() + ", specificity=" + f.specificity() + ", diseased="
                + f.diseased() + ", healthy=" + f.healthy()
                + (f.people().isPresent() ? ", people=" + f.people() : "") + "]";
    }
}
