package lexicor.server.measures;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.examination.Side;
import lexicor.core.measuring.RotationRatio;
import lexicor.core.measuring.Strength;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.measures.MeasureViews.Measures;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.standing.Basis;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the pages show of what was measured. */
@Component
public class MeasurePage {

    private final CaseDoor door;
    private final OpenCases openCases;
    private final MeasuredStore values;
    private final TapStore taps;
    private final ErrorsInForce errors;

    MeasurePage(CaseDoor door, OpenCases openCases, MeasuredStore values, TapStore taps, @Lazy ErrorsInForce errors) {
        this.errors = errors;
        this.door = door;
        this.openCases = openCases;
        this.values = values;
        this.taps = taps;
    }

    @Transactional(readOnly = true)
    public Measures of(String code) {
        return of(door.existing(code));
    }

    /** The stored case as it stands now. */
    public Measures of(CaseRecord stored) {
        return of(openCases.of(stored));
    }

    public Measures of(OpenCase c) {
        DepartmentSettings department = c.basis().department();
        MeasureList list = c.catalogue().measures();
        MeasuredValues now = at(c);
        MeasureComparison comparison = comparison(c, now);
        boolean shoulder = c.bedside()
                .regions()
                .containsAll(list.measure(list.capsular()).orElseThrow().regions());
        Panels panels = new Panels(c, now);
        return new Measures(
                offered(c, now).stream().map(comparison::view).toList(),
                department.deficitPercent(),
                department.shortDegrees(),
                department.headStartPercent(),
                rotationRatio(now, list, c.involved()).orElse(null),
                panels.capsular().orElse(null),
                shoulder ? panels.looseness() : null,
                shoulder ? panels.labral() : null,
                new RegrowthDays(c, taps.findByCaseIdAndUndoneFalseOrderByTappedAtAscIdAsc(c.record().id)).views(),
                CasePage.examination(c));
    }

    /** What was measured at the case's visit. */
    public MeasuredValues at(OpenCase c) {
        return new MeasuredValues(
                values.findByCaseIdAndVisitOrderByPlace(
                        c.record().id, c.record().visit()),
                c.readings());
    }

    /** What was measured at any visit. */
    public MeasuredValues at(CaseRecord stored, int visit, Basis used) {
        return new MeasuredValues(
                values.findByCaseIdAndVisitOrderByPlace(stored.id, visit),
                Taken.readings(taps.standing(stored.id, visit), used.catalogue())
                        .ofBothSides(Boolean.TRUE.equals(stored.bothSides)));
    }

    private MeasureComparison comparison(OpenCase c, MeasuredValues now) {
        return new MeasureComparison(
                c.catalogue(),
                c.basis().department(),
                now,
                c.record().visitBefore(c.record().visit()).map(before -> at(c.record(), before, c.basis())),
                c.involved(),
                Optional.ofNullable(c.record().dominantSide).flatMap(Side::withId),
                errors);
    }

    /** Those of the complaint's regions, and whatever was measured all the same. */
    private static List<Measure> offered(OpenCase c, MeasuredValues now) {
        return c.catalogue().measures().measures().stream()
                .filter(m -> m.regions().stream().anyMatch(c.bedside().regions()::contains) || now.has(m))
                .toList();
    }

    private static Optional<Double> rotationRatio(MeasuredValues now, MeasureList list, Side involved) {
        Optional<Strength> external = now.strength(list.measure(list.external()).orElseThrow(), involved);
        Optional<Strength> internal = now.strength(list.measure(list.internal()).orElseThrow(), involved)
                .filter(s -> s.meanNewtons() > 0);
        return external.flatMap(e -> internal.map(i -> RotationRatio.of(e, i)));
    }
}
