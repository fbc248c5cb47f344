package lexicor.core.document;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A table with named columns, as spreadsheets write them: the cells separated by commas, semicolons or tabs, with or without
 * a byte order mark, the columns in any order. Columns that are not asked for are named and left out; empty rows are no rows.
 */
public final class Table {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180;
    private static final String BYTE_ORDER_MARK = "\ufeff";

    /** A first line by which a spreadsheet is told what separates the cells. */
    private static final String SEPARATOR_LINE = "(?i)sep=(.)\r?\n";

    private final List<Line> lines = new ArrayList<>();
    private final List<String> leftOut = new ArrayList<>();
    private final Optional<Character> separator;
    private int emptyRows;

    private Table(Optional<Character> separator) {
        this.separator = separator;
    }

    /** One row below the heads. */
    public static final class Line {
        private final String file;
        private final long number;
        private final int beyond;
        private final List<String> columns;
        private final List<String> cells;

        private Line(String file, long number, int beyond, List<String> columns, List<String> cells) {
            this.file = file;
            this.number = number;
            this.beyond = beyond;
            this.columns = columns;
            this.cells = cells;
        }

        /** The place in the table as a spreadsheet counts: the row of the heads is 1, empty rows count. */
        public long number() {
            return number;
        }

        /** How many cells with something in them stand beyond the last column. */
        public int beyond() {
            return beyond;
        }

        public String get(String column) {
            return cells.get(columns.indexOf(column));
        }

        /** A problem that names the row, the cells of its first two columns, and the column. */
        public Problem problem(String column, String message) {
            String entry = columns.size() > 1 ? " (" + cells.get(0) + ", " + cells.get(1) + ")" : "";
            return new Problem(file, "line " + number + entry + (column.isEmpty() ? "" : "." + column), message);
        }
    }

    /**
     * @param columns all that are needed
     * @throws InvalidDocumentException if one of the columns is missing or there twice, or the text is no table
     */
    public static Table read(String file, String text, List<String> columns) {
        return read(file, text, columns, List.of());
    }

    /**
     * @param optional columns that are empty where they are not there
     */
    public static Table read(String file, String text, List<String> columns, List<String> optional) {
        String plain = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        int skipped = 0;
        if (plain.length() > 5
                && plain.substring(0, Math.min(8, plain.length())).matches(SEPARATOR_LINE + "(?s).*")) {
            plain = plain.replaceFirst(SEPARATOR_LINE, "");
            skipped = 1;
        }
        char separator = separator(plain, columns);
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(
                new StringReader(plain),
                FORMAT.builder().setDelimiter(separator).get())) {
            for (CSVRecord record : parser) {
                rows.add(record.toList());
            }
        } catch (IOException | UncheckedIOException e) {
            throw new InvalidDocumentException(new Problem(
                    file,
                    "line " + (rows.size() + 1 + skipped),
                    "not valid CSV: a quoted text is not closed, or goes on after it"));
        }
        return of(file, rows, skipped, columns, optional, Optional.of(separator));
    }

    /** The same of rows that have been taken apart already, the heads first. */
    public static Table of(String file, List<List<String>> rows, List<String> columns, List<String> optional) {
        return of(file, rows, 0, columns, optional, Optional.empty());
    }

    private static Table of(
            String file,
            List<List<String>> rows,
            int skipped,
            List<String> needed,
            List<String> optional,
            Optional<Character> separator) {
        List<String> columns = Stream.concat(needed.stream(), optional.stream()).toList();
        Table table = new Table(separator);
        int first = 0;
        while (first < rows.size() - 1 && isEmpty(rows.get(first))) {
            first++;
        }
        List<String> heads = rows.isEmpty()
                ? List.of()
                : rows.get(first).stream().map(Table::head).toList();
        objection(heads, needed, separator).ifPresent(wrong -> {
            throw new InvalidDocumentException(new Problem(file, "line 1", wrong));
        });
        for (int i = 0; i < heads.size(); i++) {
            int place = i;
            if (!columns.contains(heads.get(i))
                    && rows.stream()
                            .anyMatch(r -> r.size() > place && !r.get(place).isBlank())) {
                String written = rows.get(first).get(i).strip();
                table.leftOut.add(written.isEmpty() ? "number " + (i + 1) + ", which has no name" : written);
            }
        }
        List<Integer> places = columns.stream().map(heads::indexOf).toList();
        for (int i = first + 1; i < rows.size(); i++) {
            List<String> row = rows.get(i);
            if (isEmpty(row)) {
                table.emptyRows++;
                continue;
            }
            int beyond = (int)
                    row.stream().skip(heads.size()).filter(c -> !c.isBlank()).count();
            List<String> cells = places.stream()
                    .map(p -> p >= 0 && p < row.size() ? row.get(p) : "")
                    .toList();
            table.lines.add(new Line(file, i + 1L + skipped, beyond, columns, cells));
        }
        return table;
    }

    private static boolean isEmpty(List<String> row) {
        return row.stream().allMatch(String::isBlank);
    }

    /** A head as it is meant, however it is written: {@code Reference standard} is {@code reference_standard}. */
    private static String head(String written) {
        return written.strip().toLowerCase(Locale.ROOT).replaceAll("[ _-]+", "_");
    }

    /** The one that gives the most of the columns; a comma where none gives any. */
    private static char separator(String text, List<String> columns) {
        String heads = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        return Dialect.SEPARATORS.stream()
                .max(Comparator.comparingLong(s -> Stream.of(heads.split(String.valueOf(s)))
                        .map(h -> head(h.replace("\"", "")))
                        .filter(columns::contains)
                        .count()))
                .filter(s -> heads.indexOf(s) >= 0)
                .orElse(',');
    }

    /** What is wrong with the heads: which are missing, or there twice. */
    private static Optional<String> objection(List<String> heads, List<String> columns, Optional<Character> separator) {
        Set<String> seen = new HashSet<>();
        List<String> twice = heads.stream()
                .filter(h -> columns.contains(h) && !seen.add(h))
                .distinct()
                .toList();
        List<String> missing = columns.stream().filter(c -> !heads.contains(c)).toList();
        if (twice.isEmpty() && missing.isEmpty()) {
            return Optional.empty();
        }
        List<String> others =
                heads.stream().filter(h -> !h.isEmpty() && !columns.contains(h)).toList();
        String found = separator
                .map(s -> heads.size() > 1
                        ? "The columns are separated by " + Dialect.words(s)
                        : "No commas, semicolons or tabs separate the columns")
                .orElse("The first sheet is read");
        return Optional.of(found
                + named("; missing: ", missing)
                + named("; there twice: ", twice)
                + named("; not known: ", others)
                + ". Expected the columns " + String.join(", ", columns)
                + " in any order, empty where nothing is known");
    }

    private static String named(String what, Collection<String> columns) {
        return columns.isEmpty() ? "" : what + String.join(", ", columns);
    }

    public List<Line> lines() {
        return lines;
    }

    /** Columns that nobody asked for. */
    public List<String> leftOut() {
        return List.copyOf(leftOut);
    }

    /** How many rows between or below the others have nothing in them. */
    public int emptyRows() {
        return emptyRows;
    }

    /** What stands before decimals in the columns; empty where there are none, or some have a point and some a comma. */
    public Optional<Character> decimal(List<String> numbers) {
        Set<Character> found = lines.stream()
                .flatMap(l -> numbers.stream().flatMap(c -> Numeral.decimalOf(l.get(c)).stream()))
                .collect(Collectors.toSet());
        return found.size() == 1 ? Optional.of(found.iterator().next()) : Optional.empty();
    }

    /** What separates the cells, in words; empty where nothing has to. */
    public Optional<String> separatedBy() {
        return separator.map(Dialect::words);
    }

    /** In the dialect of the packs. */
    public static String write(List<String> columns, List<List<String>> rows) {
        return write(columns, rows, Dialect.PLAIN);
    }

    public static String write(List<String> columns, List<List<String>> rows, Dialect dialect) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                text, FORMAT.builder().setDelimiter(dialect.separator()).get())) {
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
