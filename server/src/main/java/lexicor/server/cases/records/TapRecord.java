package lexicor.server.cases.records;

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
public class TapRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    @Column(name = "case_id")
    public Long caseId;

    @Column(name = "tap_key")
    public UUID key;

    @Column(name = "test_id")
    public String test;

    @Column(name = "at_place")
    public String at;

    /** The number of the visit it belongs to, from 1. */
    public int visit;

    public String side;
    public String changes;
    public Instant recordedAt;

    /** Null from before there were accounts. */
    public String madeBy;

    /** Null unless it was taken back. */
    public String undoneBy;

    public Instant undoneAt;

    /** When it was made, by this server's clock; earlier than it was recorded where it had to wait. */
    public Instant tappedAt;

    /** Made by the browser, so that the taps of one device stay in their order. */
    public String device;

    /** The variant of the test in use then; null where it was done as described. */
    public String variant;

    public boolean undone;

    /** Whether it came in with a file, by whoever brought it in. */
    public boolean broughtIn;
}
