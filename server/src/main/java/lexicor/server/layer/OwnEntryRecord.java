package lexicor.server.layer;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.document.Documents;
import org.hibernate.envers.Audited;

/** A stored entry of a pack that the department changed or added. */
@Entity
@Audited
@Table(name = "own_entry")
class OwnEntryRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String kind;
    String entryId;

    /** As the packs write it, in YAML. */
    String content;

    /** Why it was last changed. */
    String why;

    PackEntry entry() {
        return new PackEntry(
                PackEntry.Kind.withId(kind).orElseThrow(), entryId, Documents.yamlTree(kind + " " + entryId, content));
    }

    void set(PackEntry entry, String reason) {
        kind = entry.kind().id();
        entryId = entry.id();
        content = Documents.yamlText(entry.fields());
        why = reason;
    }
}
