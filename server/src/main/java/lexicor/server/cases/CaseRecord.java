package lexicor.server.cases;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.annotations.BatchSize;

/** A stored case. */
@Entity
@Table(name = "examination_case")
class CaseRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String code;
    Instant createdAt;
    Instant updatedAt;
    String complaint;
    String involvedSide;
    String dominantSide;
    String ageBand;
    String setting;
    String mechanism;
    String highBias;

    @ElementCollection
    @CollectionTable(name = "case_candidate", joinColumns = @JoinColumn(name = "case_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 50)
    List<CandidateRecord> candidates = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "case_answer", joinColumns = @JoinColumn(name = "case_id"))
    @MapKeyColumn(name = "item")
    @Column(name = "answer")
    @BatchSize(size = 50)
    Map<String, Boolean> answers = new LinkedHashMap<>();

    @ElementCollection
    @CollectionTable(name = "case_precaution", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "precaution")
    @BatchSize(size = 50)
    Set<String> precautions = new TreeSet<>();

    @ElementCollection
    @CollectionTable(name = "case_warning", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "warning")
    @BatchSize(size = 50)
    Set<String> warnings = new TreeSet<>();
}
