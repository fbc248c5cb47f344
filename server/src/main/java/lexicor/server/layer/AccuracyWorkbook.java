package lexicor.server.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.packs.AccuracyColumn;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.server.spreadsheet.Sheet;
import lexicor.server.spreadsheet.Workbook;

/** The table of figures as a workbook: the rows first, then what each column means. */
final class AccuracyWorkbook {
    private static final int NARROW = 12;
    private static final int WIDE = 34;
    private static final Map<String, Integer> WIDTHS = Map.of(
            "criterion",
            WIDE,
            "condition",
            28,
            "source",
            WIDE,
            "reference_standard",
            24,
            "population",
            28,
            "note",
            WIDE);

    private AccuracyWorkbook() {}

    static byte[] write(List<AccuracyRow> rows) {
        return Workbook.write(List.of(
                new Sheet(
                        "Figures",
                        AccuracyTable.COLUMNS,
                        AccuracyTable.COLUMNS.stream()
                                .map(c -> WIDTHS.getOrDefault(c, NARROW))
                                .toList(),
                        rows.stream().map(AccuracyWorkbook::cells).toList()),
                new Sheet(
                        "Columns",
                        List.of("Column", "What stands in it", "What may stand there", "Example"),
                        List.of(20, 52, 90, 26),
                        AccuracyColumn.ALL.stream()
                                .map(c -> List.<Object>of(c.name(), c.meaning(), c.expected(), c.example()))
                                .toList())));
    }

    /** A workbook knows numbers from texts, so no text has to be guarded. */
    private static List<Object> cells(AccuracyRow row) {
        List<String> written = AccuracyTable.cells(row);
        List<Object> cells = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            String cell = written.get(i);
            boolean number = !cell.isEmpty() && AccuracyColumn.ALL.get(i).number();
            cells.add(number ? (Object) Double.valueOf(cell) : SpreadsheetText.plain(cell));
        }
        return cells;
    }
}
