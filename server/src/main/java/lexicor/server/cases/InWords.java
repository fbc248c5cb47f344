package lexicor.server.cases;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.stream.Collectors;

/** Stored values as a history and a report write them. */
public final class InWords {
    private InWords() {}

    /** Empty for nothing. */
    public static String of(Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof Number number) {
            return number(number.doubleValue());
        }
        if (value instanceof Collection<?> several) {
            return several.stream().map(InWords::of).collect(Collectors.joining(", "));
        }
        return value instanceof Boolean yes ? (yes ? "yes" : "no") : value.toString();
    }

    /** The same however it was written. */
    public static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
