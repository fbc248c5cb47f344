package lexicor.core.catalogue.packs;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.Raising;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads what stops an examination: precautions, warning signs with what they set, and what raises them. */
final class SafetyReader {
    private static final int OLDEST = 120;
    private static final int MOST = 20;
    private static final Map<String, WarningSign.Reach> REACHES = Map.of(
            "all", WarningSign.Reach.ALL, "limb", WarningSign.Reach.LIMB, "criterion", WarningSign.Reach.CRITERION);

    private SafetyReader() {}

    static void precautions(Entry file, Content content, Problems problems) {
        file.children("precautions")
                .forEach(listed -> problems.collect(() -> {
                    String id = listed.text("id");
                    Entry entry = listed.named("precautions." + id);
                    entry.has("id");
                    Map<String, String> eased = new LinkedHashMap<>();
                    if (entry.has("eased")) {
                        Entry tests = entry.child("eased");
                        tests.fieldNames().forEach(test -> eased.put(test, tests.text(test)));
                    }
                    content.precautions.add(new Precaution(
                            id,
                            entry.text("label"),
                            entry.optionalTexts("blocks"),
                            entry.optionalTexts("cautions"),
                            eased));
                    entry.done();
                }));
        file.done();
    }

    static WarningSign warning(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("warnings." + id);
        entry.has("id");
        WarningSign warning = new WarningSign(
                id,
                entry.text("when"),
                entry.text("message"),
                entry.optionalTexts("sets"),
                entry.optionalTexts("setsAfterInjury"),
                scope(entry),
                entry.optionalTexts("cautions"),
                entry.flag("discreet", false));
        entry.done();
        return warning;
    }

    /** One word, or regions; everywhere where nothing is said. */
    private static WarningSign.Scope scope(Entry entry) {
        List<String> said = entry.optionalTexts("scope");
        if (said.isEmpty()) {
            return new WarningSign.Scope(WarningSign.Reach.ALL, Set.of());
        }
        if (said.size() == 1 && REACHES.containsKey(said.get(0))) {
            return new WarningSign.Scope(REACHES.get(said.get(0)), Set.of());
        }
        for (String region : said) {
            if (!Packs.REGIONS.contains(region)) {
                throw entry.problem(
                        "scope", "expected all, limb or criterion alone, or regions; there is no region " + region);
            }
        }
        return new WarningSign.Scope(WarningSign.Reach.REGIONS, Set.copyOf(said));
    }

    static void raises(Entry file, Content content, Problems problems) {
        List<Entry> listed = file.children("raises");
        for (Entry entry : listed) {
            problems.collect(() -> content.raisings.add(raising(entry)));
        }
        problems.collect(file::done);
    }

    private static Raising raising(Entry entry) {
        Raising raising = new Raising(
                entry.texts("by"),
                entry.text("warning"),
                entry.flag("onlyAfterInjury", false),
                entry.has("when") ? when(entry.child("when")) : when());
        entry.done();
        return raising;
    }

    private static Raising.When when() {
        return new Raising.When(Set.of(), List.of(), List.of(), 0, List.of(), List.of(), OptionalInt.empty());
    }

    private static Raising.When when(Entry entry) {
        List<String> of = entry.optionalTexts("of");
        Raising.When when = new Raising.When(
                Set.copyOf(entry.optionalTexts("complaints")),
                entry.optionalTexts("any"),
                entry.optionalTexts("all"),
                of.isEmpty() ? 0 : entry.wholeNumber("atLeast", 1, MOST),
                of,
                entry.optionalTexts("unlessNegative"),
                entry.has("ageFrom") ? OptionalInt.of(entry.wholeNumber("ageFrom", 1, OLDEST)) : OptionalInt.empty());
        entry.done();
        return when;
    }
}
