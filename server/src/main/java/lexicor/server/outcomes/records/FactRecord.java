package lexicor.server.outcomes.records;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What was found in a case, stored as it was last worked out. */
@Entity
@Table(name = "outcome_fact")
public class FactRecord {
    @Id
    public Long caseId;

    /** Of the case as it was then. */
    public long caseVersion;

    public Instant caseUpdatedAt;

    /** The version of the content that it was read with. */
    public String content;

    /** JSON. */
    public String facts;
}
