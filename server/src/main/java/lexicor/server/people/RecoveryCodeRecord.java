package lexicor.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The hash of a code for when the second factor is gone; used once. */
@Entity
@Table(name = "recovery_code")
class RecoveryCodeRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long personId;
    String hash;
}
