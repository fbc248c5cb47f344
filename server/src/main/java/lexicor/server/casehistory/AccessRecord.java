package lexicor.server.casehistory;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Somebody looked at a case or took it out of the program. */
@Entity
@Table(name = "access_log")
class AccessRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long caseId;
    String person;

    /** opened, exported or brought-in. */
    String what;

    Instant at;
}
