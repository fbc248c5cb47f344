package lexicor.server.people;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What somebody may do. */
public enum Role {
    /** Examines: keeps cases. */
    CLINICIAN,
    /** A clinician who also looks after evidence, settings and people. */
    LEAD,
    /** Practises; sees no patient's case. */
    STUDENT,
    /** Reads the history and changes nothing. */
    AUDITOR;

    /** The name used in the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Role> withId(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }
}
