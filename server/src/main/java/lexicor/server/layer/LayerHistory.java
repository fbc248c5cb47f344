package lexicor.server.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import org.springframework.stereotype.Component;

/** Changes of the department's figures, of their checks and of its content, with the reasons given. */
@Component
class LayerHistory implements HistorySource {
    private final Revisions revisions;

    LayerHistory(Revisions revisions) {
        this.revisions = revisions;
    }

    @Override
    public String subject() {
        return "Figures and content";
    }

    @Override
    public List<Revised> changes() {
        List<Revised> all = new ArrayList<>();
        all.addAll(revisions.of(
                OwnFigureRecord.class, "", "", f -> String.valueOf(f.id), LayerHistory::figure, f -> reason(f.why)));
        all.addAll(revisions.of(FigureCheckRecord.class, "", "", c -> c.fingerprint, LayerHistory::check));
        all.addAll(revisions.of(
                OwnEntryRecord.class, "", "", e -> String.valueOf(e.id), LayerHistory::entry, e -> reason(e.why)));
        all.sort(Comparator.comparing(Revised::at));
        return all;
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
        flat.put("reason", f.why);
        return flat;
    }

    private static Map<String, String> check(FigureCheckRecord c) {
        String words = c.signOff().state().words() + ", " + c.person + ", " + c.checkedOn;
        return Map.of(c.figure, c.note.isEmpty() ? words : words + ": " + c.note);
    }

    private static Map<String, String> entry(OwnEntryRecord e) {
        return Map.of(e.kind + " " + e.entryId, e.content, "reason", e.why);
    }

    private static Map<String, String> reason(String why) {
        return Map.of("reason", words(why));
    }

    private static String words(Object value) {
        return value == null ? "" : String.valueOf(value);
    }
}
