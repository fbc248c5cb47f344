package lexicor.server.signin;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Tries of one hour from one address that failed. */
@Entity
@Table(name = "failed_sign_in")
class FailedSignInRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    /** Null for a name that nobody has: people type passwords there by mistake, so it is not kept. */
    String person;

    String address;
    Instant firstAt;
    Instant lastAt;
    int tries;
}
