package lexicor.server.cases;

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
class OverrideRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Column(name = "case_id")
    Long caseId;

    @Column(name = "test_id")
    String test;

    int visit;
    String reason;
    Instant recordedAt;

    /** Null from before there were accounts. */
    String madeBy;

    /** Whether it came in with a file, by whoever brought it in. */
    boolean broughtIn;
}
