package lexicor.server.layer;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Changes of the department's figures, of their checks and of its content, with the reasons given. */
@Component
class LayerHistory implements HistorySource {
    private final Revisions revisions;
    private final Map<AccuracyRow.Key, AccuracyRow> figures;
    private final Edition shipped;

    LayerHistory(Revisions revisions, Editions editions) {
        this.revisions = revisions;
        shipped = editions.shipped();
        figures = shipped.catalogue().accuracy().stream()
                .collect(Collectors.toMap(AccuracyRow::key, Function.identity()));
    }

    @Override
    public String subject() {
        return "Figures and content";
    }

    @Override
    public List<Revised> latest(int most) {
        return Stream.of(
                        revisions.latest(ofFigures(), most),
                        revisions.latest(
                                Things.of(
                                        FigureCheckRecord.class,
                                        "fingerprint",
                                        c -> c.fingerprint,
                                        LayerHistory::check),
                                most),
                        revisions.latest(ofEntries(), most))
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Revised::at).reversed())
                .limit(most)
                .toList();
    }

    private Things<OwnFigureRecord> ofFigures() {
        return new Things<>(
                OwnFigureRecord.class,
                "id",
                f -> f.id,
                LayerHistory::figure,
                f -> covered(f).map(s -> withReason(figure(s), f.why)).orElseGet(() -> reason(f.why)),
                f -> covered(f).map(LayerHistory::figure).orElse(Map.of()));
    }

    private Things<OwnEntryRecord> ofEntries() {
        return new Things<>(
                OwnEntryRecord.class,
                "id",
                e -> e.id,
                LayerHistory::entry,
                e -> shipped(e)
                        .map(s -> withReason(fields(e, s.fields()), e.why))
                        .orElseGet(() -> reason(e.why)),
                e -> shipped(e).map(s -> fields(e, s.fields())).orElse(Map.of()));
    }

    /** The shipped row that the department's covers; empty where it is an addition, or is shipped no more. */
    private Optional<OwnFigureRecord> covered(OwnFigureRecord own) {
        return own.replaced().map(figures::get).map(row -> {
            OwnFigureRecord as = new OwnFigureRecord();
            as.set(row, "");
            return as;
        });
    }

    private Optional<PackEntry> shipped(OwnEntryRecord own) {
        return PackEntry.Kind.withId(own.kind).flatMap(kind -> shipped.entry(kind, own.entryId));
    }

    private static Map<String, String> withReason(Map<String, String> fields, String why) {
        Map<String, String> all = new TreeMap<>(fields);
        all.put("reason", words(why));
        return all;
    }

    /** A field a line, so that what changed of a long entry can be seen. */
    private static Map<String, String> fields(OwnEntryRecord e, JsonNode fields) {
        Map<String, String> flat = new TreeMap<>();
        fields.properties()
                .forEach(f -> flat.put(
                        e.kind + " " + e.entryId + ", " + f.getKey(),
                        f.getValue().isString()
                                ? f.getValue().asString()
                                : f.getValue().toString()));
        return flat;
    }

    private static Map<String, String> figure(OwnFigureRecord f) {
        String name = f.criterion + " for " + f.condition;
        Map<String, String> flat = new TreeMap<>();
        flat.put(name + ", source", f.source + " " + f.year);
        flat.put(name + ", kind", f.kind);
        flat.put(name + ", sensitivity", String.valueOf(f.sensitivity));
        flat.put(name + ", specificity", words(f.specificity));
        flat.put(name + ", with the condition", words(f.diseased));
        flat.put(name + ", without it", words(f.healthy));
        flat.put(name + ", bias", f.bias);
        flat.put(name + ", note", f.note);
        if (!f.why.isEmpty()) {
            flat.put("reason", f.why);
        }
        return flat;
    }

    private static Map<String, String> check(FigureCheckRecord c) {
        String words = c.signOff().state().words() + ", " + c.person + ", " + c.checkedOn;
        return Map.of(c.figure, c.note.isEmpty() ? words : words + ": " + c.note);
    }

    private static Map<String, String> entry(OwnEntryRecord e) {
        return withReason(fields(e, e.entry().fields()), e.why);
    }

    private static Map<String, String> reason(String why) {
        return Map.of("reason", words(why));
    }

    private static String words(Object value) {
        return value == null ? "" : String.valueOf(value);
    }
}
