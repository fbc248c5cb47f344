package lexicor.server.cases;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.envers.Audited;

/** One stored value of a measure: a trial, or what was noted beside it. */
@Entity
@Audited
@Table(name = "measured_value")
class MeasuredRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Column(name = "case_id")
    Long caseId;

    int visit;

    @Column(name = "measure_id")
    String measure;

    /** A reading's leaf, or the name of what was noted. */
    String item;

    String side;
    int place;

    /** Null where it is a word. */
    Double amount;

    /** Null where it is an amount. */
    String word;

    Instant recordedAt;
}
