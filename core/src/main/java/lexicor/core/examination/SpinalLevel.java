package lexicor.core.examination;

import java.util.List;

/** The level of the spine that a thumb reaches, counted from T1 downwards: a larger number is a poorer reach. */
public final class SpinalLevel {
    private static final List<String> COUNTS = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final int LAST_THORACIC = 12;
    private static final int LAST_LUMBAR = 17;

    private SpinalLevel() {}

    /** The level's name, T1 to L5, the sacrum or the buttock; a mean of several reaches is rounded to the nearest. */
    public static String name(double level) {
        int l = (int) Math.round(level);
        if (l <= LAST_THORACIC) {
            return "T" + l;
        }
        return l <= LAST_LUMBAR ? "L" + (l - LAST_THORACIC) : l == LAST_LUMBAR + 1 ? "the sacrum" : "the buttock";
    }

    /** The difference in words, for example {@code seven levels lower}; {@code the same level} where there is none. */
    public static String difference(double own, double other) {
        long by = Math.round(own - other);
        if (by == 0) {
            return "the same level";
        }
        String count = Math.abs(by) < COUNTS.size() ? COUNTS.get((int) Math.abs(by)) : String.valueOf(Math.abs(by));
        return count + (Math.abs(by) == 1 ? " level " : " levels ") + (by > 0 ? "lower" : "higher");
    }
}
