package lexicor.server.outcomes.records;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Noted;
import lexicor.core.outcomes.followed.Reference;
import org.hibernate.annotations.BatchSize;

/** What one reference said, stored. It is never rewritten; one that was wrong is taken back. */
@Entity
@Table(name = "outcome_note")
public class NoteRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    public Long caseId;

    @Column(name = "note_key")
    public UUID key;

    public String reference;

    @Column(name = "on_day")
    public LocalDate on;

    /** How long it was watched for; null where that is not the matter. */
    public Integer months;

    public String note;

    @ElementCollection
    @CollectionTable(name = "outcome_answer", joinColumns = @JoinColumn(name = "note_id"))
    @MapKeyColumn(name = "condition_id")
    @Column(name = "came_out")
    @BatchSize(size = 200)
    public Map<String, String> answers = new LinkedHashMap<>();

    public String madeBy;
    public Instant madeAt;

    /** Null unless it was taken back. */
    public String takenBackBy;

    public Instant takenBackAt;

    public boolean stands() {
        return takenBackAt == null;
    }

    public Reference by() {
        return Reference.withId(reference).orElseThrow();
    }

    /** Its answers one by one. */
    public List<Noted> noted() {
        return answers.entrySet().stream()
                .map(e -> new Noted(e.getKey(), CameOut.withId(e.getValue()).orElseThrow(), by(), on, madeAt))
                .toList();
    }
}
