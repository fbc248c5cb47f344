package lexicor.core.examination;

import java.util.Locale;

/** A text as a code that can be recorded. */
public final class Slug {
    private static final int LONGEST = 80;

    private Slug() {}

    /** Small letters, figures and dashes alone; the same text gives the same code. */
    public static String of(String text) {
        String code =
                text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return code.substring(0, Math.min(LONGEST, code.length()));
    }
}
