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

    /** The number of the visit it belongs to, from 1. */
    int visit;

    String side;
    String changes;
    Instant recordedAt;

    /** Null from before there were accounts. */
    String madeBy;

    /** Null unless it was taken back. */
    String undoneBy;

    Instant undoneAt;

    /** When it was made, by this server's clock; earlier than it was recorded where it had to wait. */
    Instant tappedAt;

    /** Made by the browser, so that the taps of one device stay in their order. */
    String device;

    /** The variant of the test in use then; null where it was done as described. */
    String variant;

    boolean undone;

    /** Whether it came in with a file, by whoever brought it in. */
    boolean broughtIn;
}
