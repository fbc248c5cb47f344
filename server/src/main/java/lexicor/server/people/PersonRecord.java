package lexicor.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.hibernate.type.SqlTypes;

/** A stored account. Accounts are closed, never deleted, so that the history keeps naming them. */
@Entity
@Audited
@Table(name = "person")
class PersonRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    Role role;

    boolean active;

    @NotAudited
    String passwordHash;

    /** Null while there is none. */
    @NotAudited
    String pinHash;

    /** What waiting taps on the person's devices are encrypted with; null until it is first asked for. */
    @NotAudited
    @OptimisticLock(excluded = true)
    String tapKey;

    /** Null without a second factor. */
    @NotAudited
    @OptimisticLock(excluded = true)
    String totpSecret;

    /** The last time step whose code was used. */
    @NotAudited
    @OptimisticLock(excluded = true)
    long totpStep;

    /** Whether there is a second factor, for the history. */
    boolean secondFactor;

    /** How often the account was signed out everywhere; a session begun under another number has ended. */
    int signOuts;

    Person person() {
        return new Person(name, role, signOuts);
    }
}
