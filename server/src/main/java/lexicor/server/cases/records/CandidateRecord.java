package lexicor.server.cases.records;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** A stored candidate of a case; a base rate of its own is null where the setting's applies. */
@Embeddable
public class CandidateRecord {
    @Column(name = "condition_id")
    public String condition;

    public Double baseRate;
    public String suspicion;
}
