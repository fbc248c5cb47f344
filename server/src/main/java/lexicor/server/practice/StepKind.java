package lexicor.server.practice;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Optional;

/** What can be done with a simulated patient, by the names that are stored and sent. */
enum StepKind {
    /** What is said before anything is touched. */
    SAID("said"),
    ASKED("asked"),
    DID("did"),
    /** The face was looked at. */
    LOOKED("looked"),
    /** The program's own probabilities were asked for. */
    PEEKED("peeked"),
    TAPPED("tapped"),
    WENT_AHEAD("wentAhead"),
    PLANNED("planned"),
    LADDER("ladder"),
    HUNCH("hunch"),
    END("end");

    private final String id;

    StepKind(String id) {
        this.id = id;
    }

    @JsonValue
    String id() {
        return id;
    }

    static Optional<StepKind> withId(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
