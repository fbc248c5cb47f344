package lexicor.server.deletion;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What stays of a deleted case: that it was there, and why it is not. */
@Entity
@Table(name = "tombstone")
class Tombstone {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    /** Null from before it was kept. */
    Long caseId;

    String code;

    Instant deletedAt;
    String deletedBy;
    String reason;

    /** When it was removed from the history too; null until then. */
    Instant goneAt;

    /** Null unless it was brought back. */
    Instant broughtBackAt;

    String broughtBackBy;
}
