package lexicor.core.weighing.input;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;
import lexicor.core.numbers.Logit;

/** How suspicious the examiner is of a condition before touching anything: bedside rule-of-thumb steps on its odds. */
public enum Suspicion {
    FAR_LESS_LIKELY("far-less-likely", 0.2),
    LESS_LIKELY("less-likely", 0.5),
    AS_USUAL("as-usual", 1),
    MORE_LIKELY("more-likely", 2),
    FAR_MORE_LIKELY("far-more-likely", 5);

    private final String id;
    private final double oddsFactor;

    Suspicion(String id, double oddsFactor) {
        this.id = id;
        this.oddsFactor = oddsFactor;
    }

    public static Optional<Suspicion> withId(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return id;
    }

    public double oddsFactor() {
        return oddsFactor;
    }

    /** The pretest that follows from a base rate strictly between 0 and 1. */
    public double pretest(double baseRate) {
        return this == AS_USUAL ? baseRate : Logit.inverse(Logit.of(baseRate) + Math.log(oddsFactor));
    }
}
