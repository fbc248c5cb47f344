package lexicor.server.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.packs.PackEntries;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.server.catalogue.Edition;
import lexicor.server.layer.ImportViews.ImportLine;

/** What a file would change in the content in force, line by line and entry by entry. */
final class ImportPlan {
    private static final String NEW = "new";
    private static final String CHANGED = "changed";
    private static final String REFUSED = "refused";

    /** Rows to store by the key of the row that each takes the place of. */
    final Map<AccuracyRow, Optional<AccuracyRow>> rows = new LinkedHashMap<>();

    final List<PackEntry> entries = new ArrayList<>();
    final Map<String, SignOff> checks = new LinkedHashMap<>();
    final Edition against;
    private final List<ImportLine> lines = new ArrayList<>();
    private int same;

    private ImportPlan(Edition against) {
        this.against = against;
    }

    /** The plan for an accuracy table by itself. */
    static ImportPlan ofTable(String text, Edition current) {
        ImportPlan plan = new ImportPlan(current);
        plan.table("", text, current.catalogue());
        return plan;
    }

    /** The plan for a whole pack. Files that it lacks stay as they are. */
    static ImportPlan ofPack(PackFiles given, Edition current) {
        ImportPlan plan = new ImportPlan(current);
        PackFiles whole = current.files();
        for (Map.Entry<String, String> file : given.texts().entrySet()) {
            whole = whole.with(file.getKey(), file.getValue());
        }
        try {
            Catalogue valid = Packs.read(whole);
            plan.fixedFiles(given, current.files());
            plan.packEntries(whole, current);
            if (given.has(Packs.ACCURACY)) {
                plan.table(Packs.ACCURACY, given.text(Packs.ACCURACY), valid);
            }
            plan.signOffs(valid, current.catalogue());
        } catch (InvalidDocumentException e) {
            e.problems().forEach(p -> plan.refuse(p.file(), null, p.path(), null, p.message()));
        }
        return plan;
    }

    /**
     * @param known whose criteria and conditions rows may name
     */
    private void table(String file, String text, Catalogue known) {
        Set<String> criteria = new HashSet<>();
        known.tests().forEach(t -> criteria.addAll(t.criterionIds()));
        known.history().stream().filter(h -> h.finding()).forEach(h -> criteria.add(h.id()));
        Set<String> conditions = new HashSet<>();
        known.conditions().forEach(c -> conditions.add(c.id()));
        Map<AccuracyRow.Key, AccuracyRow> before = new HashMap<>();
        against.catalogue().accuracy().forEach(r -> before.put(r.key(), r));
        Map<AccuracyRow.Key, Long> seen = new HashMap<>();
        List<AccuracyTable.Line> table;
        try {
            table = AccuracyTable.lines(file, text);
        } catch (InvalidDocumentException e) {
            Problem first = e.problems().get(0);
            refuse(file, lineOf(first.path()), "", null, first.message());
            return;
        }
        for (AccuracyTable.Line line : table) {
            for (Problem p : line.problems()) {
                int dot = p.path().lastIndexOf('.');
                String column =
                        dot < p.path().lastIndexOf(')') ? null : p.path().substring(dot + 1);
                refuse(file, line.number(), named(p.path()), column, p.message());
            }
            line.row().ifPresent(row -> row(file, line.number(), row, before, seen, criteria, conditions));
        }
    }

    private static Long lineOf(String path) {
        return path.matches("line \\d+") ? Long.valueOf(path.substring(5)) : null;
    }

    /** The two cells that a problem's path has in brackets. */
    private static String named(String path) {
        int open = path.indexOf('(');
        int close = path.lastIndexOf(')');
        return open < 0 ? "" : path.substring(open + 1, close);
    }

    private void row(
            String file,
            long line,
            AccuracyRow row,
            Map<AccuracyRow.Key, AccuracyRow> before,
            Map<AccuracyRow.Key, Long> seen,
            Set<String> criteria,
            Set<String> conditions) {
        String name = row.criterion() + ", " + row.condition() + ", " + row.source() + " " + row.year();
        Long earlier = seen.putIfAbsent(row.key(), line);
        if (!criteria.contains(row.criterion())) {
            refuse(file, line, name, "criterion", "there is no criterion " + row.criterion());
            return;
        }
        if (!conditions.contains(row.condition())) {
            refuse(file, line, name, "condition", "there is no condition " + row.condition());
            return;
        }
        if (earlier != null) {
            refuse(file, line, name, "source", "the same study of this pair is in line " + earlier);
            return;
        }
        AccuracyRow was = before.get(row.key());
        if (was == null) {
            rows.put(row, Optional.empty());
            lines.add(new ImportLine(file, line, name, NEW, null, ""));
        } else if (!was.equals(row)) {
            rows.put(row, Optional.of(was));
            lines.add(new ImportLine(file, line, name, CHANGED, null, difference(was, row)));
        } else {
            same++;
        }
    }

    private static String difference(AccuracyRow was, AccuracyRow is) {
        List<String> differences = new ArrayList<>();
        differ(differences, "kind", was.kind().id(), is.kind().id());
        differ(
                differences,
                "sensitivity",
                was.figures().sensitivity(),
                is.figures().sensitivity());
        differ(
                differences,
                "specificity",
                words(was.figures().specificity()),
                words(is.figures().specificity()));
        differ(
                differences,
                "diseased",
                words(was.figures().diseased()),
                words(is.figures().diseased()));
        differ(
                differences,
                "healthy",
                words(was.figures().healthy()),
                words(is.figures().healthy()));
        differ(differences, "reference_standard", was.referenceStandard(), is.referenceStandard());
        differ(differences, "population", was.population(), is.population());
        differ(differences, "bias", was.bias(), is.bias());
        differ(differences, "confidence", was.confidence(), is.confidence());
        differ(differences, "note", was.note(), is.note());
        return String.join("; ", differences);
    }

    private static void differ(List<String> differences, String column, Object was, Object is) {
        if (!was.equals(is)) {
            differences.add(column + ": " + shown(was) + " becomes " + shown(is));
        }
    }

    private static String shown(Object value) {
        return value.toString().isEmpty() ? "nothing" : value.toString();
    }

    private static String words(OptionalDouble value) {
        return value.isPresent() ? String.valueOf(value.getAsDouble()) : "";
    }

    /** These two say how others hang together and are changed with the program alone. */
    private void fixedFiles(PackFiles given, PackFiles current) {
        for (String name : List.of("catalogue/examines.yaml", "catalogue/measures.yaml")) {
            if (given.has(name) && !given.text(name).equals(current.text(name))) {
                refuse(name, null, name, null, "this file comes with the program; take it out of the zip");
            }
        }
    }

    private void packEntries(PackFiles whole, Edition current) {
        Map<String, PackEntry> before = new HashMap<>();
        current.entries().forEach(e -> before.put(key(e), e));
        for (PackEntry entry : PackEntries.of(whole).all()) {
            PackEntry was = before.remove(key(entry));
            String name = entry.kind().id() + " " + entry.id();
            if (was == null) {
                entries.add(entry);
                lines.add(new ImportLine("", null, name, NEW, null, ""));
            } else if (!was.fields().equals(entry.fields())) {
                entries.add(entry);
                List<String> fields = new ArrayList<>();
                Set<String> names = new HashSet<>(was.fields().propertyNames());
                names.addAll(entry.fields().propertyNames());
                names.stream()
                        .filter(f -> !java.util.Objects.equals(
                                was.fields().get(f), entry.fields().get(f)))
                        .sorted()
                        .forEach(fields::add);
                lines.add(new ImportLine("", null, name, CHANGED, null, String.join(", ", fields)));
            } else {
                same++;
            }
        }
        before.values()
                .forEach(e -> refuse(
                        "",
                        null,
                        e.kind().id() + " " + e.id(),
                        null,
                        "missing; an import adds and changes, it takes nothing away"));
    }

    private static String key(PackEntry entry) {
        return entry.kind() + " " + entry.id();
    }

    private void signOffs(Catalogue valid, Catalogue current) {
        valid.signOffs().forEach((fingerprint, signOff) -> {
            SignOff was = current.signOffs().get(fingerprint);
            if (signOff.equals(was)) {
                same++;
            } else {
                checks.put(fingerprint, signOff);
                lines.add(new ImportLine(
                        Packs.SIGN_OFFS,
                        null,
                        fingerprint,
                        was == null ? NEW : CHANGED,
                        null,
                        signOff.state().words() + ", " + signOff.by() + ", " + signOff.on()));
            }
        });
    }

    private void refuse(String file, Long line, String name, String column, String why) {
        lines.add(new ImportLine(file, line, name, REFUSED, column, why));
    }

    private int count(String status) {
        return (int) lines.stream().filter(l -> l.status().equals(status)).count();
    }

    int added() {
        return count(NEW);
    }

    int changed() {
        return count(CHANGED);
    }

    int refused() {
        return count(REFUSED);
    }

    int same() {
        return same;
    }

    /** The refused first, then in the order of the file. */
    List<ImportLine> lines(int most) {
        return lines.stream()
                .sorted(Comparator.comparing(l -> !l.status().equals(REFUSED)))
                .limit(most)
                .toList();
    }
}
