package lexicor.server.practice.drills;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A question that somebody was asked, and when it comes again. */
@Entity
@Table(name = "practice_drill")
class DrillRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String owner;
    String kind;

    @Column(name = "drill_key")
    String key;

    int box;

    @Column(name = "asked_right")
    int right;

    @Column(name = "asked_wrong")
    int wrong;

    Instant dueAt;
}
