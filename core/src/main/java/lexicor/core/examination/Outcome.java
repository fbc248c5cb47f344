package lexicor.core.examination;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** What a criterion came to. Unclear and not-done outcomes are never weighed (method M3). */
public enum Outcome {
    POSITIVE,
    NEGATIVE,
    UNCLEAR,
    NOT_DONE;

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
