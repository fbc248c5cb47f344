package lexicor.core.weighing.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Truth;
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

    /**
     * What the rule comes to from its members' results: positive, negative, a count, or empty while it is open.
     *
     * @param of each member's result; empty or unclear where it is open
     */
    public static Optional<String> outcome(RecordedCluster cluster, Function<String, Optional<Result>> of) {
        if (cluster.rule() instanceof ClusterRule.Strata) {
            List<Truth> members =
                    cluster.members().stream().map(m -> truth(of, m)).toList();
            long positives = members.stream().filter(t -> t == Truth.HOLDS).count();
            return members.contains(Truth.UNKNOWN) ? Optional.empty() : Optional.of(Long.toString(positives));
        }
        return switch (truth(cluster, m -> truth(of, m))) {
            case HOLDS -> Optional.of(Result.POSITIVE.id());
            case FAILS -> Optional.of(Result.NEGATIVE.id());
            case UNKNOWN -> Optional.empty();
        };
    }

    private static Truth truth(RecordedCluster cluster, Function<String, Truth> of) {
        if (cluster.rule() instanceof ClusterRule.AtLeast rule) {
            return Truth.atLeast(
                    rule.positives(), cluster.members().stream().map(of).toList());
        }
        return cluster.rule() instanceof ClusterRule.Points points
                ? PointsSoFar.of(points, of).truth()
                : ((ClusterRule.Nested) cluster.rule()).rule().truth(of);
    }

    private static Truth truth(Function<String, Optional<Result>> of, String member) {
        return of.apply(member)
                .filter(r -> r != Result.UNCLEAR)
                .map(r -> Truth.of(r == Result.POSITIVE))
                .orElse(Truth.UNKNOWN);
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

    /** Whether one of its members is, or reads the same as, a criterion (method M3). */
    public boolean readsTheSameAs(String criterion, Families families) {
        return cluster.members().stream().anyMatch(m -> families.readTheSame(m, criterion));
    }

    /** Whether the cluster only rules in and came out against the condition, so that it says nothing. */
    public boolean isSilent() {
        return cluster.rulesInOnly() && logAlone() < 0;
    }
}
