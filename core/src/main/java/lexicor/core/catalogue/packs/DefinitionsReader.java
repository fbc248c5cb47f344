package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Definition;
import lexicor.core.catalogue.DefinitionRule;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;
import tools.jackson.databind.JsonNode;

/** Reads the consensus case definitions. */
final class DefinitionsReader {
    private DefinitionsReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("definitions").forEach(e -> problems.collect(() -> content.definitions.add(definition(e))));
        problems.collect(file::done);
    }

    private static Definition definition(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("definitions." + id);
        entry.has("id");
        Definition definition = new Definition(
                id,
                entry.text("condition"),
                entry.text("name"),
                entry.text("source"),
                rule(entry.child("rule")),
                entry.optionalText("note").orElse(""));
        entry.done();
        return definition;
    }

    private static DefinitionRule rule(Entry entry) {
        DefinitionRule rule;
        if (entry.has("all")) {
            rule = new DefinitionRule.AllOf(parts(entry, "all"));
        } else if (entry.has("any")) {
            rule = new DefinitionRule.AnyOf(parts(entry, "any"));
        } else if (entry.has("of")) {
            List<DefinitionRule> of = parts(entry, "of");
            rule = new DefinitionRule.AtLeast(entry.wholeNumber("atLeast", 1, of.size()), of);
        } else {
            throw entry.problem("", "expected one of all, any, or atLeast and of");
        }
        entry.done();
        return rule;
    }

    private static List<DefinitionRule> parts(Entry entry, String field) {
        JsonNode list =
                entry.value(field).filter(JsonNode::isArray).orElseThrow(() -> entry.problem(field, "expected a list"));
        List<DefinitionRule> parts = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            JsonNode part = list.get(i);
            parts.add(
                    part.isString()
                            ? new DefinitionRule.Leaf(part.asString())
                            : rule(Entry.of(entry.file(), entry.path() + "." + field + "[" + i + "]", part)));
        }
        if (parts.isEmpty()) {
            throw entry.problem(field, "expected at least one criterion, history item or rule");
        }
        return List.copyOf(parts);
    }
}
