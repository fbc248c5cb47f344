package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** The four ways to weigh, always computed side by side (method M8). */
public enum School {
    INDEPENDENT,
    OVERLAP_AWARE,
    STRONGEST_PER_FAMILY,
    PUBLISHED_CLUSTERS;

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
