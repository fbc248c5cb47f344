package lexicor.bench.server;

import java.util.UUID;

/** Bodies of requests that record. */
final class Taps {
    private static final String[] TESTS = {
        "neer pain.familiar", "hawkins-kennedy pain.familiar", "drop-arm pain.familiar", "empty-can pain.familiar",
        "apprehension apprehension", "speed pain.familiar", "cross-body-adduction pain.familiar",
                "crank-labrum pain.familiar"
    };

    private Taps() {}

    static String newCase(String code) {
        return "{\"code\":\"%s\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}".formatted(code);
    }

    static String gap(UUID id, int gapMm) {
        return tap(id, "sulcus", "right", "\"gapMm\":" + gapMm);
    }

    /** The nth tap of an examination: one test after another, both sides, yes and no. */
    static String nth(UUID id, int n) {
        String[] test = TESTS[n / 2 % TESTS.length].split(" ");
        boolean yes = n / (2 * TESTS.length) % 2 == 0;
        return tap(id, test[0], n % 2 == 0 ? "left" : "right", "\"" + test[1] + "\":" + (yes && n % 2 == 1));
    }

    private static String tap(UUID id, String test, String side, String change) {
        return "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"%s\",\"changes\":{%s}}"
                .formatted(id, test, side, change);
    }
}
