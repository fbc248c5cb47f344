package lexicor.server.cases;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Side;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.VisitViews.PointView;
import lexicor.server.cases.VisitViews.SeriesView;
import lexicor.server.cases.VisitViews.VisitView;
import lexicor.server.cases.VisitViews.Visits;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.StandingService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins visits and sets what was found at them side by side. */
@Service
class VisitService {
    private static final String APPREHENSION = "apprehension";

    private final CaseStore cases;
    private final CaseDoor door;
    private final TapStore taps;
    private final CaseService service;
    private final MeasureService measures;
    private final CaseAssembly assembly;
    private final Plans plans;
    private final StandingService standings;
    private final SettingsService settings;
    private final CaseBasis basis;
    private final Editions editions;

    VisitService(
            CaseStore cases,
            CaseDoor door,
            TapStore taps,
            CaseService service,
            MeasureService measures,
            CaseAssembly assembly,
            Plans plans,
            StandingService standings,
            SettingsService settings,
            CaseBasis basis,
            Editions editions) {
        this.cases = cases;
        this.door = door;
        this.taps = taps;
        this.service = service;
        this.measures = measures;
        this.assembly = assembly;
        this.plans = plans;
        this.standings = standings;
        this.settings = settings;
        this.basis = basis;
        this.editions = editions;
    }

    /**
     * Begins the next visit from the stored version: the same tests in their order, nothing recorded. A visit at which
     * nothing was recorded is not followed by another.
     */
    @Transactional
    public CaseView start(String code, long version) {
        CaseRecord stored = service.atVersion(code, version);
        List<String> done =
                plans.again(stored, assembly.readings(taps.standing(stored)).tests());
        if (isEmpty(stored)) {
            throw Refusal.conflict("visit: nothing is recorded at visit " + stored.visit() + " yet; go on with it");
        }
        stored.visits.add(Instant.now().truncatedTo(ChronoUnit.MICROS));
        stored.plan.clear();
        stored.plan.addAll(done);
        stored.ladders.clear();
        return saved(stored);
    }

    /** Takes back the last visit while nothing is recorded at it. */
    @Transactional
    public CaseView drop(String code, int number, long version) {
        CaseRecord stored = service.atVersion(code, version);
        if (number != stored.visit() || number == 1 || !isEmpty(stored)) {
            throw Refusal.conflict(
                    "visit: only the last visit can be taken back, and only while nothing is recorded at it");
        }
        stored.visits.remove(number - 1);
        return saved(stored);
    }

    private CaseView saved(CaseRecord stored) {
        stored.updatedAt = Instant.now().truncatedTo(ChronoUnit.MICROS);
        return service.view(cases.saveAndFlush(stored));
    }

    private boolean isEmpty(CaseRecord stored) {
        return taps.standing(stored).isEmpty()
                && measures.at(stored, stored.visit()).isEmpty();
    }

    @Transactional(readOnly = true)
    public Visits visits(String code) {
        CaseRecord stored = door.existing(code);
        DepartmentSettings department = settings.current();
        List<MeasuredValues> byVisit = IntStream.rangeClosed(1, stored.visit())
                .mapToObj(visit -> measures.at(stored, visit))
                .toList();
        List<VisitView> views = IntStream.range(0, byVisit.size())
                .mapToObj(i -> new VisitView(
                        i + 1,
                        stored.visits.get(i),
                        byVisit.get(i).readings().tests().size(),
                        standings.conditions(
                                assembly.bedside(stored, byVisit.get(i).readings()), basis.of(stored))))
                .toList();
        return new Visits(views, series(byVisit, CaseAssembly.involved(stored), department));
    }

    private List<SeriesView> series(List<MeasuredValues> byVisit, Side involved, DepartmentSettings department) {
        List<SeriesView> all = new ArrayList<>();
        for (Side side : List.of(involved, involved.other())) {
            points(byVisit, v -> v.worstPain(side))
                    .ifPresent(points -> all.add(
                            new SeriesView("pain", "Worst pain", "signs", "of 10", side.id(), true, points, null)));
            points(byVisit, v -> v.readings()
                            .at(new Place(APPREHENSION, "", side))
                            .flag(ReadingLeaf.APPREHENSION)
                            .map(fears -> fears ? 1.0 : 0.0))
                    .ifPresent(points -> all.add(new SeriesView(
                            APPREHENSION, "Fear on apprehension", "signs", "", side.id(), true, points, null)));
            for (Measure m : editions.catalogue().measures().measures()) {
                m.readings().forEach(r -> points(byVisit, v -> v.mean(m, r, side))
                        .ifPresent(points -> all.add(measured(m, r, side, points, department))));
            }
        }
        return all;
    }

    private static SeriesView measured(
            Measure m, ReadingLeaf reading, Side side, List<PointView> points, DepartmentSettings department) {
        String label = m.readings().size() > 1 ? m.name() + ", " + MeasureComparison.label(reading) : m.name();
        double last = points.get(points.size() - 1).value();
        return new SeriesView(
                m.id() + " " + reading.leafName(),
                label,
                m.group().id(),
                reading.unit(),
                side.id(),
                m.moreIsWorse(),
                points,
                department.errorOf(reading.reading(), last).orElse(null));
    }

    private static Optional<List<PointView>> points(
            List<MeasuredValues> byVisit, Function<MeasuredValues, Optional<Double>> value) {
        List<PointView> points = new ArrayList<>();
        for (int i = 0; i < byVisit.size(); i++) {
            int visit = i + 1;
            value.apply(byVisit.get(i)).ifPresent(v -> points.add(new PointView(visit, v)));
        }
        return points.isEmpty() ? Optional.empty() : Optional.of(points);
    }
}
