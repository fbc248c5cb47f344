package lexicor.server.reports;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Whom a referral can go to. */
enum Recipient {
    IMAGING("the imaging department"),
    NERVE_STUDIES("the nerve study clinic"),
    SURGEON("the hand and shoulder surgeon"),
    PHYSICIAN("the family physician");

    private final String words;

    Recipient(String words) {
        this.words = words;
    }

    /** What it is called in a letter. */
    String words() {
        return words;
    }

    /** The name used in the API and the records. */
    @JsonValue
    String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<Recipient> withId(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }
}
