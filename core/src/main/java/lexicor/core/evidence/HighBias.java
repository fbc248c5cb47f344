package lexicor.core.evidence;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;

/**
 * How studies at high risk of bias are taken. First descriptions and patients against healthy volunteers inflated the
 * diagnostic odds ratio about threefold (Lijmer et al., JAMA 1999; method M2).
 */
public enum HighBias {
    /** Each margin's logit is lowered by ln(3)/2, never past a useless test, and each variance raised by 0.25. */
    CORRECTED("corrected"),
    AS_PRINTED("asPrinted"),
    /** The row is not used. */
    LEFT_OUT("leftOut");

    private final String id;

    HighBias(String id) {
        this.id = id;
    }

    /** The way of that name. */
    public static Optional<HighBias> withId(String id) {
        return Arrays.stream(values()).filter(h -> h.id.equals(id)).findFirst();
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return id;
    }
}
