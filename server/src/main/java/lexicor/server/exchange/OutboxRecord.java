package lexicor.server.exchange;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A stored document on its way. */
@Entity
@Table(name = "outbox")
class OutboxRecord {
    static final String WAITING = "waiting";
    static final String SENT = "sent";
    static final String REFUSED = "refused";
    /** The case was deleted, or whoever sent it may no longer open it. */
    static final String WITHDRAWN = "withdrawn";

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    Long caseId;
    UUID documentId;

    @Lob
    byte[] content;

    String state;
    int tries;
    Instant nextTry;

    /** Why the last try failed; null where none did. */
    String error;

    String madeBy;
    Instant madeAt;

    /** Null until it arrived. */
    Instant sentAt;
}
