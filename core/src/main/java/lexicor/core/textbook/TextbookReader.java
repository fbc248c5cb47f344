package lexicor.core.textbook;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;
import lexicor.core.textbook.TextbookPatient.Expected;

/** Reads textbook patients, and holds what they name to the content. */
public final class TextbookReader {
    private static final int MOST_CANDIDATES = 100;
    private static final Map<String, Boolean> MARKS = Map.of("+", true, "-", false);
    private static final Map<String, Setting> SETTINGS = byId(Setting.values(), Setting::id);
    private static final Map<String, AgeBand> AGES = byId(AgeBand.values(), AgeBand::id);
    private static final Map<String, Sex> SEXES = byId(Sex.values(), Sex::id);

    private final Catalogue catalogue;

    private TextbookReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * @param file its name for messages
     * @throws lexicor.core.document.InvalidDocumentException with every problem found; each names the patient and the field
     */
    public static List<TextbookPatient> read(String file, String text, Catalogue catalogue) {
        Entry root = Documents.yaml(file, text);
        Problems problems = new Problems();
        TextbookReader reader = new TextbookReader(catalogue);
        Map<String, TextbookPatient> patients = new LinkedHashMap<>();
        root.children("patients")
                .forEach(listed -> problems.collect(() -> {
                    TextbookPatient patient = reader.patient(listed);
                    if (patients.put(patient.id(), patient) != null) {
                        throw listed.problem("id", patient.id() + " is given twice");
                    }
                }));
        problems.collect(root::done);
        problems.throwIfAny();
        return List.copyOf(patients.values());
    }

    private TextbookPatient patient(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("patients." + id);
        entry.has("id");
        String complaint = entry.text("complaint");
        if (catalogue.complaint(complaint).isEmpty()) {
            throw entry.problem("complaint", "there is no complaint " + complaint);
        }
        TextbookPatient patient = new TextbookPatient(
                id,
                complaint,
                entry.oneOf("setting", SETTINGS),
                Optional.ofNullable(entry.oneOf("age", AGES, null)),
                Optional.ofNullable(entry.oneOf("sex", SEXES, null)),
                marks(entry),
                Set.copyOf(entry.optionalTexts("assumed")),
                expected(entry));
        entry.done();
        patient.assumed().stream()
                .filter(c -> !Boolean.FALSE.equals(patient.marks().get(c)))
                .findFirst()
                .ifPresent(c -> {
                    throw entry.problem("assumed", c + " is not marked negative");
                });
        return patient;
    }

    private Map<String, Boolean> marks(Entry entry) {
        Entry marked = entry.child("marks");
        Map<String, Boolean> marks = new LinkedHashMap<>();
        for (String id : marked.fieldNames()) {
            if (catalogue.criterion(id).isEmpty() && catalogue.historyItem(id).isEmpty()) {
                throw entry.problem("marks", "there is no criterion or question " + id);
            }
            marks.put(id, marked.oneOf(id, MARKS));
        }
        marked.done();
        return marks;
    }

    private Expected expected(Entry entry) {
        Map<String, Integer> within = new LinkedHashMap<>();
        if (entry.has("within")) {
            Entry places = entry.child("within");
            places.fieldNames().forEach(c -> within.put(c, places.wholeNumber(c, 1, MOST_CANDIDATES)));
            places.done();
        }
        Expected expected = new Expected(
                entry.optionalText("first"),
                within,
                entry.textLists("above"),
                entry.optionalTexts("act"),
                entry.optionalTexts("notAct"),
                entry.optionalTexts("raised"),
                entry.optionalTexts("lowered"));
        if (expected.above().stream().anyMatch(pair -> pair.size() != 2)) {
            throw entry.problem("above", "expected pairs of which the first stands above the second");
        }
        Stream.of(
                        expected.first().stream(),
                        within.keySet().stream(),
                        expected.above().stream().flatMap(List::stream),
                        expected.act().stream(),
                        expected.notAct().stream(),
                        expected.raised().stream(),
                        expected.lowered().stream())
                .flatMap(Function.identity())
                .filter(c -> catalogue.condition(c).isEmpty())
                .findFirst()
                .ifPresent(c -> {
                    throw entry.problem("", "there is no condition " + c);
                });
        return expected;
    }

    private static <T> Map<String, T> byId(T[] values, Function<T, String> id) {
        return Arrays.stream(values).collect(Collectors.toMap(id, Function.identity()));
    }
}
