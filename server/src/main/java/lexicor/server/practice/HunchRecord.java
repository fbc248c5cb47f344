package lexicor.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What somebody said of one candidate of a simulated patient, and what was so. */
@Entity
@Table(name = "practice_hunch")
class HunchRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Column(name = "patient_id")
    Long patientId;

    String owner;

    @Column(name = "condition_id")
    String condition;

    String region;
    double beforeTest;
    double atEnd;
    double program;
    boolean present;
    Instant madeAt;
}
