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
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A stored round of stations. */
@Entity
@Table(name = "practice_round")
class RoundRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String madeBy;
    String name;

    /** At each station. */
    int minutes;

    /** To change. */
    int pauseMinutes;

    /** Null until the bell rings first. */
    Instant startedAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "practice_round_station", joinColumns = @JoinColumn(name = "round_id"))
    @OrderColumn(name = "place")
    @Column(name = "station_id")
    List<Long> stations = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "practice_round_student", joinColumns = @JoinColumn(name = "round_id"))
    @OrderColumn(name = "place")
    @Column(name = "person")
    List<String> students = new ArrayList<>();
}
