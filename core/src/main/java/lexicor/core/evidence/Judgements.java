package lexicor.core.evidence;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;

/** What becomes of judgements in words where no study has measured a sign: a department's choice (method M24). */
public enum Judgements {
    WEIGH("weigh"),
    /** They are shown and not weighed. */
    LEFT_OUT("leftOut");

    private final String id;

    Judgements(String id) {
        this.id = id;
    }

    public static Optional<Judgements> withId(String id) {
        return Arrays.stream(values()).filter(j -> j.id.equals(id)).findFirst();
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return id;
    }
}
