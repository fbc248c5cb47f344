package lexicor.server.visits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import lexicor.core.catalogue.Measure;
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
    private static final String APPREHENSION = "apprehension";

    private final CaseStore cases;
    private final CaseDoor door;
    private final OpenCases openCases;
    private final CasePage page;
    private final MeasurePage measures;
    private final Moments moments;

    VisitService(
            CaseStore cases, CaseDoor door, OpenCases openCases, CasePage page, MeasurePage measures, Moments moments) {
        this.cases = cases;
        this.door = door;
        this.openCases = openCases;
        this.page = page;
        this.measures = measures;
        this.moments = moments;
    }

    /**
     * Begins the next visit from the stored version: the same tests in their order, nothing recorded. A visit at which
     * nothing was recorded is not followed by another.
     */
    @Transactional
    public CaseView start(String code, long version) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        if (isEmpty(before)) {
            throw Refusal.conflict("visit: nothing is recorded at visit " + stored.visit() + " yet; go on with it");
        }
        List<String> again = CasePlan.again(before);
        stored.visits.add(moments.now());
        stored.plan.clear();
        stored.plan.addAll(again);
        stored.ladders.clear();
        return saved(stored, before);
    }

    /** Takes back the last visit while nothing is recorded at it. */
    @Transactional
    public CaseView drop(String code, int number, long version) {
        CaseRecord stored = door.lockForRecording(code, version);
        OpenCase before = openCases.of(stored);
        if (number != stored.visit() || number == 1 || !isEmpty(before)) {
            throw Refusal.conflict(
                    "visit: only the last visit can be taken back, and only while nothing is recorded at it");
        }
        stored.visits.remove(number - 1);
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
        List<OpenCase> byVisit = IntStream.rangeClosed(1, stored.visit())
                .mapToObj(visit -> openCases.of(stored.asOf(visit), now.basis()))
                .toList();
        List<VisitView> views = IntStream.range(0, byVisit.size())
                .mapToObj(i -> new VisitView(
                        i + 1,
                        stored.visits.get(i),
                        byVisit.get(i).readings().tests().size(),
                        Standings.conditions(byVisit.get(i).ranked(), now.catalogue())))
                .toList();
        List<MeasuredValues> measured = byVisit.stream().map(measures::at).toList();
        return new Visits(views, series(measured, now));
    }

    private static List<SeriesView> series(List<MeasuredValues> byVisit, OpenCase c) {
        List<SeriesView> all = new ArrayList<>();
        for (Side side : List.of(c.involved(), c.involved().other())) {
            points(byVisit, v -> v.worstPain(side))
                    .ifPresent(points ->
                            all.add(new SeriesView("pain", "Worst pain", "signs", "of 10", side, true, points, null)));
            points(byVisit, v -> v.readings()
                            .at(new Place(APPREHENSION, "", side))
                            .flag(ReadingLeaf.APPREHENSION)
                            .map(fears -> fears ? 1.0 : 0.0))
                    .ifPresent(points -> all.add(new SeriesView(
                            APPREHENSION, "Fear on apprehension", "signs", "", side, true, points, null)));
            for (Measure m : c.catalogue().measures().measures()) {
                m.readings().forEach(r -> points(byVisit, v -> v.mean(m, r, side))
                        .ifPresent(points ->
                                all.add(measured(m, r, side, points, c.basis().department()))));
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
                side,
                m.moreIsWorse(),
                points,
                department.measurementErrors().of(reading.reading(), last).orElse(null));
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
