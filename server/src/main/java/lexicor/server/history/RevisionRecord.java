package lexicor.server.history;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.envers.RevisionEntity;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;

/** One stored change of whatever: when, and by whom. */
@Entity
@Table(name = "revision")
@RevisionEntity(RevisionAuthor.class)
class RevisionRecord {
    @Id
    @RevisionNumber
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @RevisionTimestamp
    Instant changedAt;

    /** Empty where the program itself was at work. */
    String person;
}
