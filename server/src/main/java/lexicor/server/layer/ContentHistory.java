package lexicor.server.layer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.catalogue.Editions;
import lexicor.server.content.EntryWords;
import lexicor.server.history.Change;
import lexicor.server.history.HistorySource;
import lexicor.server.history.Revised;
import lexicor.server.history.Revisions;
import lexicor.server.history.Revisions.Found;
import lexicor.server.history.Revisions.Things;
import org.springframework.stereotype.Component;

/** Changes of the department's content, field by field in words. */
@Component
class ContentHistory implements HistorySource {
    private static final Map<PackEntry.Kind, String> ABOUT = Map.of(
            PackEntry.Kind.TEST, Change.TEST,
            PackEntry.Kind.PROVOKED_TEST, Change.TEST,
            PackEntry.Kind.PROVOKED_CRITERION, Change.CRITERION,
            PackEntry.Kind.CONDITION, Change.CONDITION);

    private final Revisions revisions;
    private final Editions editions;

    ContentHistory(Revisions revisions, Editions editions) {
        this.revisions = revisions;
        this.editions = editions;
    }

    @Override
    public String subject() {
        return "Content";
    }

    @Override
    public List<Change> latest(int most) {
        EntryWords words = EntryWords.by(editions.catalogue());
        return revisions
                .latest(
                        new Things<>(
                                OwnEntryRecord.class,
                                "id",
                                e -> e.id,
                                e -> words.of(e.entry()),
                                e -> shipped(e, words),
                                e -> shipped(e, words)),
                        most)
                .stream()
                .map(f -> change(f, words))
                .toList();
    }

    private Map<String, String> shipped(OwnEntryRecord own, EntryWords words) {
        return shippedEntry(own).map(words::of).orElse(Map.of());
    }

    private Optional<PackEntry> shippedEntry(OwnEntryRecord own) {
        return PackEntry.Kind.withId(own.kind)
                .flatMap(kind -> editions.shipped().entry(kind, own.entryId));
    }

    private Change change(Found<OwnEntryRecord> found, EntryWords words) {
        OwnEntryRecord own = found.entity();
        PackEntry entry = own.entry();
        Map<String, String> about = new TreeMap<>(Map.of(Change.ENTRY, own.kind + " " + own.entryId));
        Optional.ofNullable(ABOUT.get(entry.kind())).ifPresent(a -> about.put(a, own.entryId));
        String condition = entry.fields().path("condition").asString("");
        if (!condition.isEmpty()) {
            about.put(Change.CONDITION, condition);
        }
        Change change = Change.of(found.revised(), OwnEntries.title(entry, editions.catalogue()), about, own.why);
        Map<String, String> shipped = shipped(own, words);
        String did = !shipped.isEmpty() && found.revised().after().equals(shipped) ? "reset to shipped" : change.did();
        return new Change(
                change.at(),
                change.who(),
                change.what(),
                change.about(),
                did,
                change.lines().stream().map(Revised.Line::itemsThatDiffer).toList(),
                change.why());
    }
}
