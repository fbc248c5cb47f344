package lexicor.core.document;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as people and spreadsheets write it: {@code 0.07}, {@code 0,07}, {@code .07}, {@code 7E-2}, {@code 1 234}.
 *
 * <p>A point or comma before exactly three digits may be there to group thousands. Where the table does not show which of the
 * two it has before decimals, such a number is not guessed at.
 */
public final class Numeral {
    /** Spaces that group thousands, the ones that do not break among them. */
    private static final Pattern GROUPING_SPACE = Pattern.compile("(?<=\\d)[ \u00a0\u202f](?=\\d{3}(?!\\d))");

    private static final Pattern NUMBER = Pattern.compile("[+-]?(\\d+([.,]\\d*)?|[.,]\\d+)([eE][+-]?\\d{1,3})?");
    private static final Pattern MAY_BE_THOUSANDS = Pattern.compile("[+-]?([1-9]\\d{0,2})([.,])(\\d{3})");
    private static final Pattern PERCENT = Pattern.compile("(.*?)[ \u00a0\u202f]*%");
    private static final Pattern MARKED = Pattern.compile("\\s*\\d*([.,])\\d+[ \u00a0\u202f]*%?\\s*");

    private Numeral() {}

    /**
     * @param decimal what stands before decimals, where that is known
     * @return empty where it is no number, or one of two
     */
    public static OptionalDouble parse(String text, Optional<Character> decimal) {
        String plain = GROUPING_SPACE.matcher(text.strip()).replaceAll("");
        boolean hasDecimals = decimal.filter(mark -> plain.indexOf(mark) >= 0).isPresent();
        if (!NUMBER.matcher(plain).matches() || mayBeThousands(plain) && !hasDecimals) {
            return OptionalDouble.empty();
        }
        double value = Double.parseDouble(plain.replace(',', '.'));
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** A proportion, which may be written in percent as well; it needs no guess, since nobody groups thousands in one. */
    public static OptionalDouble parseShare(String text) {
        Matcher percent = PERCENT.matcher(text.strip());
        boolean inPercent = percent.matches();
        OptionalDouble of = parse(inPercent ? percent.group(1) : text, Optional.of(text.indexOf(',') >= 0 ? ',' : '.'));
        return of.isEmpty() || !inPercent
                ? of
                : OptionalDouble.of(
                        // With the digits that were written: 7 % is 0.07, not 0.07000000000000001.
                        BigDecimal.valueOf(of.getAsDouble()).movePointLeft(2).doubleValue());
    }

    /** Whether it can be read as thousands and as a number with decimals. */
    public static boolean mayBeThousands(String text) {
        return MAY_BE_THOUSANDS.matcher(text.strip()).matches();
    }

    /** What stands before the decimals of a number; empty where there are none. */
    static Optional<Character> decimalOf(String text) {
        Matcher marked = MARKED.matcher(text);
        return marked.matches() ? Optional.of(marked.group(1).charAt(0)) : Optional.empty();
    }
}
