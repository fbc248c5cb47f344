package lexicor.core.examination;

import java.util.Locale;

/** A side of the body. */
public enum Side {
    LEFT,
    RIGHT;

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** The name used in files and the API. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
