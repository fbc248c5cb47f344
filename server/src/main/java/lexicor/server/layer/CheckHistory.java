package lexicor.server.layer;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Who signed which figure off, and who took that back. */
@Component
class CheckHistory implements HistorySource {
    private final Revisions revisions;
    private final Editions editions;

    CheckHistory(Revisions revisions, Editions editions) {
        this.revisions = revisions;
        this.editions = editions;
    }

    @Override
    public String subject() {
        return "Sign-offs";
    }

    @Override
    public List<Change> latest(int most) {
        return revisions
                .latest(
                        Things.of(FigureCheckRecord.class, "fingerprint", c -> c.fingerprint, CheckHistory::words),
                        most)
                .stream()
                .map(f -> Change.of(f.revised(), f.entity().figure, about(f.entity()), ""))
                .toList();
    }

    private static Map<String, String> words(FigureCheckRecord c) {
        Map<String, String> words = new TreeMap<>();
        words.put("sign-off", c.signOff().state().words(c.judgement) + ", " + c.person + ", " + c.checkedOn);
        if (!c.note.isEmpty()) {
            words.put("note", c.note);
        }
        if (c.broughtIn != null && !c.broughtIn.isEmpty()) {
            words.put("where from", c.broughtIn);
        }
        return words;
    }

    private Map<String, String> about(FigureCheckRecord c) {
        if (c.criterion != null && !c.criterion.isEmpty()) {
            return FigureHistory.about(editions.catalogue(), c.criterion, c.condition);
        }
        if (c.cluster != null && !c.cluster.isEmpty()) {
            return Map.of(Change.CONDITION, c.condition, Change.ENTRY, PackEntry.Kind.CLUSTER.id() + " " + c.cluster);
        }
        // Signed off before that was kept: what has the fingerprint still tells it.
        return FigureNames.row(editions.catalogue(), c.fingerprint)
                .or(() -> FigureNames.row(editions.shipped().catalogue(), c.fingerprint))
                .map(row -> FigureHistory.about(editions.catalogue(), row.criterion(), row.condition()))
                .orElse(Map.of());
    }
}
