package lexicor.server.reports;

import java.util.List;
import java.util.Locale;
import lexicor.server.build.Build;

/** Numbers and lists as a report writes them. */
final class Words {
    /** Stands on every report. */
    static final String CAUTION =
            "Lexicor supports the judgement of a licensed clinician. It does not diagnose, and it defers to local protocol.";

    private Words() {}

    /** What stands below everything: the caution, and which Lexicor wrote it. */
    static String foot() {
        return CAUTION + " Written with Lexicor " + Build.version() + ".";
    }

    /** {@code a, b and c}. */
    static String list(List<String> items) {
        return switch (items.size()) {
            case 0 -> "";
            case 1 -> items.get(0);
            default -> String.join(", ", items.subList(0, items.size() - 1)) + " and " + items.get(items.size() - 1);
        };
    }

    static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** Ends with a full stop. */
    static String sentence(String text) {
        String stripped = text.strip();
        return stripped.isEmpty() || ".!?".indexOf(stripped.charAt(stripped.length() - 1)) >= 0
                ? stripped
                : stripped + ".";
    }
}
