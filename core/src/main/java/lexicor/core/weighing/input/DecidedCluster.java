package lexicor.core.weighing.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.weighing.model.Item;

/**
 * A cluster whose rule is decided, so that it can speak for its members (method M5).
 *
 * @param result {@code positive}, {@code negative}, or the count of positives
 * @param reading it as an item of the joint likelihood, its family still to be set
 */
public record DecidedCluster(RecordedCluster cluster, String result, Reading reading) {
    /** Most members first, then the larger study, then the id. */
    public static final Comparator<DecidedCluster> BY_PRECEDENCE = Comparator.<DecidedCluster>comparingInt(
                    d -> -d.cluster.members().size())
            .thenComparingDouble(d -> -d.reading.in("").people)
            .thenComparing(d -> d.cluster.id());

    /** Turns the decided rule into an item of a family. */
    public interface Reading {
        Item in(String family);
    }

    /** What the rule comes to from its members' results: positive, negative, a count, or empty while it is open. */
    public static Optional<String> outcome(RecordedCluster cluster, List<Optional<Result>> members) {
        long positives = count(members, Result.POSITIVE);
        long open = members.size() - positives - count(members, Result.NEGATIVE);
        if (cluster.rule() instanceof ClusterRule.AtLeast rule) {
            if (positives >= rule.positives()) {
                return Optional.of(Result.POSITIVE.id());
            }
            return positives + open < rule.positives() ? Optional.of(Result.NEGATIVE.id()) : Optional.empty();
        }
        return open > 0 ? Optional.empty() : Optional.of(Long.toString(positives));
    }

    private static long count(List<Optional<Result>> members, Result result) {
        return members.stream().filter(m -> m.equals(Optional.of(result))).count();
    }

    /** The decided cluster with the figures that its rule's outcome calls for. */
    public static DecidedCluster of(RecordedCluster cluster, String outcome, Optional<Weighable> evidence) {
        if (cluster.rule() instanceof ClusterRule.Strata strata) {
            ClusterRule.Stratum stratum = strata.byCount().get(Integer.parseInt(outcome));
            return new DecidedCluster(cluster, outcome, f -> Item.of(cluster.id(), f, stratum));
        }
        Weighable weighable = evidence.orElseThrow();
        boolean positive = outcome.equals(Result.POSITIVE.id());
        return new DecidedCluster(
                cluster, outcome, f -> Item.of(Item.Kind.CLUSTER, cluster.id(), f, positive, weighable));
    }

    public double logAlone() {
        return reading.in("").logAlone;
    }

    /** Whether the two have a member in common, or members that are criteria of one test: a test is one observation. */
    public boolean sharesWith(DecidedCluster other, Families families) {
        Set<String> tests = other.cluster.members().stream().map(families::test).collect(Collectors.toSet());
        return cluster.members().stream().map(families::test).anyMatch(tests::contains);
    }

    /** Whether the cluster only rules in and came out against the condition, so that it says nothing. */
    public boolean isSilent() {
        return cluster.rulesInOnly() && logAlone() < 0;
    }
}
