package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Packs taken apart into their entries, changed, and put together again; a file in which nothing changes keeps its text. */
public final class PackEntries {
    private static final String REGION = "region";

    private final PackFiles files;
    private final Map<String, ObjectNode> trees = new LinkedHashMap<>();
    private final Map<String, ObjectNode> changed = new LinkedHashMap<>();

    private PackEntries(PackFiles files) {
        this.files = files;
    }

    /**
     * @throws InvalidDocumentException if a file is no YAML
     */
    public static PackEntries of(PackFiles files) {
        PackEntries entries = new PackEntries(files);
        for (PackEntry.Kind kind : PackEntry.Kind.values()) {
            fileNames(kind)
                    .filter(files::has)
                    .forEach(f -> entries.trees.computeIfAbsent(f, name -> Documents.yamlTree(name, files.text(name))));
        }
        return entries;
    }

    /** The same again, so that one can be changed and the other stays. */
    public PackEntries copy() {
        PackEntries copy = new PackEntries(files);
        trees.forEach((file, tree) -> copy.trees.put(file, tree.deepCopy()));
        changed.keySet().forEach(file -> copy.changed.put(file, copy.trees.get(file)));
        return copy;
    }

    private static Stream<String> fileNames(PackEntry.Kind kind) {
        return kind == PackEntry.Kind.TEST ? Packs.REGIONS.stream().map(Packs::regionFile) : Stream.of(kind.file());
    }

    /** Every entry, kind by kind in the order of the files. One without an id of its own is left out. */
    public List<PackEntry> all() {
        List<PackEntry> all = new ArrayList<>();
        for (PackEntry.Kind kind : PackEntry.Kind.values()) {
            fileNames(kind).filter(trees::containsKey).forEach(f -> {
                if (kind.isByName()) {
                    trees.get(f).path(kind.list()).propertyStream().forEach(e -> all.add(byName(kind, e)));
                } else if (trees.get(f).get(kind.list()) instanceof ArrayNode list) {
                    for (JsonNode node : list) {
                        if (node instanceof ObjectNode fields) {
                            kind.idOf(fields).ifPresent(id -> all.add(new PackEntry(kind, id, withId(fields, id))));
                        }
                    }
                }
            });
        }
        return all;
    }

    private static ObjectNode withId(ObjectNode fields, String id) {
        return fields.deepCopy().put(PackEntry.ID, id);
    }

    /** As it stands in its file: what is told by other fields has no id there. */
    private static ObjectNode asWritten(PackEntry entry) {
        if (entry.kind().keys().isEmpty()) {
            return entry.fields();
        }
        if (!entry.kind().idOf(entry.fields()).equals(Optional.of(entry.id()))) {
            throw new InvalidDocumentException(new Problem(
                    entry.kind().file(),
                    entry.kind().path(entry.id()) + "." + entry.kind().keys().get(0),
                    "what an entry is about does not change; add another one"));
        }
        ObjectNode written = entry.fields().deepCopy();
        written.remove(PackEntry.ID);
        return written;
    }

    /** An entry that stands in its file as a name and a list, as fields of its own. */
    private static PackEntry byName(PackEntry.Kind kind, Map.Entry<String, JsonNode> named) {
        ObjectNode fields = JsonNodeFactory.instance.objectNode().put(PackEntry.ID, named.getKey());
        fields.set(PackEntry.Kind.CONDITIONS_FIELD, named.getValue().deepCopy());
        return new PackEntry(kind, named.getKey(), fields);
    }

    public Optional<PackEntry> find(PackEntry.Kind kind, String id) {
        return all().stream().filter(e -> e.kind() == kind && e.id().equals(id)).findFirst();
    }

    /**
     * Puts an entry in the place of the one with its id, or at the end of its list.
     *
     * @throws InvalidDocumentException if it is a test of a region that there is no file for
     */
    public PackEntries put(PackEntry entry) {
        String place = fileNames(entry.kind())
                .filter(f -> trees.containsKey(f) && at(f, entry) >= 0)
                .findFirst()
                .orElseGet(() -> fileOfNew(entry));
        ObjectNode tree = trees.get(place);
        if (entry.kind().isByName()) {
            putByName(tree, entry);
            changed.put(place, tree);
            return this;
        }
        ArrayNode list = tree.get(entry.kind().list()) instanceof ArrayNode found
                ? found
                : tree.putArray(entry.kind().list());
        int at = at(place, entry);
        if (at < 0) {
            list.add(asWritten(entry));
        } else {
            list.set(at, asWritten(entry));
        }
        changed.put(place, tree);
        return this;
    }

    private static void putByName(ObjectNode tree, PackEntry entry) {
        Entry fields = Entry.of(entry.kind().file(), entry.kind().path(entry.id()), entry.fields());
        fields.has(PackEntry.ID);
        fields.texts(PackEntry.Kind.CONDITIONS_FIELD);
        fields.done();
        ObjectNode named = tree.get(entry.kind().list()) instanceof ObjectNode found
                ? found
                : tree.putObject(entry.kind().list());
        named.set(entry.id(), entry.fields().get(PackEntry.Kind.CONDITIONS_FIELD));
    }

    private String fileOfNew(PackEntry entry) {
        if (entry.kind() != PackEntry.Kind.TEST) {
            return entry.kind().file();
        }
        JsonNode region = entry.fields().get(REGION);
        String file = Packs.regionFile(region == null ? "" : region.asString(""));
        if (!trees.containsKey(file)) {
            throw new InvalidDocumentException(new Problem(
                    Packs.CATALOGUE,
                    entry.kind().path(entry.id()) + "." + REGION,
                    "expected one of " + String.join(", ", Packs.REGIONS)));
        }
        return file;
    }

    private int at(String file, PackEntry entry) {
        if (trees.get(file).get(entry.kind().list()) instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                if (list.get(i) instanceof ObjectNode fields
                        && entry.kind().idOf(fields).filter(entry.id()::equals).isPresent()) {
                    return i;
                }
            }
        }
        return -1;
    }

    /** The packs with the changes. */
    public PackFiles files() {
        PackFiles all = files;
        for (Map.Entry<String, ObjectNode> file : changed.entrySet()) {
            all = all.with(file.getKey(), Documents.yamlText(file.getValue()));
        }
        return all;
    }
}
