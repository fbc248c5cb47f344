package lexicor.core.catalogue.packs;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads what the patient is asked. */
final class HistoryReader {
    private HistoryReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("items").forEach(e -> problems.collect(() -> content.history.add(item(e))));
        problems.collect(file::done);
    }

    private static HistoryItem item(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("items." + id);
        entry.has("id");
        Map<String, Integer> notches = new LinkedHashMap<>();
        if (entry.has("notches")) {
            Entry steps = entry.child("notches");
            steps.fieldNames().forEach(condition -> notches.put(condition, steps.wholeNumber(condition, -2, 2)));
        }
        HistoryItem item = new HistoryItem(
                id,
                entry.text("ask"),
                entry.flag("finding", false),
                entry.optionalText("from").isPresent(),
                years(entry, "ageFrom"),
                years(entry, "ageBelow"),
                notches,
                entry.optionalTexts("complaints"),
                // "trauma" says the same in packs of the first edition.
                entry.flag("injury", false) | entry.flag("trauma", false),
                entry.flag("withoutInjury", false),
                entry.optionalTexts("excludes"));
        entry.oneOf("from", Map.of("ageBand", true), false);
        entry.done();
        return item;
    }

    private static OptionalInt years(Entry entry, String field) {
        return entry.has(field) ? OptionalInt.of(entry.wholeNumber(field, 1, 120)) : OptionalInt.empty();
    }
}
