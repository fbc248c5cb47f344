package lexicor.server.cases.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A stored reason for going ahead with a blocked test. */
@Entity
@Table(name = "case_override")
public class OverrideRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    @Column(name = "case_id")
    public Long caseId;

    @Column(name = "test_id")
    public String test;

    public int visit;
    public String reason;
    public Instant recordedAt;

    /** Null from before there were accounts. */
    public String madeBy;

    /** Whether it came in with a file, by whoever brought it in. */
    public boolean broughtIn;
}
