package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The six ways to weigh (method M8). */
public enum School {
    /**
     * Half way between each condition by itself and the conditions together, the figures believed as another clinic would find them
     * again (method M23).
     */
    SOBER(new OverlapAware()),
    INDEPENDENT(new Independent()),
    OVERLAP_AWARE(new OverlapAware()),
    /** The conditions together, so that they explain each other's findings (method M17); by itself each is overlap-aware. */
    DIFFERENTIAL(new OverlapAware()),
    STRONGEST_PER_FAMILY(new StrongestPerFamily()),
    PUBLISHED_CLUSTERS(new PublishedClusters());

    /** What the program weighs by where nobody chose another way. */
    public static final School DEFAULT = SOBER;

    private final SchoolRule rule;

    School(SchoolRule rule) {
        this.rule = rule;
    }

    /** What it makes of one condition by itself. */
    SchoolRule rule() {
        return rule;
    }

    /** Whether it weighs the conditions together, so that they explain each other's findings. */
    public boolean isTogether() {
        return this == DIFFERENTIAL || this == SOBER;
    }

    /** Whether it believes figures by as much as another clinic would find them again. */
    public boolean isSober() {
        return this == SOBER;
    }

    /** The way that makes the same of one condition by itself. */
    School byItself() {
        return this == DIFFERENTIAL ? OVERLAP_AWARE : this;
    }

    /**
     * Where a condition stands, of which one model says this by itself and that among the others, in log-odds or as a logarithm of
     * their ratio: neither is known to be right.
     */
    double between(double byItself, double together) {
        return this == SOBER ? (byItself + together) / 2 : together;
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
