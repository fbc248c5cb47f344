package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The five ways to weigh, always computed side by side (method M8). */
public enum School {
    INDEPENDENT(new Independent()),
    OVERLAP_AWARE(new OverlapAware()),
    /** The conditions together, so that they explain each other's findings (method M17); by itself each is overlap-aware. */
    DIFFERENTIAL(new OverlapAware()),
    STRONGEST_PER_FAMILY(new StrongestPerFamily()),
    PUBLISHED_CLUSTERS(new PublishedClusters());

    private final SchoolRule rule;

    School(SchoolRule rule) {
        this.rule = rule;
    }

    /** What it makes of one condition by itself. */
    SchoolRule rule() {
        return rule;
    }

    public static Optional<School> withId(String id) {
        return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
