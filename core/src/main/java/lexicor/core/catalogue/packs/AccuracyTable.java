package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.Dialect;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Table;

/**
 * The accuracy table as a spreadsheet keeps it: one row a study, criterion and condition, in any dialect and order of columns.
 *
 * @param lines row by row; a faulty one does not keep the others from being read
 * @param remarks how the table was read, in sentences: what separates its cells, and what was left out
 */
public record AccuracyTable(List<Line> lines, List<String> remarks) {
    /** The columns by their names in the table. */
    public static final List<String> COLUMNS =
            AccuracyColumn.ALL.stream().map(AccuracyColumn::name).toList();

    /** Columns that tables of editions before have not. */
    private static final List<String> LATER = List.of("people");

    private static final List<String> NEEDED =
            COLUMNS.stream().filter(c -> !LATER.contains(c)).toList();

    private static final List<String> NUMBERS = AccuracyColumn.ALL.stream()
            .filter(AccuracyColumn::number)
            .map(AccuracyColumn::name)
            .toList();
    private static final List<String> SHARES = List.of("sensitivity", "specificity");

    /**
     * A row of a table.
     *
     * @param number in the file as a spreadsheet counts; the heads are row 1
     * @param row empty where something is wrong with it
     * @param problems all that is wrong, by column
     */
    public record Line(long number, Optional<AccuracyRow> row, List<Problem> problems) {}

    /**
     * @throws InvalidDocumentException if a column is missing, or the text is no table
     */
    public static AccuracyTable read(String file, String text) {
        return of(Table.read(file, text, NEEDED, LATER));
    }

    /**
     * @param rows the cells of a sheet, the heads first
     * @throws InvalidDocumentException if a column is missing
     */
    public static AccuracyTable of(String file, List<List<String>> rows) {
        return of(Table.of(file, rows, NEEDED, LATER));
    }

    private static AccuracyTable of(Table table) {
        Optional<Character> decimal = table.decimal(SHARES);
        List<String> remarks = new ArrayList<>();
        table.separatedBy()
                .ifPresent(by -> remarks.add("The columns are separated by " + by + "; decimals have "
                        + decimal.map(d -> d == ',' ? "a comma" : "a point").orElse("a point or a comma") + "."));
        table.leftOut()
                .forEach(c -> remarks.add("Left out: the column " + c + ", which the table of figures has not."));
        if (table.emptyRows() > 0) {
            remarks.add(
                    table.emptyRows() == 1 ? "1 empty row is no row." : table.emptyRows() + " empty rows are no rows.");
        }
        return new AccuracyTable(
                table.lines().stream()
                        .map(l -> new AccuracyLine(l, decimal).read())
                        .toList(),
                List.copyOf(remarks));
    }

    /** The table with these rows; what {@link #read} reads back is equal to them. */
    public static String write(List<AccuracyRow> rows) {
        return write(rows, Dialect.PLAIN);
    }

    /** The same for a spreadsheet that wants another dialect. */
    public static String write(List<AccuracyRow> rows, Dialect dialect) {
        return Table.write(
                COLUMNS, rows.stream().map(r -> inDialect(cells(r), dialect)).toList(), dialect);
    }

    private static List<String> inDialect(List<String> cells, Dialect dialect) {
        List<String> written = new ArrayList<>(cells);
        for (String number : NUMBERS) {
            int place = COLUMNS.indexOf(number);
            written.set(place, dialect.number(cells.get(place)));
        }
        return written;
    }

    /** The cells of a row by column, numbers with a point; a text that a spreadsheet would take for a formula is guarded. */
    public static List<String> cells(AccuracyRow row) {
        Figures f = row.figures();
        return List.of(
                row.criterion(),
                row.condition(),
                row.kind().id(),
                number(OptionalDouble.of(f.sensitivity())),
                number(f.specificity()),
                number(f.diseased()),
                number(f.healthy()),
                SpreadsheetText.guarded(row.source()),
                String.valueOf(row.year()),
                SpreadsheetText.guarded(row.referenceStandard()),
                SpreadsheetText.guarded(row.population()),
                row.bias(),
                row.confidence(),
                SpreadsheetText.guarded(row.note()),
                number(f.people()));
    }

    private static String number(OptionalDouble value) {
        if (value.isEmpty()) {
            return "";
        }
        double v = value.getAsDouble();
        return v >= 2 && v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v);
    }
}
