package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.document.Entry;

/** Reads one test of a catalogue file. References to other entries are checked later, by {@link CatalogueChecks}. */
public final class TestReader {
    private TestReader() {}

    /**
     * @throws lexicor.core.document.InvalidDocumentException with the first thing that is wrong with it
     */
    public static ClinicalTest read(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("tests." + id);
        entry.has("id");
        List<String> readings = entry.texts("readings");
        for (String reading : readings) {
            if (!ReadingLeaf.isReading(reading)) {
                throw entry.problem("readings", "there is no reading " + reading);
            }
        }
        List<String> offered = new ArrayList<>(readings);
        if (entry.has("cheats")) {
            offered.add(ReadingLeaf.CHEAT.reading());
        }
        OptionalDouble hold = entry.optionalNumber("holdSeconds", 1, 600);
        ClinicalTest test = new ClinicalTest(
                id,
                entry.text("name"),
                entry.texts("aliases"),
                entry.text("region"),
                entry.text("kind"),
                entry.text("family"),
                entry.texts("structures"),
                entry.text("position"),
                entry.texts("otherPositions"),
                entry.number("minutes", 0.1, 60),
                entry.wholeNumber("provocation", 0, 3),
                hold.isPresent() ? OptionalInt.of((int) hold.getAsDouble()) : OptionalInt.empty(),
                entry.texts("equipment"),
                entry.flag("bothSides"),
                entry.texts("steps"),
                readings,
                entry.each("criteria", e -> criterion(id, e, offered)),
                entry.texts("unreliableIf"),
                entry.texts("watchFor"),
                entry.texts("contraindications"),
                entry.texts("after"),
                entry.each("variants", TestReader::variant),
                ParticularsReader.read(entry));
        entry.done();
        if (test.criteria().isEmpty()) {
            throw entry.problem("criteria", "expected at least one criterion");
        }
        return test;
    }

    private static Criterion criterion(String test, Entry listed, List<String> offered) {
        String id = listed.text("id");
        Entry entry = listed.named("tests." + test + ".criteria." + id);
        entry.has("id");
        if (!id.startsWith(test + "/") || id.length() == test.length() + 1) {
            throw entry.problem("id", "expected " + test + "/ and a name, found " + id);
        }
        Criterion criterion = new Criterion(
                id,
                entry.text("label"),
                entry.optionalText("at").orElse(""),
                RuleReader.read(entry.child("positiveWhen"), offered),
                entry.has("raises") ? Optional.of(raises(entry.child("raises"))) : Optional.empty(),
                entry.flag("evenOnBothSides", false));
        entry.done();
        return criterion;
    }

    private static Criterion.Raises raises(Entry entry) {
        Criterion.Raises raises = new Criterion.Raises(entry.text("warning"), entry.flag("onlyAfterInjury"));
        entry.done();
        return raises;
    }

    private static ClinicalTest.Variant variant(Entry entry) {
        OptionalDouble hold = entry.optionalNumber("holdSeconds", 1, 600);
        ClinicalTest.Variant variant = new ClinicalTest.Variant(
                entry.text("name"),
                entry.text("note"),
                entry.optionalText("position"),
                hold.isPresent() ? OptionalInt.of((int) hold.getAsDouble()) : OptionalInt.empty());
        entry.done();
        return variant;
    }
}
