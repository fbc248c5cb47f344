package lexicor.server.measures;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.measuring.Regrowth;
import lexicor.core.measuring.RotationRatio;
import lexicor.core.measuring.Strength;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.cases.records.TapStore;
import lexicor.server.measures.MeasureViews.Measures;
import lexicor.server.measures.MeasureViews.RegrowthPoint;
import lexicor.server.measures.MeasureViews.RegrowthView;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the pages show of what was measured. */
@Component
public class MeasurePage {
    private static final String NERVE = "nerve-regrowth-tinel";
    private static final int DAYS_FOR_A_PACE = 3;

    private final CaseDoor door;
    private final OpenCases openCases;
    private final MeasuredStore values;
    private final TapStore taps;

    MeasurePage(CaseDoor door, OpenCases openCases, MeasuredStore values, TapStore taps) {
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
                regrowth(c),
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
                Taken.readings(taps.standing(stored.id, visit), used.catalogue()));
    }

    private MeasureComparison comparison(OpenCase c, MeasuredValues now) {
        int visit = c.record().visit();
        return new MeasureComparison(
                c.catalogue(),
                c.basis().department(),
                now,
                visit > 1 ? Optional.of(at(c.record(), visit - 1, c.basis())) : Optional.empty(),
                c.involved(),
                Optional.ofNullable(c.record().dominantSide).flatMap(Side::withId));
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

    /** From the taps of all visits as they were made: a distance that a later one replaced stands for its day. */
    private List<RegrowthView> regrowth(OpenCase c) {
        List<TapRecord> along = taps.findByCaseIdAndUndoneFalseOrderByTappedAtAscIdAsc(c.record().id).stream()
                .filter(t -> t.test.equals(NERVE))
                .toList();
        return Stream.of(c.involved().other(), c.involved())
                .flatMap(side -> regrowth(c, along, side).stream())
                .toList();
    }

    private static Optional<RegrowthView> regrowth(OpenCase c, List<TapRecord> along, Side side) {
        TreeMap<LocalDate, Double> byDay = new TreeMap<>();
        for (TapRecord record : along) {
            if (record.side.equals(side.id())) {
                LocalDate day =
                        record.tappedAt.atZone(c.basis().department().zone()).toLocalDate();
                Taken.known(record, c.catalogue())
                        .flatMap(
                                tap -> Readings.of(List.of(tap)).at(tap.place()).quantity(ReadingLeaf.DISTANCE_MM))
                        .ifPresent(mm -> byDay.put(day, mm));
            }
        }
        if (byDay.isEmpty()) {
            return Optional.empty();
        }
        List<Regrowth.Point> points = byDay.entrySet().stream()
                .map(e -> new Regrowth.Point(e.getKey().toEpochDay(), e.getValue()))
                .toList();
        return Optional.of(new RegrowthView(
                side,
                byDay.entrySet().stream()
                        .map(e -> new RegrowthPoint(e.getKey(), e.getValue()))
                        .toList(),
                points.size() < DAYS_FOR_A_PACE ? null : Regrowth.of(points).sentence()));
    }
}
