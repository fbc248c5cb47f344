package lexicor.server.layer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Figures;
import org.hibernate.envers.Audited;

/** A stored row of accuracy of the department's own. */
@Entity
@Audited
@Table(name = "own_figure")
class OwnFigureRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Version
    long version;

    String criterion;

    @Column(name = "condition_id")
    String condition;

    String kind;
    double sensitivity;
    Double specificity;
    Double diseased;
    Double healthy;

    /** All of them, where it is not known how many had the condition. */
    Double people;

    String source;

    @Column(name = "study_year")
    int year;

    String referenceStandard;
    String population;
    String bias;
    String confidence;
    String note;

    /** The shipped row that it stands in for; null where it is new. */
    String replacedSource;

    Integer replacedYear;

    /** Why it was last changed. */
    String why;

    /** By whom and when it was brought in with a file; empty where it was last given here. */
    String broughtIn = "";

    AccuracyRow row() {
        return new AccuracyRow(
                criterion,
                condition,
                AccuracyRow.Kind.withId(kind).orElseThrow(),
                new Figures(
                        sensitivity, optional(specificity), optional(diseased), optional(healthy), optional(people)),
                source,
                year,
                referenceStandard,
                population,
                bias,
                confidence,
                note);
    }

    void set(AccuracyRow row, String reason) {
        criterion = row.criterion();
        condition = row.condition();
        kind = row.kind().id();
        sensitivity = row.figures().sensitivity();
        specificity = orNull(row.figures().specificity());
        diseased = orNull(row.figures().diseased());
        healthy = orNull(row.figures().healthy());
        people = orNull(row.figures().people());
        source = row.source();
        year = row.year();
        referenceStandard = row.referenceStandard();
        population = row.population();
        bias = row.bias();
        confidence = row.confidence();
        note = row.note();
        why = reason;
        broughtIn = "";
    }

    void replaces(AccuracyRow shipped) {
        replacedSource = shipped.source();
        replacedYear = shipped.year();
    }

    Optional<AccuracyRow.Key> replaced() {
        return Optional.ofNullable(replacedSource)
                .map(from -> new AccuracyRow.Key(criterion, condition, from, replacedYear));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
