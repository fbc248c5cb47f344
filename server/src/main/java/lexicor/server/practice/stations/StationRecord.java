package lexicor.server.practice.stations;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Set;
import java.util.TreeSet;

/** A stored station. */
@Entity
@Table(name = "practice_station")
class StationRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String madeBy;
    String name;
    String complaint;
    String setting;
    long seed;
    int minutes;

    /** What a patient set by hand is wished to be, as JSON; empty where all is drawn. */
    String wish;

    /** Whether it is sat once, or as often as one likes. */
    @Column(name = "sat_once")
    boolean once;

    /** JSON. */
    String marks;

    Instant madeAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "practice_station_given", joinColumns = @JoinColumn(name = "station_id"))
    @Column(name = "person")
    Set<String> given = new TreeSet<>();
}
