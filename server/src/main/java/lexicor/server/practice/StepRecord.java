package lexicor.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Something that was done with a simulated patient. */
@Entity
@Table(name = "practice_step")
class StepRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Column(name = "patient_id")
    Long patientId;

    /** Made by the sender: the same sent twice is done once. */
    @Column(name = "step_key")
    UUID key;

    /** A {@link StepKind}'s name. */
    String kind;

    /** JSON, as its kind has it. */
    String body;

    Instant madeAt;
    boolean undone;
}
