package lexicor.core.outcomes.followed;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a reference said of a condition. */
public enum CameOut {
    PRESENT,
    ABSENT,
    /** It was looked for, and the answer is open. */
    NOT_KNOWN;

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<CameOut> withId(String id) {
        return Arrays.stream(values()).filter(c -> c.id().equals(id)).findFirst();
    }
}
