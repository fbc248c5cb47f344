package lexicor.core.practice.station;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Optional;

/**
 * Something that is looked at, and the points there are for it.
 *
 * @param test the test that has to be done, where it is that
 * @param points from 1 to 20
 */
public record Mark(Kind kind, Optional<String> test, int points) {
    /** What can be looked at. */
    public enum Kind {
        PERMISSION("permission"),
        EXPOSURE("exposure"),
        SPEAK_UP("speakUp"),
        OTHER_SIDE("otherSide"),
        NECK("neck"),
        TEST("test"),
        /** Nothing that must not be done, and a stop where a warning sign says stop. */
        SAFE("safe"),
        PLAN("plan");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }
    }

    public Mark {
        if (points < 1 || points > 20) {
            throw new IllegalArgumentException("points: expected 1 to 20, found " + points);
        }
        if (kind == Kind.TEST != test.isPresent()) {
            throw new IllegalArgumentException("test: expected one for a named test, and none for anything else");
        }
    }
}
