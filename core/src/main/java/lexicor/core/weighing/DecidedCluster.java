package lexicor.core.weighing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.ClusterRule;
import lexicor.core.evidence.Evidence.Weighable;

/**
 * A cluster whose rule is decided, so that it can speak for its members (method M5).
 *
 * @param result {@code positive}, {@code negative}, or the count of positives
 * @param reading it as an item of the joint likelihood, its family still to be set
 */
record DecidedCluster(RecordedCluster cluster, String result, Reading reading) {
    /** Most members first, then the larger study, then the id. */
    static final Comparator<DecidedCluster> BY_PRECEDENCE = Comparator.<DecidedCluster>comparingInt(
                    d -> -d.cluster.members().size())
            .thenComparingDouble(d -> -d.reading.in("").people)
            .thenComparing(d -> d.cluster.id());

    /** Turns the decided rule into an item of a family. */
    interface Reading {
        Item in(String family);
    }

    /** Decides the cluster from its members' results; empty while it is open. */
    static Optional<DecidedCluster> decide(
            RecordedCluster cluster, Optional<Weighable> evidence, List<Optional<Result>> members) {
        long positives = members.stream()
                .filter(m -> m.equals(Optional.of(Result.POSITIVE)))
                .count();
        long negatives = members.stream()
                .filter(m -> m.equals(Optional.of(Result.NEGATIVE)))
                .count();
        long open = members.size() - positives - negatives;
        if (cluster.rule() instanceof ClusterRule.Strata strata) {
            return open > 0
                    ? Optional.empty()
                    : Optional.of(new DecidedCluster(
                            cluster,
                            Long.toString(positives),
                            f -> Item.of(cluster.id(), f, strata.byCount().get((int) positives))));
        }
        int needed = ((ClusterRule.AtLeast) cluster.rule()).positives();
        boolean positive = positives >= needed;
        if (!positive && positives + open >= needed) {
            return Optional.empty();
        }
        Weighable weighable = evidence.orElseThrow();
        Result result = positive ? Result.POSITIVE : Result.NEGATIVE;
        return Optional.of(
                new DecidedCluster(cluster, result.id(), f -> Item.of(cluster.id(), f, positive, weighable)));
    }

    double logAlone() {
        return reading.in("").logAlone;
    }

    boolean sharesWith(DecidedCluster other) {
        return cluster.members().stream().anyMatch(other.cluster.members()::contains);
    }
}
