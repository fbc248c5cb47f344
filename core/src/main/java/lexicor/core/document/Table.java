package lexicor.core.document;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Tables as CSV (RFC 4180) with a fixed list of columns in the first line. */
public final class Table {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180;
    private static final String BYTE_ORDER_MARK = "\ufeff";

    private Table() {}

    /** One line below the header. */
    public static final class Line {
        private final String file;
        private final List<String> columns;
        private final CSVRecord record;

        private Line(String file, List<String> columns, CSVRecord record) {
            this.file = file;
            this.columns = columns;
            this.record = record;
        }

        /** The place in the table, the header being 1. */
        public long number() {
            return record.getRecordNumber();
        }

        public int size() {
            return record.size();
        }

        /** Whether it has as many cells as there are columns. */
        public boolean isWhole() {
            return size() == columns.size();
        }

        public String get(String column) {
            return record.get(columns.indexOf(column));
        }

        /** A problem that names the line, its first two cells and the column. */
        public Problem problem(String column, String message) {
            String entry = size() > 1 ? " (" + record.get(0) + ", " + record.get(1) + ")" : "";
            return new Problem(file, "line " + number() + entry + (column.isEmpty() ? "" : "." + column), message);
        }
    }

    /**
     * @throws InvalidDocumentException if the first line is not the columns, or the text is no CSV
     */
    public static List<Line> read(String file, String text, List<String> columns) {
        String plain = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), FORMAT)) {
            for (CSVRecord record : parser) {
                if (record.getRecordNumber() > 1) {
                    lines.add(new Line(file, columns, record));
                } else if (!record.toList().equals(columns)) {
                    throw new InvalidDocumentException(
                            new Problem(file, "line 1", difference(record.toList(), columns)));
                }
            }
            if (parser.getRecordNumber() == 0) {
                throw new InvalidDocumentException(new Problem(file, "line 1", difference(List.of(), columns)));
            }
        } catch (IOException | UncheckedIOException e) {
            throw new InvalidDocumentException(new Problem(
                    file,
                    "line " + (lines.size() + 2),
                    "not valid CSV: a quoted text is not closed, or goes on after it"));
        }
        return lines;
    }

    /** What is wrong with the first line: the separator, a column that is missing or not known, or the order. */
    private static String difference(List<String> found, List<String> columns) {
        String expected = "expected the columns " + String.join(",", columns);
        if (found.size() == 1) {
            for (String separator : List.of(";", "\t", "|")) {
                if (found.get(0).contains(separator)) {
                    return "the columns are separated by "
                            + (separator.equals("\t") ? "tabs" : "\"" + separator + "\"")
                            + "; save the table with commas (" + expected + ")";
                }
            }
        }
        List<String> missing = new ArrayList<>(columns);
        missing.removeAll(found);
        List<String> unknown = new ArrayList<>(found);
        unknown.removeAll(columns);
        String wrong = Stream.of(named("missing", missing), named("not known", unknown))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining("; "));
        return wrong.isEmpty() ? expected + " in this order" : wrong + "; " + expected;
    }

    private static String named(String what, List<String> columns) {
        return columns.isEmpty() ? "" : what + ": " + String.join(", ", columns);
    }

    public static String write(List<String> columns, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            printer.printRecord(columns);
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return text.toString();
    }
}
