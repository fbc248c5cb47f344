package lexicor.server.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.document.Problem;
import lexicor.server.layer.ImportViews.ImportLine;

/** What a table of figures would change, row by row. */
final class FigurePlan {
    private static final String AS_EXPORTED = "; expected an id as in the column of an exported table";

    /** Rows to store by the row in force that each takes the place of. */
    final Map<AccuracyRow, Optional<AccuracyRow>> rows = new LinkedHashMap<>();

    /** Rows of the department's that the file has no more, by their fingerprints; they go where somebody ticks them. */
    final Map<String, AccuracyRow> missing = new LinkedHashMap<>();

    final List<ImportLine> lines = new ArrayList<>();
    int same;

    private final String file;
    private final Catalogue known;
    private final int thisYear;
    private final Set<String> criteria = new HashSet<>();
    private final Map<AccuracyRow.Key, AccuracyRow> before = new HashMap<>();
    private final Map<AccuracyRow.Key, Long> seen = new HashMap<>();

    /**
     * @param known whose criteria and conditions rows may name
     * @param inForce the rows that the table is compared with
     */
    FigurePlan(String file, Catalogue known, List<AccuracyRow> inForce, int thisYear) {
        this.file = file;
        this.known = known;
        this.thisYear = thisYear;
        known.tests().forEach(t -> criteria.addAll(t.criterionIds()));
        known.history().forEach(h -> criteria.add(h.id()));
        inForce.forEach(r -> before.put(r.key(), r));
    }

    /** @param own the department's rows in force */
    void compare(AccuracyTable table, List<AccuracyRow> own, Origins origins) {
        for (AccuracyTable.Line line : table.lines()) {
            for (Problem p : line.problems()) {
                int dot = p.path().lastIndexOf('.');
                String column =
                        dot < p.path().lastIndexOf(')') ? null : p.path().substring(dot + 1);
                lines.add(ImportLine.refused(file, line.number(), named(p.path()), column, p.message()));
            }
            line.row().ifPresent(row -> compare(line.number(), row));
        }
        for (AccuracyRow row : own) {
            if (!seen.containsKey(row.key())) {
                missing.put(row.fingerprint(), row);
                boolean covers = origins.of(row).shipped().isPresent();
                lines.add(ImportLine.missing(
                        file,
                        name(row),
                        row.fingerprint(),
                        covers ? "if it goes, the shipped row counts again" : "if it goes, the history keeps it"));
            }
        }
    }

    /** The two cells that a problem's path has in brackets. */
    private static String named(String path) {
        int open = path.indexOf('(');
        int close = path.lastIndexOf(')');
        return open < 0 ? "" : path.substring(open + 1, close);
    }

    private static String name(AccuracyRow row) {
        return row.criterion() + ", " + row.condition() + ", " + row.source() + " " + row.year();
    }

    private void compare(long line, AccuracyRow row) {
        Long earlier = seen.putIfAbsent(row.key(), line);
        Optional<ImportLine> refusal = refusal(line, row, earlier);
        AccuracyRow was = before.get(row.key());
        if (refusal.isPresent()) {
            lines.add(refusal.get());
        } else if (was == null) {
            rows.put(row, Optional.empty());
            lines.add(ImportLine.of(file, line, name(row), ImportLine.NEW, ""));
        } else if (!was.equals(row)) {
            rows.put(row, Optional.of(was));
            lines.add(ImportLine.of(file, line, name(row), ImportLine.CHANGED, FigureWords.difference(was, row)));
        } else {
            same++;
        }
    }

    private Optional<ImportLine> refusal(long line, AccuracyRow row, Long earlier) {
        if (!criteria.contains(row.criterion())) {
            return refused(
                    line,
                    row,
                    "criterion",
                    "there is no criterion " + row.criterion() + nearCriterion(row.criterion()));
        }
        if (known.condition(row.condition()).isEmpty()) {
            return refused(
                    line,
                    row,
                    "condition",
                    "there is no condition " + row.condition() + nearCondition(row.condition()));
        }
        if (row.year() > thisYear) {
            return refused(line, row, "year", "expected a year up to " + thisYear + ", found " + row.year());
        }
        if (earlier != null) {
            return refused(line, row, "source", "the same study of this pair is in row " + earlier);
        }
        return Optional.empty();
    }

    private Optional<ImportLine> refused(long line, AccuracyRow row, String column, String why) {
        return Optional.of(ImportLine.refused(file, line, name(row), column, why));
    }

    /** The criteria of the test that is named, by its id or its name. */
    private String nearCriterion(String written) {
        String test = written.split("/")[0].strip();
        return known.tests().stream()
                .filter(t -> t.id().equals(test) || t.name().equalsIgnoreCase(test))
                .findFirst()
                .map(ClinicalTest::criterionIds)
                .map(ids -> "; of this test there are " + String.join(", ", ids))
                .orElse(AS_EXPORTED);
    }

    private String nearCondition(String written) {
        return known.conditions().stream()
                .filter(c -> c.name().equalsIgnoreCase(written.strip()))
                .findFirst()
                .map(Condition::id)
                .map(id -> "; write " + id)
                .orElse(AS_EXPORTED);
    }
}
