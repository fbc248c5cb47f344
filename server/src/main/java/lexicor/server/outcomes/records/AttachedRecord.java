package lexicor.server.outcomes.records;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A report that came back, stored; its bytes stand apart. */
@Entity
@Table(name = "outcome_report")
public class AttachedRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    public Long caseId;
    public Long noteId;
    public String name;
    public String mediaType;
    public int bytes;
    public String madeBy;
    public Instant madeAt;

    /** Null while it is there; afterwards nothing but this line is left of it. */
    public String removedBy;

    public Instant removedAt;
}
