package lexicor.server.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

/** The one stored row of settings. */
@Entity
@Audited
@Table(name = "department_settings")
class SettingsRecord {
    static final int ONLY = 1;

    @Id
    int id;

    @Version
    long version;

    /** All of them, as JSON. */
    String settings;

    /** The reason for the last change of what every case hangs on. */
    String why;

    /** What devices show to be let in; null until it is first asked for. */
    @NotAudited
    @OptimisticLock(excluded = true)
    String deviceKey;
}
