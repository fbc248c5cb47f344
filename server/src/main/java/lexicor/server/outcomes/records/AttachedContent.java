package lexicor.server.outcomes.records;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The bytes of a report that came back, in the records' own file and so under its cipher. */
@Entity
@Table(name = "outcome_report_content")
public class AttachedContent {
    @Id
    public Long reportId;

    @Lob
    public byte[] content;
}
