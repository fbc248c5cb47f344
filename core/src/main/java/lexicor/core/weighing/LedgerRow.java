package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.OptionalDouble;

/**
 * What one finding or cluster did for one condition (method M9).
 *
 * @param result {@code positive}, {@code negative}, {@code unclear}, {@code open}, or a strata cluster's count
 * @param lrAlone its likelihood ratio by itself; given where it could have been weighed
 * @param lrAdded what it added given the rest; given where it counted
 * @param because the id of what speaks in its place; empty where nothing does
 */
public record LedgerRow(
        String id,
        Kind kind,
        String result,
        OptionalDouble lrAlone,
        OptionalDouble lrAdded,
        Status status,
        String because) {

    /** What stands in the row. */
    public enum Kind {
        FINDING("finding"),
        CLUSTER("cluster");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }
}
