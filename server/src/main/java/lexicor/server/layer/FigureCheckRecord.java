package lexicor.server.layer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.SignOff;
import org.hibernate.envers.Audited;

/** Who looked a figure up in its source, and what came of it. */
@Entity
@Audited
@Table(name = "figure_check")
class FigureCheckRecord {
    @Id
    String fingerprint;

    @Version
    long version;

    /** The figure in words, for the history. */
    String figure;

    /** What it is a figure of; empty for a cluster. */
    String criterion = "";

    @Column(name = "condition_id")
    String condition = "";

    /** The cluster that was signed off; empty for a row. */
    String cluster = "";

    /** Whether it is an opinion of the department's, which is agreed rather than checked. */
    boolean judgement;

    String state;
    String person;
    LocalDate checkedOn;
    String note;

    /** By whom and when it was brought in with a file; empty where it was given here. */
    String broughtIn = "";

    SignOff signOff() {
        return new SignOff(SignOff.State.withId(state).orElseThrow(), person, checkedOn, note, broughtIn);
    }

    /** Says what has the fingerprint, as far as the content knows it. */
    void describe(Catalogue catalogue) {
        figure = FigureNames.of(catalogue, fingerprint).orElse(fingerprint);
        FigureNames.row(catalogue, fingerprint).ifPresent(row -> {
            criterion = row.criterion();
            condition = row.condition();
            judgement = row.isJudgement();
        });
        FigureNames.cluster(catalogue, fingerprint).ifPresent(c -> {
            cluster = c.id();
            condition = c.condition();
        });
    }

    void set(SignOff signOff) {
        state = signOff.state().id();
        person = signOff.by();
        checkedOn = signOff.on();
        note = signOff.note();
        broughtIn = signOff.from();
    }
}
