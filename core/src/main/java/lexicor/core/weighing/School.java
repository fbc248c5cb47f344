package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** The four ways to weigh, always computed side by side (method M8). */
public enum School {
    INDEPENDENT(new Independent()),
    OVERLAP_AWARE(new OverlapAware()),
    STRONGEST_PER_FAMILY(new StrongestPerFamily()),
    PUBLISHED_CLUSTERS(new PublishedClusters());

    private final SchoolRule rule;

    School(SchoolRule rule) {
        this.rule = rule;
    }

    SchoolRule rule() {
        return rule;
    }

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
