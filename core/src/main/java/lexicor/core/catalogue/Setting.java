package lexicor.core.catalogue;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;

/** Where the patient presents; base rates differ between them. */
public enum Setting {
    COMMUNITY,
    SPORTS,
    SPECIALIST;

    /** The setting of that name. */
    public static Optional<Setting> withId(String id) {
        return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
    }

    /** The name used in packs, files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
