package lexicor.core.catalogue.packs;

/**
 * A text in a table that a spreadsheet may open. One that a spreadsheet would take for a formula gets an apostrophe in front,
 * and so does one that begins with an apostrophe, so that reading gives back exactly what was written.
 */
public final class SpreadsheetText {
    private static final String GUARDED = "'=+-@\t\r";

    private SpreadsheetText() {}

    public static String guarded(String text) {
        return startsAsFormula(text) ? "'" + text : text;
    }

    public static String plain(String cell) {
        return cell.startsWith("'") && startsAsFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    private static boolean startsAsFormula(String text) {
        return !text.isEmpty() && GUARDED.indexOf(text.charAt(0)) >= 0;
    }
}
