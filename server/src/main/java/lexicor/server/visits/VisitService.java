package lexicor.server.visits;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Side;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CasePlan;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.measures.ErrorsInForce;
import lexicor.server.measures.MeasureComparison;
import lexicor.server.measures.MeasurePage;
import lexicor.server.measures.MeasuredValues;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.standing.Standings;
import lexicor.server.time.Moments;
import lexicor.server.visits.VisitViews.PointView;
import lexicor.server.visits.VisitViews.SeriesView;
import lexicor.server.visits.VisitViews.VisitView;
import lexicor.server.visits.VisitViews.Visits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins visits and sets what was found at them side by side. */
@Service
public class VisitService {

    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);

    private final CaseStore cases;
    private final CaseDoor door;
    private final OpenCases openCases;
    private final CasePage page;
    private final MeasurePage measures;
    private final ErrorsInForce errors;
    private final Moments moments;

    VisitService(
            CaseStore cases,
            CaseDoor door,
            OpenCases openCases,
            CasePage page,
            MeasurePage measures,
            ErrorsInForce errors,
            Moments moments) {
        this.errors = errors;
        this.cases = cases;
        this.door = door;
        this.openCases = openCases;
        this.page = page;
        this.measures = measures;
        this.moments = moments;
    }

    /**
     * Begins a visit from the stored version: the same tests in their order, nothing recorded. A visit at which nothing was
     * recorded is not followed by another.
     *
     * @param day of a visit whose readings are on paper; null for today
     */
    @Transactional
    public CaseView start(String code, long version, LocalDate day) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        if (isEmpty(before)) {
            throw Refusal.conflict("visit: nothing is recorded at visit " + stored.visit() + " yet; go on with it");
        }
        List<String> again = CasePlan.again(before);
        if (day == null) {
            stored.visits.add(moments.now());
            stored.openVisit = null;
        } else {
            stored.visits.add(noon(day, before));
            stored.datedVisits.add(stored.visits.size());
            stored.openVisit = stored.visits.size();
        }
        stored.plan.clear();
        stored.plan.addAll(again);
        stored.minutesThere = null;
        stored.leftOut.clear();
        stored.ladders.clear();
        return saved(stored, before);
    }

    /** Gives a visit its day. */
    @Transactional
    public CaseView date(String code, int number, long version, LocalDate day) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        requireVisit(stored, number);
        if (day == null) {
            throw Refusal.field("day", "missing; expected the day of the visit");
        }
        stored.visits.set(number - 1, noon(day, before));
        stored.datedVisits.add(number);
        return saved(stored, before);
    }

    /** Opens a visit, so that what is recorded from now on belongs to it. */
    @Transactional
    public CaseView open(String code, int number, long version) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        requireVisit(stored, number);
        stored.openVisit = number == stored.latestVisit() ? null : number;
        return saved(stored, before);
    }

    private static void requireVisit(CaseRecord stored, int number) {
        if (number < 1 || number > stored.visits.size()) {
            throw Refusal.field("visit", "expected 1 to " + stored.visits.size() + ", found " + number);
        }
    }

    /** A day alone says no hour; noon is the same day wherever the department is. */
    private Instant noon(LocalDate day, OpenCase c) {
        ZoneId zone = c.basis().department().zone();
        LocalDate today = LocalDate.ofInstant(moments.now(), zone);
        if (day.isAfter(today) || day.isBefore(EARLIEST)) {
            throw Refusal.field("day", "expected a day from " + EARLIEST + " until today, found " + day);
        }
        Instant noon = day.atTime(LocalTime.NOON).atZone(zone).toInstant();
        return noon.isAfter(moments.now()) ? moments.now() : noon;
    }

    /** Takes back the visit that was begun last while nothing is recorded at it. */
    @Transactional
    public CaseView drop(String code, int number, long version) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        if (number != stored.visits.size()
                || number == 1
                || !isEmpty(openCases.of(stored.asOf(number), before.basis()))) {
            throw Refusal.conflict(
                    "visit: only the last visit can be taken back, and only while nothing is recorded at it");
        }
        stored.visits.remove(number - 1);
        stored.datedVisits.remove(number);
        stored.openVisit = null;
        return saved(stored, before);
    }

    private CaseView saved(CaseRecord stored, OpenCase before) {
        stored.updatedAt = moments.now();
        return page.of(openCases.of(cases.saveAndFlush(stored), before.basis()));
    }

    private boolean isEmpty(OpenCase c) {
        return c.taps().isEmpty() && measures.at(c).isEmpty();
    }

    @Transactional(readOnly = true)
    public Visits visits(String code) {
        OpenCase now = openCases.of(door.existing(code));
        CaseRecord stored = now.record();
        List<OpenCase> byVisit = stored.visitsInOrder().stream()
                .map(visit -> openCases.of(stored.asOf(visit), now.basis()))
                .toList();
        List<VisitView> views = IntStream.range(0, byVisit.size())
                .mapToObj(i -> new VisitView(
                        byVisit.get(i).record().visit(),
                        stored.visits.get(byVisit.get(i).record().visit() - 1),
                        byVisit.get(i).readings().tests().size(),
                        Standings.conditions(
                                byVisit.get(i).bedside(),
                                byVisit.get(i).basis(),
                                byVisit.get(i).ranked())))
                .toList();
        List<MeasuredValues> measured = byVisit.stream().map(measures::at).toList();
        return new Visits(views, series(measured, stored.visitsInOrder(), now));
    }

    private List<SeriesView> series(List<MeasuredValues> byVisit, List<Integer> numbers, OpenCase c) {
        List<SeriesView> all = new ArrayList<>();
        for (Side side : List.of(c.involved(), c.involved().other())) {
            points(byVisit, numbers, v -> v.worstPain(side))
                    .ifPresent(points ->
                            all.add(new SeriesView("pain", "Worst pain", "signs", "of 10", side, true, points, null)));
            for (MeasureList.Followed f : c.catalogue().measures().followed()) {
                points(byVisit, numbers, v -> v.readings()
                                .at(new Place(f.test(), "", side))
                                .flag(f.reading())
                                .map(there -> there ? 1.0 : 0.0))
                        .ifPresent(points ->
                                all.add(new SeriesView(f.test(), f.name(), "signs", "", side, true, points, null)));
            }
            for (Measure m : c.catalogue().measures().measures()) {
                m.readings().forEach(r -> points(byVisit, numbers, v -> v.mean(m, r, side))
                        .ifPresent(points ->
                                all.add(measured(m, r, side, points, c.basis().department()))));
            }
        }
        return all;
    }

    private SeriesView measured(
            Measure m, ReadingLeaf reading, Side side, List<PointView> points, DepartmentSettings department) {
        String label = m.readings().size() > 1 ? m.name() + ", " + MeasureComparison.label(reading) : m.name();
        double last = points.get(points.size() - 1).value();
        return new SeriesView(
                m.id() + " " + reading.leafName(),
                label,
                m.group().id(),
                reading.unit(),
                side,
                m.moreIsWorse(),
                points,
                errors.of(department, m, reading, last).orElse(null));
    }

    private static Optional<List<PointView>> points(
            List<MeasuredValues> byVisit, List<Integer> numbers, Function<MeasuredValues, Optional<Double>> value) {
        List<PointView> points = new ArrayList<>();
        for (int i = 0; i < byVisit.size(); i++) {
            int visit = numbers.get(i);
            value.apply(byVisit.get(i)).ifPresent(v -> points.add(new PointView(visit, v)));
        }
        return points.isEmpty() ? Optional.empty() : Optional.of(points);
    }
}
