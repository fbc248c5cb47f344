package lexicor.core.catalogue.packs;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.Particulars;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.document.Entry;
import tools.jackson.databind.JsonNode;

/** Reads what is particular to a test: its places, sites, cheats and notes, its words, and how looseness and relief are read. */
final class ParticularsReader {
    private ParticularsReader() {}

    static Particulars read(Entry test) {
        return new Particulars(
                ShortName.read(test),
                test.flag("looseness", false),
                test.optionalNumber("differenceMm", 1, 100).orElse(Particulars.USUAL_DIFFERENCE_MM),
                test.optionalText("relieves"),
                test.optionalText("nerve"),
                choices(test, "places"),
                choices(test, "sites"),
                choices(test, "cheats"),
                test.optionalTexts("notes"),
                words(test),
                qualities(test));
    }

    /** A list of ids with their words; none where the field is absent. */
    static List<Choice> choices(Entry entry, String field) {
        if (!entry.has(field)) {
            return List.of();
        }
        Set<String> seen = new HashSet<>();
        return entry.each(field, e -> {
            // The place of a test's first set of readings has no name of its own.
            JsonNode given = e.value("id").orElseThrow(() -> e.problem("id", "missing"));
            if (!given.isString()) {
                throw e.problem("id", "expected a text, found " + given);
            }
            String id = given.asString();
            e.has("id");
            Choice choice = new Choice(id, e.text("label"));
            e.done();
            if (!seen.add(id)) {
                throw e.problem("id", id + " is given twice");
            }
            return choice;
        });
    }

    private static Map<ReadingLeaf, Words> words(Entry test) {
        Map<ReadingLeaf, Words> words = new EnumMap<>(ReadingLeaf.class);
        if (test.has("words")) {
            Entry entry = test.child("words");
            entry.fieldNames().forEach(name -> {
                ReadingLeaf leaf = leaf(entry, name, name);
                if (leaf.kind() == Kind.FLAG) {
                    List<String> both = entry.texts(name);
                    if (both.size() != 2) {
                        throw entry.problem(name, "expected two texts: what is so, and what is not");
                    }
                    words.put(leaf, new Words(both.get(0), both.get(1)));
                } else {
                    words.put(leaf, new Words(entry.text(name), ""));
                }
            });
            entry.done();
        }
        return Map.copyOf(words);
    }

    private static Set<ReadingLeaf> qualities(Entry test) {
        Set<ReadingLeaf> leaves = EnumSet.noneOf(ReadingLeaf.class);
        if (test.has("qualities")) {
            test.texts("qualities").forEach(name -> leaves.add(leaf(test, "qualities", name)));
        }
        return Set.copyOf(leaves);
    }

    private static ReadingLeaf leaf(Entry entry, String field, String name) {
        return ReadingLeaf.named(name).orElseThrow(() -> entry.problem(field, "there is no reading " + name));
    }
}
