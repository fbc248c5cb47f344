package lexicor.core.catalogue;

import com.fasterxml.jackson.annotation.JsonValue;

/** What kind of thing a measure takes, which decides how its sides are compared. */
public enum MeasureGroup {
    /** Force in newtons, by trials. */
    STRENGTH("strength"),
    /** Grip and pinch in kilograms, by trials. */
    GRIP("grip"),
    /** Angles in degrees, or the level a hand reaches. */
    RANGE("range"),
    /** What is felt on the skin, such as the distance of two points that are felt apart. */
    SENSATION("sensation");

    private final String id;

    MeasureGroup(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** Whether it is tried more than once and the mean taken. */
    public boolean byTrials() {
        return this == STRENGTH || this == GRIP;
    }
}
