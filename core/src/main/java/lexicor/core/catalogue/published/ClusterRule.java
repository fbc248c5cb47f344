package lexicor.core.catalogue.published;

import java.util.List;

/** How the results of a cluster's members are read (method M5). */
public sealed interface ClusterRule {
    /** Positive as soon as this many members are positive. */
    record AtLeast(int positives) implements ClusterRule {}

    /** Positive as soon as the points of what is positive reach the line. */
    record Points(List<Weighted> items, double line) implements ClusterRule {
        /** The most that can be reached. */
        public double most() {
            return items.stream().mapToDouble(Weighted::points).sum();
        }
    }

    /**
     * What earns points.
     *
     * @param label what it is called; empty where its finding's name says it
     * @param points above 0
     */
    record Weighted(String label, FindingRule rule, double points) {}

    /** Positive when the rule holds, negative when it cannot hold any more. */
    record Nested(FindingRule rule) implements ClusterRule {}

    /** One likelihood ratio for each count of positive members, from 0 to all. */
    record Strata(List<Stratum> byCount) implements ClusterRule {}

    /** Whether it has a sensitivity and a specificity, not a ratio for each count. */
    default boolean isThreshold() {
        return !(this instanceof Strata);
    }

    /**
     * One count's likelihood ratio.
     *
     * @param lr the likelihood ratio, above 0
     * @param logSd standard deviation of its natural logarithm
     */
    record Stratum(double lr, double logSd) {
        /** Where a publication gives no interval; a working assumption (method M5). */
        public static final double DEFAULT_LOG_SD = 0.35;
    }
}
