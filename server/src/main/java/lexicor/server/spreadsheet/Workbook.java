package lexicor.server.spreadsheet;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.dhatim.fastexcel.Worksheet;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/** Workbooks (XLSX) with sheets of texts and numbers. A formula counts as what it last came to. */
public final class Workbook {
    private static final String PROGRAM = "Lexicor";
    private static final String VERSION = "1.0";
    private static final long MOST_BYTES = 64L << 20;
    private static final int MOST_COLUMNS = 200;
    private static final int MOST_ROWS = 200_000;
    private static final String PART_OF_EVERY_WORKBOOK = "[Content_Types].xml";
    private static final String NOT_WHOLE = "not a whole workbook; save it anew as XLSX, or as CSV";

    private Workbook() {}

    /** The sheets as a workbook, the heads bold and staying in view. */
    public static byte[] write(List<Sheet> sheets) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (org.dhatim.fastexcel.Workbook workbook = new org.dhatim.fastexcel.Workbook(bytes, PROGRAM, VERSION)) {
            for (Sheet sheet : sheets) {
                write(workbook.newWorksheet(sheet.name()), sheet);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return bytes.toByteArray();
    }

    private static void write(Worksheet to, Sheet sheet) {
        to.freezePane(0, 1);
        for (int c = 0; c < sheet.heads().size(); c++) {
            to.value(0, c, sheet.heads().get(c));
            to.style(0, c).bold().set();
            to.width(c, sheet.widths().get(c));
        }
        for (int r = 0; r < sheet.rows().size(); r++) {
            List<Object> row = sheet.rows().get(r);
            for (int c = 0; c < row.size(); c++) {
                if (row.get(c) instanceof Number number) {
                    to.value(r + 1, c, number);
                } else if (!row.get(c).toString().isEmpty()) {
                    to.value(r + 1, c, row.get(c).toString());
                }
            }
        }
    }

    /** Whether the bytes are a workbook, rather than another kind of zip. */
    public static boolean isWorkbook(byte[] content) {
        try (ZipFile zip = ZipFile.builder().setByteArray(content).get()) {
            return zip.getEntry(PART_OF_EVERY_WORKBOOK) != null;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    /**
     * The cells of the first sheet, row by row from its first one on; rows that are not there are empty. A text stands as a
     * table of texts would hold it, numbers with a point.
     *
     * @throws InvalidDocumentException if it is no whole workbook, or unpacks to too much
     */
    public static List<List<String>> firstSheet(byte[] content) {
        requireModest(content);
        List<List<String>> rows = new ArrayList<>();
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(content))) {
            for (Row row : workbook.getFirstSheet().read()) {
                if (row.getRowNum() > MOST_ROWS || row.getCellCount() > MOST_COLUMNS) {
                    throw problem("more rows or columns than a table of figures has");
                }
                while (rows.size() < row.getRowNum() - 1) {
                    rows.add(List.of());
                }
                rows.add(IntStream.range(0, row.getCellCount())
                        .mapToObj(c -> text(row.getCell(c)))
                        .toList());
            }
        } catch (IOException | UncheckedIOException | ExcelReaderException e) {
            throw problem(NOT_WHOLE);
        }
        return rows;
    }

    /** A small file can unpack to a very large one. */
    private static void requireModest(byte[] content) {
        byte[] part = new byte[1 << 16];
        long bytes = 0;
        try (ZipFile zip = ZipFile.builder().setByteArray(content).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                try (InputStream in = zip.getInputStream(entry)) {
                    for (int got = in.read(part); got >= 0; got = in.read(part)) {
                        bytes += got;
                        if (bytes > MOST_BYTES) {
                            throw problem("more than " + (MOST_BYTES >> 20) + " MB when unpacked");
                        }
                    }
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw problem(NOT_WHOLE);
        }
    }

    private static String text(Cell cell) {
        if (cell == null || cell.getType() == CellType.EMPTY || cell.getRawValue() == null) {
            return "";
        }
        return switch (cell.getType()) {
            case NUMBER -> cell.asNumber().stripTrailingZeros().toPlainString();
            case STRING -> SpreadsheetText.guarded(cell.asString());
            default -> SpreadsheetText.guarded(cell.getRawValue());
        };
    }

    private static InvalidDocumentException problem(String message) {
        return new InvalidDocumentException(new Problem("workbook", "", message));
    }
}
