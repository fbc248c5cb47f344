package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.published.FindingRule;
import lexicor.core.document.Entry;
import tools.jackson.databind.JsonNode;

/** Reads rules over findings: all, any, atLeast k of, and not, nested. */
final class FindingRuleReader {
    private FindingRuleReader() {}

    static FindingRule read(Entry entry) {
        FindingRule rule;
        if (entry.has("all")) {
            rule = new FindingRule.AllOf(parts(entry, "all"));
        } else if (entry.has("any")) {
            rule = new FindingRule.AnyOf(parts(entry, "any"));
        } else if (entry.has("of")) {
            List<FindingRule> of = parts(entry, "of");
            rule = new FindingRule.AtLeast(entry.wholeNumber("atLeast", 1, of.size()), of);
        } else if (entry.has("not")) {
            rule = new FindingRule.Not(part(entry, "not", entry.value("not").orElseThrow()));
        } else {
            throw entry.problem("", "expected one of all, any, not, or atLeast and of");
        }
        entry.done();
        return rule;
    }

    /** The parts that a field lists. */
    static List<FindingRule> parts(Entry entry, String field) {
        JsonNode list =
                entry.value(field).filter(JsonNode::isArray).orElseThrow(() -> entry.problem(field, "expected a list"));
        List<FindingRule> parts = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            parts.add(part(entry, field + "[" + i + "]", list.get(i)));
        }
        if (parts.isEmpty()) {
            throw entry.problem(field, "expected at least one criterion, history item or rule");
        }
        return List.copyOf(parts);
    }

    private static FindingRule part(Entry entry, String place, JsonNode part) {
        return part.isString()
                ? new FindingRule.Leaf(part.asString())
                : read(Entry.of(entry.file(), entry.path().isEmpty() ? place : entry.path() + "." + place, part));
    }
}
