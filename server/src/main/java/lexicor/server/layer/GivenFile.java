package lexicor.server.layer;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.document.Utf8;
import lexicor.server.catalogue.PackZip;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import lexicor.server.spreadsheet.Workbook;

/** What somebody chose to bring in: a table of figures, whatever program it comes from, or a whole pack. */
sealed interface GivenFile {
    record OfTable(AccuracyTable table) implements GivenFile {}

    record OfPack(PackFiles files) implements GivenFile {}

    /** The one that programs write on a machine where UTF-8 is not usual. */
    Charset WESTERN = Charset.forName("windows-1252");

    String OLD_WORKBOOK = "\u00d0\u00cf\u0011\u00e0";

    static GivenFile of(byte[] content) {
        if (content.length == 0) {
            throw Refusal.field("file", "empty; expected a table as XLSX or CSV, or a pack as zip");
        }
        if (startsWith(content, OLD_WORKBOOK)) {
            throw Refusal.field("file", "a workbook of the old kind (XLS); save it as XLSX, or as CSV");
        }
        if (!startsWith(content, "PK")) {
            return new OfTable(AccuracyTable.read("", clean(text(content))));
        }
        if (Workbook.isWorkbook(content)) {
            List<List<String>> rows = Workbook.firstSheet(content);
            rows.forEach(r -> r.forEach(GivenFile::clean));
            return new OfTable(AccuracyTable.of("", rows));
        }
        PackFiles files = PackZip.read(content);
        files.texts().values().forEach(GivenFile::clean);
        return new OfPack(files);
    }

    private static boolean startsWith(byte[] content, String first) {
        return new String(content, 0, Math.min(first.length(), content.length), StandardCharsets.ISO_8859_1)
                .equals(first);
    }

    /** Programs that say "Unicode" mean UTF-16 with a mark; what is not UTF-8 is of an older machine. */
    private static String text(byte[] content) {
        if (startsWith(content, "\u00ff\u00fe") || startsWith(content, "\u00fe\u00ff")) {
            return new String(content, StandardCharsets.UTF_16);
        }
        return Utf8.text(content).orElseGet(() -> new String(content, WESTERN));
    }

    private static String clean(String text) {
        if (!CleanText.isClean(text)) {
            throw Refusal.field("file", "has control characters in it, which cannot be kept");
        }
        return text;
    }
}
