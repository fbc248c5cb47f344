package lexicor.core.weighing.input;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Truth;
import lexicor.core.examination.Findings;

/**
 * How far a published cluster has come in one examination (method M5).
 *
 * @param positives members with a positive outcome
 * @param open members without a clear outcome, as criterion ids
 * @param decided what the rule came to, empty while more members could change it
 * @param points how far a score has come; empty for a rule without points
 */
public record ClusterProgress(
        Cluster cluster, int positives, List<String> open, Optional<String> decided, Optional<PointsSoFar> points) {
    public static ClusterProgress of(Cluster cluster, Findings findings) {
        List<String> open = cluster.members().stream()
                .filter(m -> result(findings, m).isEmpty())
                .toList();
        RecordedCluster recorded =
                new RecordedCluster(cluster.id(), cluster.condition(), cluster.members(), cluster.rule(), Map.of());
        int positives = (int) cluster.members().stream()
                .filter(m -> result(findings, m).equals(Optional.of(Result.POSITIVE)))
                .count();
        Optional<PointsSoFar> points = cluster.rule() instanceof ClusterRule.Points rule
                ? Optional.of(PointsSoFar.of(rule, m -> result(findings, m)
                        .map(r -> Truth.of(r == Result.POSITIVE))
                        .orElse(Truth.UNKNOWN)))
                : Optional.empty();
        return new ClusterProgress(
                cluster, positives, open, DecidedCluster.outcome(recorded, m -> result(findings, m)), points);
    }

    /** Whether the rule is decided although members are open: whatever they show, it stays so. */
    public boolean isDecidedEarly() {
        return decided.isPresent() && !open.isEmpty() && cluster.rule().isThreshold();
    }

    /** Whether its outcome is weighed: one that only rules in says nothing when it comes out against the condition. */
    public boolean speaks() {
        return !cluster.rulesInOnly() || !decided.equals(Optional.of(Result.NEGATIVE.id()));
    }

    private static Optional<Result> result(Findings findings, String member) {
        return findings.of(member).flatMap(f -> switch (f.outcome()) {
            case POSITIVE -> Optional.of(Result.POSITIVE);
            case NEGATIVE -> Optional.of(Result.NEGATIVE);
            case UNCLEAR, NOT_DONE -> Optional.empty();
        });
    }
}
