package lexicor.core.examination;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A side of the body. */
public enum Side {
    LEFT,
    RIGHT;

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** The side of that name. */
    public static Optional<Side> withId(String id) {
        return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
