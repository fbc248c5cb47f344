package lexicor.server.reports;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a report is for. */
enum ReportKind {
    RECORD,
    REFERRAL,
    PATIENT;

    /** Whom a referral can go to, and what it is called there. */
    static final Map<String, String> RECIPIENTS = Map.of(
            "imaging", "the imaging department",
            "nerve-studies", "the nerve study clinic",
            "surgeon", "the hand and shoulder surgeon",
            "physician", "the family physician");

    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Optional<ReportKind> withId(String id) {
        return Arrays.stream(values()).filter(k -> k.id().equals(id)).findFirst();
    }

    static List<String> ids() {
        return Arrays.stream(values()).map(ReportKind::id).toList();
    }
}
