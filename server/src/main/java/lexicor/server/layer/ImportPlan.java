package lexicor.server.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
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
import lexicor.server.catalogue.Edition;
import lexicor.server.layer.ImportViews.ImportLine;

/** What a file would change in the content in force, row by row and entry by entry. */
final class ImportPlan {
    /**
     * What a file is compared with.
     *
     * @param own the department's rows in force
     */
    record Against(Edition edition, List<AccuracyRow> own, Origins origins, int thisYear) {}

    /** Rows to store by the row in force that each takes the place of. */
    final Map<AccuracyRow, Optional<AccuracyRow>> rows = new LinkedHashMap<>();

    /** Rows of the department's that the file has no more, by their fingerprints. */
    final Map<String, AccuracyRow> missing = new LinkedHashMap<>();

    final List<PackEntry> entries = new ArrayList<>();
    final Map<String, SignOff> checks = new LinkedHashMap<>();
    final Edition against;

    /** The content that the file's own names are of. */
    Catalogue valid;

    private final Against compared;
    private final List<ImportLine> lines = new ArrayList<>();
    private final List<String> remarks = new ArrayList<>();
    private int same;

    private ImportPlan(Against compared) {
        this.compared = compared;
        against = compared.edition();
        valid = against.catalogue();
    }

    static ImportPlan of(GivenFile given, Against against) {
        ImportPlan plan = new ImportPlan(against);
        if (given instanceof GivenFile.OfTable of) {
            plan.table("", of.table(), against.edition().catalogue());
        } else if (given instanceof GivenFile.OfPack of) {
            plan.pack(of.files());
        }
        return plan;
    }

    private void table(String file, AccuracyTable table, Catalogue known) {
        FigurePlan plan = new FigurePlan(file, known, against.catalogue().accuracy(), compared.thisYear());
        plan.compare(table, compared.own(), compared.origins());
        rows.putAll(plan.rows);
        missing.putAll(plan.missing);
        lines.addAll(plan.lines);
        same += plan.same;
        remarks.addAll(table.remarks());
    }

    /** Files that it lacks stay as they are. */
    private void pack(PackFiles given) {
        PackFiles whole = against.files();
        for (Map.Entry<String, String> file : given.texts().entrySet()) {
            whole = whole.with(file.getKey(), file.getValue());
        }
        try {
            valid = Packs.read(whole);
            fixedFiles(given);
            packEntries(whole);
            if (given.has(Packs.ACCURACY)) {
                table(Packs.ACCURACY, AccuracyTable.read(Packs.ACCURACY, given.text(Packs.ACCURACY)), valid);
            }
            signOffs();
        } catch (InvalidDocumentException e) {
            e.problems().forEach(p -> refuse(p.file(), p.path(), p.message()));
        }
    }

    /** These two say how others hang together and are changed with the program alone. */
    private void fixedFiles(PackFiles given) {
        for (String name : List.of("catalogue/examines.yaml", "catalogue/measures.yaml")) {
            if (given.has(name) && !given.text(name).equals(against.files().text(name))) {
                refuse(name, name, "this file comes with the program; take it out of the zip");
            }
        }
    }

    private void packEntries(PackFiles whole) {
        Map<String, PackEntry> before = new HashMap<>();
        against.entries().forEach(e -> before.put(key(e), e));
        for (PackEntry entry : PackEntries.of(whole).all()) {
            PackEntry was = before.remove(key(entry));
            String name = entry.kind().id() + " " + entry.id();
            if (was == null) {
                entries.add(entry);
                lines.add(ImportLine.of("", null, name, ImportLine.NEW, ""));
            } else if (!was.fields().equals(entry.fields())) {
                entries.add(entry);
                List<String> fields = new ArrayList<>();
                Set<String> names = new HashSet<>(was.fields().propertyNames());
                names.addAll(entry.fields().propertyNames());
                names.stream()
                        .filter(f -> !Objects.equals(
                                was.fields().get(f), entry.fields().get(f)))
                        .sorted()
                        .forEach(fields::add);
                lines.add(ImportLine.of("", null, name, ImportLine.CHANGED, String.join(", ", fields)));
            } else {
                same++;
            }
        }
        before.values()
                .forEach(e -> refuse(
                        "",
                        e.kind().id() + " " + e.id(),
                        "missing; an import adds and changes entries, it takes none away"));
    }

    private static String key(PackEntry entry) {
        return entry.kind() + " " + entry.id();
    }

    private void signOffs() {
        valid.signOffs().forEach((fingerprint, signOff) -> {
            SignOff was = against.catalogue().signOffs().get(fingerprint);
            if (was != null && signOff.saysTheSameAs(was)) {
                same++;
            } else {
                checks.put(fingerprint, signOff);
                lines.add(ImportLine.of(
                        Packs.SIGN_OFFS,
                        null,
                        FigureNames.of(valid, fingerprint).orElse(fingerprint),
                        was == null ? ImportLine.NEW : ImportLine.CHANGED,
                        signOff.state().words() + ", " + signOff.by() + ", " + signOff.on()));
            }
        });
    }

    private void refuse(String file, String name, String why) {
        lines.add(ImportLine.refused(file, null, name, null, why));
    }

    /** How many rows and entries; one that is refused for two reasons is one. */
    private int count(String status) {
        Set<String> counted = new HashSet<>();
        int nameless = 0;
        for (ImportLine line : lines) {
            if (line.status().equals(status)) {
                if (line.line() == null) {
                    nameless++;
                } else {
                    counted.add(line.file() + line.line());
                }
            }
        }
        return counted.size() + nameless;
    }

    int added() {
        return count(ImportLine.NEW);
    }

    int changed() {
        return count(ImportLine.CHANGED);
    }

    int refused() {
        return count(ImportLine.REFUSED);
    }

    int same() {
        return same;
    }

    /** How the file was read, in sentences. */
    List<String> remarks() {
        return List.copyOf(remarks);
    }

    /** The refused first, then what the file has no more, then in the order of the file. */
    List<ImportLine> lines(int most) {
        List<String> first = List.of(ImportLine.REFUSED, ImportLine.MISSING);
        return lines.stream()
                .sorted(Comparator.comparing(
                        l -> first.contains(l.status()) ? first.indexOf(l.status()) : first.size()))
                .limit(most)
                .toList();
    }
}
