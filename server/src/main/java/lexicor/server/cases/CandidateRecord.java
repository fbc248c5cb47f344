package lexicor.server.cases;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** A stored candidate of a case; a base rate of its own is null where the setting's applies. */
@Embeddable
class CandidateRecord {
    @Column(name = "condition_id")
    String condition;

    Double baseRate;
    String suspicion;
}
