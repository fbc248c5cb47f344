package lexicor.server.outcomes.records;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What two examiners of one patient found, stored when the second was done. */
@Entity
@Table(name = "outcome_pair")
public class PairRecord {
    @Id
    public Long secondCase;

    public Long firstCase;
    public Instant madeAt;

    /** JSON. */
    public String pairs;
}
