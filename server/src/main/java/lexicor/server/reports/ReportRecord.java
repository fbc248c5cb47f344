package lexicor.server.reports;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.envers.Audited;

/** A stored report: as composed, as edited, and who signed it off. */
@Entity
@Audited
@Table(name = "report")
class ReportRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    Long caseId;
    int visit;
    String kind;

    /** Null where it is no referral. */
    String recipient;

    String title;

    /** The sections as composed, as JSON; never changed. */
    String original;

    /** The sections as edited, as JSON. */
    String sections;

    String madeBy;
    Instant madeAt;

    /** Null while it is a draft. */
    String signedBy;

    Instant signedAt;
}
