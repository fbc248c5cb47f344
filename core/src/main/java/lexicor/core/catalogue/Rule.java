package lexicor.core.catalogue;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** When a criterion is positive: comparisons of readings, joined by all, any and not. */
public sealed interface Rule {
    record AllOf(List<Rule> rules) implements Rule {}

    record AnyOf(List<Rule> rules) implements Rule {}

    record Not(Rule rule) implements Rule {}

    record Comparison(ReadingLeaf leaf, Operator operator) implements Rule {}

    /** What a single reading is held against. Limits belong to the range: at least 5 holds for 5. */
    sealed interface Operator {
        record Is(boolean expected) implements Operator {}

        record IsCode(String code) implements Operator {}

        record In(Set<String> codes) implements Operator {}

        record AtLeast(double limit) implements Operator {}

        record AtMost(double limit) implements Operator {}

        record Between(double low, double high) implements Operator {}

        /** More than the other side by at least this much, in the reading's own unit. */
        record MoreThanOtherSideBy(double amount) implements Operator {}

        /** Less than the other side by at least this share of the other side, in percent. */
        record LessThanOtherSideByPercent(double percent) implements Operator {}
    }

    /** All comparisons in the rule, in the order written. */
    default Stream<Comparison> comparisons() {
        if (this instanceof AllOf all) {
            return all.rules().stream().flatMap(Rule::comparisons);
        }
        if (this instanceof AnyOf any) {
            return any.rules().stream().flatMap(Rule::comparisons);
        }
        return this instanceof Not not ? not.rule().comparisons() : Stream.of((Comparison) this);
    }
}
