package lexicor.core.catalogue.packs;

import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Definition;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

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
                FindingRuleReader.read(entry.child("rule")),
                entry.optionalText("note").orElse(""));
        entry.done();
        return definition;
    }
}
