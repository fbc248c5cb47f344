package lexicor.server.outcomes.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import lexicor.core.outcomes.followed.Reference;

/** An answer that is, or was, waited for, stored. */
@Entity
@Table(name = "outcome_referral")
public class ReferralRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    public Long caseId;

    @Column(name = "referral_key")
    public UUID key;

    public String reference;

    @Column(name = "on_day")
    public LocalDate on;

    public String note;
    public String madeBy;
    public Instant madeAt;

    /** Null while it is waited for. */
    public String endedBy;

    public Instant endedAt;

    /** What answered it; null where it ended without an answer. */
    public Long noteId;

    /** Why it ended without one; empty otherwise. */
    public String why = "";

    public boolean isWaiting() {
        return endedAt == null;
    }

    public Reference by() {
        return Reference.withId(reference).orElseThrow();
    }
}
