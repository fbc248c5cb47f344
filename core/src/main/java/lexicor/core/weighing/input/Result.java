package lexicor.core.weighing.input;

import java.util.Locale;

/** The outcome with which a finding enters the weighing. */
public enum Result {
    POSITIVE,
    NEGATIVE,
    /** Recorded, listed, never weighed. */
    UNCLEAR;

    /** The name used in files and the API. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
