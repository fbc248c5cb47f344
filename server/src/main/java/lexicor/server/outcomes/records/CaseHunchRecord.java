package lexicor.server.outcomes.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What an examiner thought of a condition, stored; a later one stands beside it. */
@Entity
@Table(name = "case_hunch")
public class CaseHunchRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    public Long caseId;

    @Column(name = "condition_id")
    public String condition;

    public double stated;
    public String madeBy;
    public Instant madeAt;
}
