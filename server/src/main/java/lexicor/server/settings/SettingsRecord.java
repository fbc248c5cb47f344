package lexicor.server.settings;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import java.util.TreeMap;
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

    String school;
    String highBias;
    double familyOverlap;
    double generalOverlap;
    double deficitPercent;
    double shortDegrees;
    double headStartPercent;
    boolean shareAll;
    int lockMinutes;
    int retentionDays;
    boolean checkedOnly;
    String recordSystem;
    String insideHost;
    String secondFactor;

    /** The reason for the last change of what every case hangs on. */
    String why;

    /** What devices show to be let in; null until it is first asked for. */
    @NotAudited
    @OptimisticLock(excluded = true)
    String deviceKey;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "department_error", joinColumns = @JoinColumn(name = "settings_id"))
    @MapKeyColumn(name = "quantity")
    @Column(name = "amount")
    Map<String, Double> errors = new TreeMap<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "department_variant", joinColumns = @JoinColumn(name = "settings_id"))
    @MapKeyColumn(name = "test_id")
    @Column(name = "variant")
    Map<String, String> variants = new TreeMap<>();
}
