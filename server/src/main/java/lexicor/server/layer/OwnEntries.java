package lexicor.server.layer;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.examination.Wording;
import lexicor.server.catalogue.Editions;
import lexicor.server.content.EntryChecks;
import lexicor.server.content.EntryWords;
import lexicor.server.content.FormProblem;
import lexicor.server.history.Revised;
import lexicor.server.layer.LayerViews.EntryChange;
import lexicor.server.layer.LayerViews.EntryLine;
import lexicor.server.layer.LayerViews.EntryList;
import lexicor.server.layer.LayerViews.EntryView;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes and adds entries of the content: tests, conditions, complaints, ladders and so on. */
@Service
public class OwnEntries {
    private static final Pattern ID = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");

    /** What stands before the name of a question that is asked, in its id. */
    private static final String HISTORY = "history/";

    private static final int LONGEST_ID = 80;
    private static final List<String> NAMES = List.of("name", "when", "ask", "label");

    private final Layer layer;
    private final Editions editions;
    private final OwnEntryStore store;
    private final List<InUse> uses;
    private final SignedIn signedIn;

    OwnEntries(Layer layer, Editions editions, OwnEntryStore store, List<InUse> uses, SignedIn signedIn) {
        this.signedIn = signedIn;
        this.layer = layer;
        this.editions = editions;
        this.store = store;
        this.uses = uses;
    }

    EntryList all() {
        Set<String> shipped =
                editions.shipped().entries().stream().map(OwnEntries::key).collect(Collectors.toSet());
        Set<String> own =
                store.findAll().stream().map(e -> e.kind + " " + e.entryId).collect(Collectors.toSet());
        return new EntryList(
                entries().stream()
                        .map(e -> new EntryLine(
                                e.kind(),
                                e.id(),
                                name(e, editions.catalogue()),
                                !own.contains(key(e)) ? "shipped" : shipped.contains(key(e)) ? "changed" : "added"))
                        .toList(),
                editions.unfit());
    }

    /** What is in force, and where the department's content does not fit, that as well: it is there to be mended. */
    private List<PackEntry> entries() {
        Map<String, PackEntry> all = new LinkedHashMap<>();
        editions.current().entries().forEach(e -> all.put(key(e), e));
        if (!editions.unfit().isEmpty()) {
            store.findAll().forEach(e -> all.put(key(e.entry()), e.entry()));
        }
        return List.copyOf(all.values());
    }

    private static String key(PackEntry entry) {
        return entry.kind().id() + " " + entry.id();
    }

    /** What is named by a sign and a condition is read by their names, not by their ids. */
    private static String name(PackEntry entry, Catalogue catalogue) {
        if (entry.kind().keys().isEmpty()) {
            return NAMES.stream()
                    .map(n -> entry.fields().get(n))
                    .filter(n -> n != null && n.isString())
                    .map(JsonNode::asString)
                    .findFirst()
                    .orElse(entry.id());
        }
        return entry.kind().keys().stream()
                .map(key -> {
                    String id = entry.fields().path(key).asString("");
                    return key.equals("criterion") ? catalogue.findingName(id) : catalogue.conditionName(id);
                })
                .collect(Collectors.joining("; "));
    }

    /** The entry by its kind and name, for a sentence. */
    static String title(PackEntry entry, Catalogue catalogue) {
        return Wording.capital(entry.kind().id().replace('-', ' ')) + " \u201c" + name(entry, catalogue) + "\u201d";
    }

    EntryView entry(String kindId, String id) {
        PackEntry.Kind kind = kind(kindId);
        PackEntry found = entries().stream()
                .filter(e -> e.kind() == kind && e.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no " + kindId + " " + id + "."));
        Optional<OwnEntryRecord> own = store.findByKindAndEntryId(kindId, id);
        Optional<PackEntry> shipped = editions.shipped().entry(kind, id);
        return new EntryView(
                kind,
                id,
                version(own),
                found.fields(),
                shipped.map(PackEntry::fields).orElse(null),
                own.map(o -> o.why).orElse(null),
                shipped.filter(s -> !s.fields().equals(found.fields()))
                        .map(s -> differences(s, found))
                        .orElse(List.of()));
    }

    private List<Revised.Line> differences(PackEntry shipped, PackEntry found) {
        EntryWords words = EntryWords.by(editions.catalogue());
        return Revised.lines(words.of(shipped), words.of(found)).stream()
                .map(Revised.Line::itemsThatDiffer)
                .toList();
    }

    /**
     * Adds an entry under an id that is not taken.
     *
     * @param sure whether a reason that looks like personal details was asked about and holds none
     * @throws InvalidDocumentException with what is wrong with it
     */
    public void add(PackEntry entry, String why, Boolean sure) {
        save(entry.kind().id(), entry.id(), new EntryChange(0, entry.fields(), why, sure));
    }

    /**
     * Changes some of an entry's fields.
     *
     * @param sure whether a reason that looks like personal details was asked about and holds none
     */
    public void change(PackEntry.Kind kind, String id, Consumer<ObjectNode> edit, String why, Boolean sure) {
        EntryView now = entry(kind.id(), id);
        ObjectNode fields = now.fields().deepCopy().asObject();
        edit.accept(fields);
        save(kind.id(), id, new EntryChange(now.version(), fields, why, sure));
    }

    EntryView save(String kindId, String id, EntryChange change) {
        PackEntry.Kind kind = kind(kindId);
        if (!(change.fields() instanceof ObjectNode fields)) {
            throw Refusal.field("fields", "expected an object with named fields");
        }
        if (!id.equals(fields.path("id").asString(""))) {
            throw Refusal.field("fields.id", "expected " + id + "; an id stays as it is");
        }
        String name = kind == PackEntry.Kind.QUESTION && id.startsWith(HISTORY)
                ? id.substring(HISTORY.length())
                // A criterion is named by its test and its own name.
                : kind == PackEntry.Kind.PROVOKED_CRITERION ? id.replaceFirst("/", "-") : id;
        boolean named = kind.keys().isEmpty();
        if (named && (!ID.matcher(name).matches() || id.length() > LONGEST_ID)) {
            throw Refusal.field("fields.id", "expected small letters, digits and single hyphens, such as my-own-test");
        }
        String why = Reasons.of(change.why(), change.sure());
        if (kind == PackEntry.Kind.JUDGED) {
            fields.put("by", signedIn.person().name());
        }
        PackEntry entry = new PackEntry(kind, id, fields);
        refuse(EntryChecks.of(entry));
        try {
            store(entry, change.version(), why);
        } catch (InvalidDocumentException e) {
            refuse(FormProblem.of(e, entry));
        }
        return entry(kindId, id);
    }

    /** By the names of the form, where there is anything. */
    private static void refuse(List<FormProblem> problems) {
        if (!problems.isEmpty()) {
            throw Refusal.fields(
                    problems.stream().map(FormProblem::sentence).collect(Collectors.joining("; ")),
                    problems.stream()
                            .map(p -> new Problem("", p.path(), p.message()))
                            .toList());
        }
    }

    private void store(PackEntry entry, long version, String why) {
        CleanText.check(entry.fields(), entry.kind().path(entry.id()));
        layer.change(
                () -> {
                    Optional<OwnEntryRecord> own =
                            store.findByKindAndEntryId(entry.kind().id(), entry.id());
                    atVersion(own, version);
                    OwnEntryRecord record = own.orElseGet(OwnEntryRecord::new);
                    record.set(entry, why);
                    return store.saveAndFlush(record);
                },
                keepsWhatIsRecorded());
    }

    /** Takes the department's own away: the shipped one counts again, or there is none any more. */
    void reset(String kindId, String id, long version, String why, boolean sure) {
        PackEntry.Kind kind = kind(kindId);
        String reason = Reasons.of(why, sure);
        if (editions.shipped().entry(kind, id).isEmpty() && uses.stream().anyMatch(u -> u.isInUse(kind, id))) {
            throw Refusal.conflict(
                    "Cases use it, so it stays. Take it out of the complaints and lists to offer it no more.");
        }
        layer.change(
                () -> {
                    OwnEntryRecord record = store.findByKindAndEntryId(kindId, id)
                            .orElseThrow(() ->
                                    Refusal.notFound("There is no " + kindId + " " + id + " of the department's own."));
                    atVersion(Optional.of(record), version);
                    record.why = reason;
                    store.saveAndFlush(record);
                    store.delete(record);
                    return null;
                },
                keepsWhatIsRecorded());
    }

    /** What was recorded of a test must stay readable: its places and readings may become more, never fewer. */
    Consumer<Catalogue> keepsWhatIsRecorded() {
        Catalogue before = editions.catalogue();
        return after -> after.tests().forEach(now -> before.test(now.id()).ifPresent(was -> {
            requireAll("readings", now.id(), was.readings(), now.readings());
            requireAll("criteria", now.id(), was.places(), now.places());
        }));
    }

    private void requireAll(String field, String test, Iterable<String> was, Iterable<String> is) {
        Set<String> gone = new HashSet<>();
        was.forEach(gone::add);
        is.forEach(gone::remove);
        if (!gone.isEmpty() && uses.stream().anyMatch(u -> u.isInUse(PackEntry.Kind.TEST, test))) {
            throw new InvalidDocumentException(new Problem(
                    "",
                    PackEntry.Kind.TEST.path(test) + "." + field,
                    "cases hold recordings of " + String.join(", ", gone) + ", so it stays"));
        }
    }

    private static void atVersion(Optional<OwnEntryRecord> own, long version) {
        if (version(own) != version) {
            throw Refusal.conflict("version: this was changed elsewhere in the meantime; look at the page anew");
        }
    }

    private static long version(Optional<OwnEntryRecord> own) {
        return own.map(o -> o.version + 1).orElse(0L);
    }

    private static PackEntry.Kind kind(String id) {
        return PackEntry.Kind.withId(id)
                .orElseThrow(() -> Refusal.notFound("There are no entries of the kind " + id + "."));
    }
}
