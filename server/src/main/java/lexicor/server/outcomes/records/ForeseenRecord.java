package lexicor.server.outcomes.records;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import lexicor.core.outcomes.followed.Foreseen;
import lexicor.core.weighing.School;

/** Where a candidate stood at the last moment before it was known, stored. */
@Entity
@Table(name = "outcome_foreseen")
public class ForeseenRecord {
    /** Of which case and which condition. */
    @Embeddable
    public record Key(@Column(name = "case_id") Long caseId, @Column(name = "condition_id") String condition)
            implements Serializable {}

    @EmbeddedId
    public Key key;

    public int visit;

    /** The way to weigh that the department followed then. */
    public String school;

    public double pretest;
    public double independent;
    public double overlapAware;
    public double differential;
    public double strongestPerFamily;
    public double publishedClusters;

    /** Null where it was kept before there was this way. */
    public Double sober;

    /** Null where nobody said anything. */
    public Double hunch;

    public String hunchBy;
    public Instant madeAt;

    public void set(School by, double probability) {
        switch (by) {
            case INDEPENDENT -> independent = probability;
            case OVERLAP_AWARE -> overlapAware = probability;
            case DIFFERENTIAL -> differential = probability;
            case STRONGEST_PER_FAMILY -> strongestPerFamily = probability;
            case PUBLISHED_CLUSTERS -> publishedClusters = probability;
            case SOBER -> sober = probability;
        }
    }

    public Foreseen foreseen() {
        Map<School, Double> by = new EnumMap<>(School.class);
        by.put(School.INDEPENDENT, independent);
        by.put(School.OVERLAP_AWARE, overlapAware);
        by.put(School.DIFFERENTIAL, differential);
        by.put(School.STRONGEST_PER_FAMILY, strongestPerFamily);
        by.put(School.PUBLISHED_CLUSTERS, publishedClusters);
        if (sober != null) {
            by.put(School.SOBER, sober);
        }
        return new Foreseen(
                key.condition(),
                School.withId(school).orElseThrow(),
                pretest,
                by,
                Optional.ofNullable(hunch).map(p -> new Foreseen.Stated(hunchBy, p)));
    }
}
