package lexicor.core.outcomes.followed;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * By what somebody came to know whether a condition is there, the strongest first. The order is a working one of ours: what was
 * seen with the tissue open, before what was pictured, before what was watched or said (method M13).
 */
public enum Reference {
    OPERATION("operation"),
    ARTHROSCOPY("arthroscopy"),
    MR_ARTHROGRAM("MR arthrogram"),
    MRI("MRI"),
    NERVE_STUDY("nerve study"),
    ULTRASOUND("ultrasound"),
    XRAY("X-ray"),
    INJECTION("injection"),
    FOLLOW_UP("follow-up"),
    OPINION("specialist's opinion");

    private final String words;

    Reference(String words) {
        this.words = words;
    }

    /** As a practitioner says it. */
    public String words() {
        return words;
    }

    /** The same with its article, as in "referred for an MRI". */
    public String withArticle() {
        return switch (this) {
            case OPERATION, ARTHROSCOPY, MR_ARTHROGRAM, MRI, ULTRASOUND, XRAY, INJECTION -> "an " + words;
            case NERVE_STUDY, FOLLOW_UP, OPINION -> "a " + words;
        };
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Reference> withId(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }
}
