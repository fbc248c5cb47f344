package lexicor.core.catalogue;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Sex at birth, where it matters. */
public enum Sex {
    FEMALE,
    MALE;

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Sex> withId(String id) {
        return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
    }
}
