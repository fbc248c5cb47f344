package lexicor.core.catalogue;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lexicor.core.catalogue.AccuracyRow.Kind;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.document.Problems;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads the accuracy table: one line a study, criterion and condition. Problems name the line and the column. */
final class AccuracyReader {
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
    private static final Map<String, Kind> KINDS =
            Map.of("study", Kind.STUDY, "pooled", Kind.POOLED, "sensitivity-only", Kind.SENSITIVITY_ONLY);

    private final String file;
    private final CSVRecord line;

    private AccuracyReader(String file, CSVRecord line) {
        this.file = file;
        this.line = line;
    }

    static void read(Path root, String file, Content content, Problems problems) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader = Files.newBufferedReader(root.resolve(file));
                CSVParser lines = CSVParser.parse(reader, format)) {
            if (!lines.getHeaderNames().equals(COLUMNS)) {
                problems.add(file, "line 1", "expected the columns " + String.join(",", COLUMNS));
                return;
            }
            for (CSVRecord line : lines) {
                problems.collect(() -> content.accuracy.add(new AccuracyReader(file, line).row()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("cannot read " + root.resolve(file), e);
        }
    }

    private AccuracyRow row() {
        if (line.size() != COLUMNS.size()) {
            throw problem("", "expected " + COLUMNS.size() + " columns, found " + line.size());
        }
        Kind kind = KINDS.get(line.get("kind"));
        if (kind == null) {
            throw problem("kind", "expected study, pooled or sensitivity-only, found " + line.get("kind"));
        }
        OptionalDouble specificity = optional("specificity", 0, 1);
        if ((kind == Kind.SENSITIVITY_ONLY) == specificity.isPresent()) {
            throw problem(
                    "specificity",
                    kind == Kind.SENSITIVITY_ONLY ? "expected none in a sensitivity-only row" : "missing");
        }
        Figures figures = new Figures(
                optional("sensitivity", 0, 1).orElseThrow(() -> problem("sensitivity", "missing")),
                specificity,
                optional("diseased", 1, 1e7),
                optional("healthy", 1, 1e7));
        return new AccuracyRow(
                text("criterion"),
                text("condition"),
                kind,
                figures,
                text("source"),
                (int) optional("year", 1900, 2200).orElseThrow(() -> problem("year", "missing")),
                line.get("reference_standard"),
                line.get("population"),
                oneOf("bias", List.of("low", "unclear", "high")),
                oneOf("confidence", List.of("high", "medium")),
                line.get("note"));
    }

    private String text(String column) {
        String value = line.get(column);
        if (value.isBlank()) {
            throw problem(column, "missing");
        }
        return value;
    }

    private String oneOf(String column, List<String> words) {
        String value = text(column);
        if (!words.contains(value)) {
            throw problem(column, "expected one of " + String.join(", ", words) + ", found " + value);
        }
        return value;
    }

    private OptionalDouble optional(String column, double low, double high) {
        String value = line.get(column).trim();
        if (value.isEmpty()) {
            return OptionalDouble.empty();
        }
        double number;
        try {
            number = Double.parseDouble(value);
        } catch (NumberFormatException e) {
            throw problem(column, "expected a number, found " + value);
        }
        if (!(number >= low && number <= high)) {
            throw problem(column, "expected a number from " + low + " to " + high + ", found " + value);
        }
        return OptionalDouble.of(number);
    }

    private InvalidDocumentException problem(String column, String message) {
        String entry = line.size() > 1 ? " (" + line.get(0) + ", " + line.get(1) + ")" : "";
        return new InvalidDocumentException(new Problem(
                file,
                "line " + (line.getRecordNumber() + 1) + entry + (column.isEmpty() ? "" : "." + column),
                message));
    }
}
