package lexicor.server.standing;

import java.util.Locale;

/** A probability in percent, with one more digit towards the ends, where it matters. */
public final class Percent {
    private Percent() {}

    public static String of(double p) {
        double value = 100 * p;
        if (value < 0.05) {
            return "under 0.1 %";
        }
        if (value >= 99.95) {
            return "over 99.9 %";
        }
        return String.format(Locale.ROOT, value < 9.95 || value > 99.05 ? "%.1f %%" : "%.0f %%", value);
    }
}
