package lexicor.core.planning;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import lexicor.core.catalogue.ClinicalTest;

/** The parts of an examination in the order that spares the patient: what provokes comes last. */
public enum Stage {
    LOOK,
    FEEL,
    MOVE,
    MEASURE,
    PROVOKE;

    /** The name used in the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The part that a test belongs to by its kind; strength, grip and sensation are measured before provocation. */
    public static Stage of(ClinicalTest test) {
        return switch (test.kind()) {
            case "inspection" -> LOOK;
            case "palpation" -> FEEL;
            case "movement" -> MOVE;
            case "strength", "measurement", "sensation" -> MEASURE;
            default -> PROVOKE;
        };
    }
}
