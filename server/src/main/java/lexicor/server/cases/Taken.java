package lexicor.server.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.core.examination.Wording;
import lexicor.server.cases.CaseViews.VariantDone;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What stored taps mean to a content. */
public final class Taken {
    private static final TypeReference<LinkedHashMap<String, Object>> CHANGES = new TypeReference<>() {};

    // What the API leaves out is a change here: a leaf that is null is cleared.
    private static final JsonMapper STORED = JsonMapper.shared();

    private Taken() {}

    /** The changes as they are stored. */
    public static String stored(Map<String, Object> changes) {
        return STORED.writeValueAsString(changes);
    }

    /** What somebody wrote, by leaf. */
    public static Map<String, String> texts(Map<String, ?> changes) {
        Map<String, String> texts = new LinkedHashMap<>();
        changes.forEach((leaf, value) -> {
            if (value instanceof String text
                    && ReadingLeaf.named(leaf)
                            .filter(l -> l.kind() == ReadingLeaf.Kind.TEXT)
                            .isPresent()) {
                texts.put(leaf, text);
            }
        });
        return texts;
    }

    /** What the tap set, by leaf; null where it cleared one. */
    public static Map<String, Object> changes(TapRecord stored) {
        return changes(stored.changes);
    }

    /** The same as it is stored. */
    public static Map<String, Object> changes(String stored) {
        return STORED.readValue(stored, CHANGES);
    }

    /**
     * What the tap means.
     *
     * @throws InvalidDocumentException if the content does not know what it is of
     */
    public static Tap tap(TapRecord stored, Catalogue catalogue) {
        return TapReader.read(catalogue, stored.test, stored.at, stored.side, changes(stored));
    }

    /** The same; empty where the content does not know what it is of. */
    public static Optional<Tap> known(TapRecord stored, Catalogue catalogue) {
        if (catalogue.test(stored.test).isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(tap(stored, catalogue));
        } catch (InvalidDocumentException e) {
            return Optional.empty();
        }
    }

    /** What the taps come to, in their order. */
    public static Readings readings(List<TapRecord> taps, Catalogue catalogue) {
        return Readings.of(
                taps.stream().flatMap(t -> known(t, catalogue).stream()).toList());
    }

    /** The variants in which tests were last recorded; tests done as described are absent. */
    static List<VariantDone> variants(List<TapRecord> taps, Catalogue catalogue) {
        Map<String, String> byTest = new LinkedHashMap<>();
        taps.forEach(t -> byTest.put(t.test, t.variant));
        return byTest.entrySet().stream()
                .filter(e -> e.getValue() != null)
                .map(e -> new VariantDone(
                        e.getKey(),
                        e.getValue(),
                        catalogue
                                .test(e.getKey())
                                .flatMap(t -> t.variant(e.getValue()))
                                .map(ClinicalTest.Variant::note)
                                .orElse("")))
                .toList();
    }

    /**
     * What is recorded in the case and not known to the content, in words: taps on tests of the department's own after those
     * were taken out or no longer fit, a complaint, candidates. It stays in the record and weighs nothing.
     *
     * @param taps those that the content does not know
     */
    static List<String> unknown(CaseRecord stored, List<TapRecord> taps, Catalogue catalogue) {
        Map<String, Map<String, String>> readings = new LinkedHashMap<>();
        for (TapRecord t : taps) {
            String place = t.test + (t.at.isEmpty() ? "" : ", " + Wording.code(t.at)) + ", " + t.side;
            Map<String, String> at = readings.computeIfAbsent(place, p -> new LinkedHashMap<>());
            changes(t).forEach((leaf, value) -> {
                String name = ReadingLeaf.named(leaf).map(Wording::label).orElse(leaf);
                if (value == null) {
                    at.remove(name);
                } else {
                    at.put(name, InWords.of(value));
                }
            });
        }
        List<String> words = new ArrayList<>();
        if (catalogue.complaint(stored.complaint).isEmpty()) {
            words.add("complaint " + stored.complaint);
        }
        stored.candidates.stream()
                .filter(c -> catalogue.condition(c.condition).isEmpty())
                .forEach(c -> words.add("candidate " + c.condition));
        readings.forEach((place, at) -> {
            if (!at.isEmpty()) {
                words.add(place + ": "
                        + at.entrySet().stream()
                                .map(e -> e.getKey() + " " + e.getValue())
                                .collect(Collectors.joining(", ")));
            }
        });
        return words;
    }
}
