package lexicor.core.document;

import java.util.List;
import java.util.Map;

/**
 * How a program writes a table as text: what stands between two cells, and before the decimals of a number.
 *
 * @param separator a comma, a semicolon or a tab
 * @param decimal a point or a comma
 */
public record Dialect(char separator, char decimal) {
    static final List<Character> SEPARATORS = List.of(',', ';', '\t');
    private static final Map<Character, String> WORDS = Map.of(',', "commas", ';', "semicolons", '\t', "tabs");

    /** The one of RFC 4180, which files of the packs are written in. */
    public static final Dialect PLAIN = new Dialect(',', '.');

    public Dialect {
        if (!SEPARATORS.contains(separator) || decimal != '.' && decimal != ',') {
            throw new IllegalArgumentException("a comma, semicolon or tab; a point or a comma");
        }
    }

    /** What separates the cells, for a sentence. */
    static String words(char separator) {
        return WORDS.get(separator);
    }

    /** A number as this dialect writes it, from one with a point. */
    public String number(String plain) {
        return decimal == ',' ? plain.replace('.', ',') : plain;
    }
}
