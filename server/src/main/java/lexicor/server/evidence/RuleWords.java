package lexicor.server.evidence;

import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.FindingRule;

/** A rule over findings in words. */
final class RuleWords {
    private RuleWords() {}

    static String of(FindingRule rule, Catalogue catalogue) {
        if (rule instanceof FindingRule.Leaf leaf) {
            return catalogue.findingName(leaf.finding());
        }
        String between =
                rule instanceof FindingRule.AllOf ? " and " : rule instanceof FindingRule.AnyOf ? " or " : "; ";
        String parts = rule.parts()
                .map(p -> p instanceof FindingRule.Leaf ? of(p, catalogue) : "(" + of(p, catalogue) + ")")
                .collect(Collectors.joining(between));
        if (rule instanceof FindingRule.Not) {
            return "not " + parts;
        }
        return rule instanceof FindingRule.AtLeast count ? "at least " + count.count() + " of: " + parts : parts;
    }
}
