package lexicor.core.catalogue.figures;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** How the person stands, sits or lies, and on what. */
public enum Posture {
    STANDING,
    SITTING,
    SUPINE,
    /** On the other side, the affected one up. */
    SIDE_LYING,
    WALL_PUSH_UP,
    TABLE_PUSH_UP,
    CHAIR_PUSH_UP,
    WALKING;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
