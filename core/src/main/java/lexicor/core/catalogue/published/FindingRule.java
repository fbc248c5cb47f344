package lexicor.core.catalogue.published;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * When a definition is met or a published rule holds: criteria and history items, joined by all, any, a count and not (method M5, M18).
 */
public sealed interface FindingRule {
    record AllOf(List<FindingRule> rules) implements FindingRule {}

    record AnyOf(List<FindingRule> rules) implements FindingRule {}

    record AtLeast(int count, List<FindingRule> of) implements FindingRule {}

    record Not(FindingRule rule) implements FindingRule {}

    /** A criterion that is positive, or a history item answered yes. */
    record Leaf(String finding) implements FindingRule {}

    /** The criteria and history items named, in the order written. */
    default Stream<String> findings() {
        return this instanceof Leaf leaf ? Stream.of(leaf.finding()) : parts().flatMap(FindingRule::findings);
    }

    /** What it is joined of; a single finding is its own only part. */
    default Stream<FindingRule> parts() {
        if (this instanceof AllOf all) {
            return all.rules().stream();
        }
        if (this instanceof AnyOf any) {
            return any.rules().stream();
        }
        if (this instanceof Not not) {
            return Stream.of(not.rule());
        }
        return this instanceof AtLeast count ? count.of().stream() : Stream.of(this);
    }

    /**
     * Whether it holds, three-valued.
     *
     * @param of what is known of each finding
     */
    default Truth truth(Function<String, Truth> of) {
        if (this instanceof Leaf leaf) {
            return of.apply(leaf.finding());
        }
        List<Truth> parts = parts().map(p -> p.truth(of)).toList();
        if (this instanceof AllOf) {
            return Truth.all(parts);
        }
        if (this instanceof AnyOf) {
            return Truth.any(parts);
        }
        return this instanceof AtLeast count
                ? Truth.atLeast(count.count(), parts)
                : parts.get(0).not();
    }
}
