package lexicor.server.settings;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** Who has to show a code beside the password. */
public enum SecondFactorFor {
    OFF,
    LEADS,
    EVERYBODY;

    /** The name used in the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
