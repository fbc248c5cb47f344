package lexicor.core.catalogue.published;

import java.util.List;

/** How the count of positive members is read. */
public sealed interface ClusterRule {
    /** Positive as soon as this many members are positive. */
    record AtLeast(int positives) implements ClusterRule {}

    /** One likelihood ratio for each count of positive members, from 0 to all. */
    record Strata(List<Stratum> byCount) implements ClusterRule {}

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
