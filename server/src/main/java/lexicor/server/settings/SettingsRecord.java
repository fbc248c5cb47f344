package lexicor.server.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one stored row of settings. */
@Entity
@Table(name = "department_settings")
class SettingsRecord {
    static final int ONLY = 1;

    @Id
    int id;

    @Version
    long version;

    String school;
    String highBias;
    double familyOverlap;
    double generalOverlap;
}
