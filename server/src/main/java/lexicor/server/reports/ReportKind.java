package lexicor.server.reports;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a report is for. */
enum ReportKind {
    RECORD,
    REFERRAL,
    PATIENT;

    /** The name used in the API and the records. */
    @JsonValue
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Optional<ReportKind> withId(String id) {
        return Arrays.stream(values()).filter(k -> k.id().equals(id)).findFirst();
    }
}
