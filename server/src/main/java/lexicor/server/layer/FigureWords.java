package lexicor.server.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lexicor.core.catalogue.published.AccuracyRow;

/** What a row of figures says, field by field in words. */
final class FigureWords {
    private static final String NOT_KNOWN = "not known";

    private FigureWords() {}

    static Map<String, String> of(AccuracyRow row) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("kind", row.kind().id());
        fields.put("sensitivity", String.valueOf(row.figures().sensitivity()));
        fields.put("specificity", words(row.figures().specificity()));
        fields.put("people with the condition", words(row.figures().diseased()));
        fields.put("people without it", words(row.figures().healthy()));
        if (row.figures().people().isPresent()) {
            fields.put("people in all", words(row.figures().people()));
        }
        fields.put("source", row.source() + ", " + row.year());
        fields.put("reference standard", row.referenceStandard());
        fields.put("setting", row.population());
        fields.put("risk of bias", row.bias());
        fields.put("confidence", row.confidence());
        fields.put("note", row.note());
        fields.values().removeIf(String::isEmpty);
        return fields;
    }

    /** What differs, as a sentence. */
    static String difference(AccuracyRow was, AccuracyRow is) {
        Map<String, String> before = of(was);
        Map<String, String> after = of(is);
        Map<String, String> all = new LinkedHashMap<>(before);
        after.forEach(all::putIfAbsent);
        List<String> differences = new ArrayList<>();
        all.keySet().forEach(field -> {
            String old = before.getOrDefault(field, "nothing");
            String now = after.getOrDefault(field, "nothing");
            if (!old.equals(now)) {
                differences.add(field + ": " + old + " becomes " + now);
            }
        });
        return String.join("; ", differences);
    }

    private static String words(OptionalDouble value) {
        if (value.isEmpty()) {
            return NOT_KNOWN;
        }
        double v = value.getAsDouble();
        return v >= 2 && v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v);
    }
}
