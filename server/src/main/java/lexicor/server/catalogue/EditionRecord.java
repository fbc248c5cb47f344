package lexicor.server.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** An edition that a closed case was weighed with, whole. Written once, never changed. */
@Entity
@Table(name = "edition")
class EditionRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    /** When it came to be in force. */
    Instant since;

    /** Of the content, so that the same is kept once. */
    String digest;

    @Lob
    byte[] content;
}
