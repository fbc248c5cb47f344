package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.AccuracyRow.Kind;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Table;

/** The accuracy table as CSV: one line a study, criterion and condition. Problems name the line and the column. */
public final class AccuracyTable {
    static final List<String> COLUMNS = List.of(
            "criterion",
            "condition",
            "kind",
            "sensitivity",
            "specificity",
            "diseased",
            "healthy",
            "source",
            "year",
            "reference_standard",
            "population",
            "bias",
            "confidence",
            "note");
    private static final double MOST_PEOPLE = 1e7;
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;
    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_NOTE = 2000;

    /**
     * A line of a table.
     *
     * @param number in the file; the header is line 1
     * @param row empty where something is wrong with it
     * @param problems all that is wrong, by column
     */
    public record Line(long number, Optional<AccuracyRow> row, List<Problem> problems) {}

    private final Table.Line line;
    private final List<Problem> problems = new ArrayList<>();

    private AccuracyTable(Table.Line line) {
        this.line = line;
    }

    /**
     * Reads a table line by line; a faulty line does not keep the others from being read.
     *
     * @throws InvalidDocumentException if the columns are not the table's, or the text is no CSV
     */
    public static List<Line> lines(String file, String text) {
        return Table.read(file, text, COLUMNS).stream()
                .map(l -> new AccuracyTable(l).line())
                .toList();
    }

    /** The table with these rows; what {@link #lines} reads back is equal to them. */
    public static String write(List<AccuracyRow> rows) {
        return Table.write(COLUMNS, rows.stream().map(AccuracyTable::cells).toList());
    }

    private static List<String> cells(AccuracyRow row) {
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
                SpreadsheetText.guarded(row.note()));
    }

    private static String number(OptionalDouble value) {
        if (value.isEmpty()) {
            return "";
        }
        double v = value.getAsDouble();
        return v >= 2 && v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v);
    }

    private Line line() {
        if (!line.isWhole()) {
            problems.add(line.problem("", "expected " + COLUMNS.size() + " columns, found " + line.size()));
            return new Line(line.number(), Optional.empty(), problems);
        }
        AccuracyRow row = row();
        return new Line(line.number(), problems.isEmpty() ? Optional.of(row) : Optional.empty(), List.copyOf(problems));
    }

    /** Goes through every column, so that all that is wrong is said at once; what is wrong has a stand-in. */
    private AccuracyRow row() {
        Kind kind = Kind.withId(line.get("kind")).orElseGet(() -> {
            wrong("kind", "expected study, pooled, sensitivity-only or judgement, found " + line.get("kind"));
            return Kind.STUDY;
        });
        OptionalDouble sensitivity = number("sensitivity", 0, 1);
        OptionalDouble specificity = number("specificity", 0, 1);
        if (line.get("sensitivity").isBlank()) {
            wrong("sensitivity", "missing");
        }
        boolean noSpecificity = line.get("specificity").isBlank();
        if (kind == Kind.SENSITIVITY_ONLY && !noSpecificity) {
            wrong("specificity", "expected none in a sensitivity-only row");
        } else if (kind != Kind.SENSITIVITY_ONLY && noSpecificity) {
            wrong("specificity", "missing");
        }
        boolean judged = kind == Kind.JUDGEMENT;
        Figures figures = new Figures(
                sensitivity.orElse(0),
                specificity,
                people("diseased", "with the condition", judged),
                people("healthy", "without it", judged));
        if (kind == Kind.JUDGEMENT) {
            required("diseased");
            required("healthy");
        }
        OptionalDouble year = number("year", FIRST_YEAR, LAST_YEAR);
        required("year");
        if (year.isPresent() && year.getAsDouble() != Math.rint(year.getAsDouble())) {
            wrong("year", "expected a whole number, found " + line.get("year"));
        }
        return new AccuracyRow(
                required("criterion"),
                required("condition"),
                kind,
                figures,
                text("source", required("source"), LONGEST_TEXT),
                (int) year.orElse(0),
                text("reference_standard", line.get("reference_standard"), LONGEST_TEXT),
                text("population", line.get("population"), LONGEST_TEXT),
                oneOf("bias", AccuracyRow.BIASES),
                oneOf("confidence", AccuracyRow.CONFIDENCES),
                text("note", line.get("note"), LONGEST_NOTE));
    }

    private String text(String column, String cell, int longest) {
        String text = SpreadsheetText.plain(cell);
        if (text.length() > longest) {
            wrong(column, "expected at most " + longest + " characters");
        }
        return text;
    }

    private String required(String column) {
        String value = line.get(column);
        if (value.isBlank()) {
            wrong(column, "missing");
        }
        return value;
    }

    private String oneOf(String column, List<String> words) {
        String value = line.get(column);
        if (!words.contains(value)) {
            wrong(
                    column,
                    value.isBlank() ? "missing" : "expected one of " + String.join(", ", words) + ", found " + value);
        }
        return value;
    }

    /** @param judged whether they are the people that a judgement counts for */
    private OptionalDouble people(String column, String who, boolean judged) {
        OptionalDouble people = number(column, 1, MOST_PEOPLE);
        if (judged && people.isPresent() && people.getAsDouble() > AccuracyRow.LARGEST_JUDGEMENT) {
            wrong(column, "a judgement may count for 1 to " + plain(AccuracyRow.LARGEST_JUDGEMENT) + " people " + who);
        }
        return people;
    }

    private OptionalDouble number(String column, double low, double high) {
        String value = line.get(column).trim();
        if (value.isEmpty()) {
            return OptionalDouble.empty();
        }
        double number;
        try {
            number = Double.parseDouble(value);
        } catch (NumberFormatException e) {
            wrong(column, "expected a number, found " + value);
            return OptionalDouble.empty();
        }
        if (!(number >= low && number <= high)) {
            wrong(column, "expected a number from " + plain(low) + " to " + plain(high) + ", found " + value);
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(number);
    }

    private static String plain(double v) {
        return v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v);
    }

    private void wrong(String column, String message) {
        problems.add(line.problem(column, message));
    }
}
