package lexicor.server.cases;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A stored tap. Its changes are JSON: leaf names with a value, or null to clear. */
@Entity
@Table(name = "tap")
class TapRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Column(name = "case_id")
    Long caseId;

    @Column(name = "tap_key")
    UUID key;

    @Column(name = "test_id")
    String test;

    @Column(name = "at_place")
    String at;

    String side;
    String changes;
    Instant recordedAt;
    boolean undone;
}
