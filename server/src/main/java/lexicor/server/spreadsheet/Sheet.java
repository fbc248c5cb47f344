package lexicor.server.spreadsheet;

import java.util.List;

/**
 * A sheet of a workbook.
 *
 * @param widths of the columns, in characters
 * @param rows texts and numbers below the heads; an empty text is an empty cell
 */
public record Sheet(String name, List<String> heads, List<Integer> widths, List<List<Object>> rows) {}
