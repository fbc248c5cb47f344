package lexicor.core.weighing;

import java.util.OptionalDouble;
import lexicor.core.weighing.model.Item;

/**
 * What one finding or cluster did for one condition (method M9).
 *
 * @param result {@code positive}, {@code negative}, {@code unclear}, {@code open}, or a strata cluster's count
 * @param lrAlone its likelihood ratio by itself; given where it could have been weighed
 * @param lrAdded what it added given the rest; given where it counted
 * @param judged whether it is weighed by a judgement in words, with no study behind it (method M24)
 * @param because the id of what speaks in its place; empty where nothing does
 */
public record LedgerRow(
        String id,
        Item.Kind kind,
        String result,
        OptionalDouble lrAlone,
        OptionalDouble lrAdded,
        Status status,
        String because,
        boolean judged) {
    /** By how much it moved the condition: what it added in log-odds, without its sign; 0 where it did not count. */
    public double weight() {
        return Math.abs(Math.log(lrAdded.orElse(1)));
    }
}
