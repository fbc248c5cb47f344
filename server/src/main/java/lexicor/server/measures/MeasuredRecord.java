package lexicor.server.measures;

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
public class MeasuredRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    @Column(name = "case_id")
    public Long caseId;

    public int visit;

    @Column(name = "measure_id")
    public String measure;

    /** A reading's leaf, or the name of what was noted. */
    public String item;

    public String side;
    public int place;

    /** Null where it is a word. */
    public Double amount;

    /** Null where it is an amount. */
    public String word;

    public Instant recordedAt;
}
