package lexicor.server.templates;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.envers.Audited;

/** A stored list of the department's own. */
@Entity
@Audited
@Table(name = "test_template")
class TemplateRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String name;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "test_template_test", joinColumns = @JoinColumn(name = "template_id"))
    @OrderColumn(name = "place")
    @Column(name = "test_id")
    List<String> tests = new ArrayList<>();
}
