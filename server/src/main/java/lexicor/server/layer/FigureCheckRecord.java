package lexicor.server.layer;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
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

    String state;
    String person;
    LocalDate checkedOn;
    String note;

    /** By whom and when it was brought in with a file; empty where it was given here. */
    String broughtIn = "";

    SignOff signOff() {
        return new SignOff(SignOff.State.withId(state).orElseThrow(), person, checkedOn, note, broughtIn);
    }

    void set(SignOff signOff) {
        state = signOff.state().id();
        person = signOff.by();
        checkedOn = signOff.on();
        note = signOff.note();
        broughtIn = signOff.from();
    }
}
