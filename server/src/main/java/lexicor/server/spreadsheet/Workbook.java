package lexicor.server.spreadsheet;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import org.apache.poi.ooxml.POIXMLException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JRuntimeException;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.FormulaError;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.util.RecordFormatException;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Workbooks (XLSX) with sheets of texts and numbers. A formula counts as what it last came to. */
public final class Workbook {
    /** A workbook is held in memory as a whole, at many times its size. */
    private static final long MOST_BYTES = 16L << 20;

    private static final int MOST_COLUMNS = 200;
    private static final int MOST_ROWS = 200_000;
    /** A column's width is given in these parts of a character. */
    private static final int PARTS = 256;

    private static final String PART_OF_EVERY_WORKBOOK = "[Content_Types].xml";
    private static final String NOT_WHOLE = "not a whole workbook; save it anew as XLSX, or as CSV";

    private Workbook() {}

    /** The sheets as a workbook, the heads bold and staying in view. */
    public static byte[] write(List<Sheet> sheets) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            Font bold = workbook.createFont();
            bold.setBold(true);
            CellStyle head = workbook.createCellStyle();
            head.setFont(bold);
            sheets.forEach(s -> write(workbook.createSheet(s.name()), s, head));
            workbook.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return bytes.toByteArray();
    }

    private static void write(XSSFSheet to, Sheet sheet, CellStyle head) {
        to.createFreezePane(0, 1);
        Row heads = to.createRow(0);
        for (int c = 0; c < sheet.heads().size(); c++) {
            Cell cell = heads.createCell(c);
            cell.setCellValue(sheet.heads().get(c));
            cell.setCellStyle(head);
            to.setColumnWidth(c, sheet.widths().get(c) * PARTS);
        }
        for (int r = 0; r < sheet.rows().size(); r++) {
            Row row = to.createRow(r + 1);
            List<Object> cells = sheet.rows().get(r);
            for (int c = 0; c < cells.size(); c++) {
                if (cells.get(c) instanceof Number number) {
                    row.createCell(c).setCellValue(number.doubleValue());
                } else if (!cells.get(c).toString().isEmpty()) {
                    row.createCell(c).setCellValue(cells.get(c).toString());
                }
            }
        }
    }

    /** Whether the bytes are a workbook, rather than another kind of zip. */
    public static boolean isWorkbook(byte[] content) {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(PART_OF_EVERY_WORKBOOK)) {
                    return true;
                }
            }
            return false;
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
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(content))) {
            for (Row row : workbook.getSheetAt(0)) {
                if (row.getRowNum() >= MOST_ROWS || row.getLastCellNum() > MOST_COLUMNS) {
                    throw problem("more rows or columns than a table of figures has");
                }
                while (rows.size() < row.getRowNum()) {
                    rows.add(List.of());
                }
                rows.add(IntStream.range(0, Math.max(0, row.getLastCellNum()))
                        .mapToObj(c -> text(row.getCell(c)))
                        .toList());
            }
        } catch (IOException
                | POIXMLException
                | OpenXML4JRuntimeException
                | RecordFormatException
                | IllegalArgumentException e) {
            throw problem(NOT_WHOLE);
        }
        return rows;
    }

    /** A small file can unpack to a very large one. */
    private static void requireModest(byte[] content) {
        byte[] part = new byte[1 << 16];
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            while (zip.getNextEntry() != null) {
                for (int got = zip.read(part); got >= 0; got = zip.read(part)) {
                    bytes += got;
                    if (bytes > MOST_BYTES) {
                        throw problem("more than " + (MOST_BYTES >> 20) + " MB when unpacked");
                    }
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw problem(NOT_WHOLE);
        }
    }

    private static String text(Cell cell) {
        if (cell == null) {
            return "";
        }
        CellType type = cell.getCellType() == CellType.FORMULA ? cell.getCachedFormulaResultType() : cell.getCellType();
        return switch (type) {
            case NUMERIC ->
                BigDecimal.valueOf(cell.getNumericCellValue())
                        .stripTrailingZeros()
                        .toPlainString();
            case STRING -> SpreadsheetText.guarded(cell.getStringCellValue());
            case BOOLEAN -> String.valueOf(cell.getBooleanCellValue());
            case ERROR ->
                FormulaError.isValidCode(cell.getErrorCellValue())
                        ? FormulaError.forInt(cell.getErrorCellValue()).getString()
                        : "error";
            default -> "";
        };
    }

    private static InvalidDocumentException problem(String message) {
        return new InvalidDocumentException(new Problem("workbook", "", message));
    }
}
