package lexicor.core.catalogue;

import java.util.List;
import java.util.stream.Stream;

/** When a case definition is met: criteria and history items, joined by all, any and a count. */
public sealed interface DefinitionRule {
    record AllOf(List<DefinitionRule> rules) implements DefinitionRule {}

    record AnyOf(List<DefinitionRule> rules) implements DefinitionRule {}

    record AtLeast(int count, List<DefinitionRule> of) implements DefinitionRule {}

    /** A criterion that is positive, or a history item answered yes. */
    record Leaf(String finding) implements DefinitionRule {}

    /** The criteria and history items named, in the order written. */
    default Stream<String> findings() {
        if (this instanceof AllOf all) {
            return all.rules().stream().flatMap(DefinitionRule::findings);
        }
        if (this instanceof AnyOf any) {
            return any.rules().stream().flatMap(DefinitionRule::findings);
        }
        return this instanceof AtLeast count
                ? count.of().stream().flatMap(DefinitionRule::findings)
                : Stream.of(((Leaf) this).finding());
    }
}
