package lexicor.server.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** A stored simulated patient: what it is made from, and how it ended. */
@Entity
@Table(name = "practice_patient")
class PatientRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    /** Who examines. */
    String owner;

    String complaint;
    String setting;
    long seed;

    /** The minutes there are. */
    int minutes;

    /** What a patient set by hand was wished to be, as JSON; empty where all is drawn. */
    String wish;

    /** Null where it is no station's. */
    Long station;

    /** The content that it was made with, so that it stays the same patient. */
    long edition;

    /** How the department weighed then. */
    String department;

    Instant startedAt;

    /** When something was last done with it. */
    Instant changedAt;

    /** Null while it goes on. */
    Instant endedAt;

    Double brier;
    Double bits;
    Double programBrier;

    /** What was said at the end, as JSON; null until then. */
    String debrief;

    boolean isEnded() {
        return endedAt != null;
    }
}
