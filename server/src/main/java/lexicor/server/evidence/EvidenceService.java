package lexicor.server.evidence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.Forest;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.RocRegion;
import lexicor.core.evidence.Study;
import lexicor.core.numbers.Interval;
import lexicor.server.catalogue.Editions;
import lexicor.server.evidence.EvidenceViews.CheckView;
import lexicor.server.evidence.EvidenceViews.JudgementView;
import lexicor.server.evidence.EvidenceViews.PairLine;
import lexicor.server.evidence.EvidenceViews.PairView;
import lexicor.server.evidence.EvidenceViews.PooledView;
import lexicor.server.evidence.EvidenceViews.RatioView;
import lexicor.server.evidence.EvidenceViews.RocPointView;
import lexicor.server.evidence.EvidenceViews.ShareView;
import lexicor.server.evidence.EvidenceViews.ShippedFigure;
import lexicor.server.evidence.EvidenceViews.StudyView;
import lexicor.server.layer.Origins;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import org.springframework.stereotype.Service;

/** Shows the figures as they are weighed: the department's way to take risky studies applies. */
@Service
class EvidenceService {
    private static final int CORNERS = 72;
    /** Fewer studies say too little of how they differ for a region to be drawn. */
    private static final int STUDIES_FOR_A_REGION = 4;

    private final Editions editions;
    private final SettingsService settings;
    private final Origins origins;

    EvidenceService(Editions editions, SettingsService settings, Origins origins) {
        this.origins = origins;
        this.editions = editions;
        this.settings = settings;
    }

    /** Every pair that has a row, in the pack's order. */
    List<PairLine> pairs() {
        Catalogue catalogue = editions.catalogue();
        return Stream.concat(
                        catalogue.accuracy().stream().map(r -> List.of(r.criterion(), r.condition())),
                        catalogue.judged().stream().map(j -> List.of(j.criterion(), j.condition())))
                .distinct()
                .map(p -> line(current(), p.get(0), p.get(1)))
                .toList();
    }

    PairView pair(String criterion, String condition) {
        EvidenceBase base = current();
        List<AccuracyRow> rows = base.rows(criterion, condition);
        boolean known = (editions.catalogue().criterion(criterion).isPresent()
                        || editions.catalogue().historyItem(criterion).isPresent())
                && editions.catalogue().condition(condition).isPresent();
        if (!known) {
            throw Refusal.notFound("There is no pair of " + criterion + " and " + condition + ".");
        }
        List<AccuracyRow> used = base.used(criterion, condition);
        // A judgement is words, and no pooled value.
        Optional<Accuracy> pooled = base.accuracy(criterion, condition).filter(a -> !isJudgement(a));
        boolean anyRisky = used.stream().anyMatch(r -> r.bias().equals("high"));
        Optional<Accuracy> without = anyRisky
                ? base(HighBias.LEFT_OUT).accuracy(criterion, condition).filter(a -> !isJudgement(a))
                : Optional.empty();
        return new PairView(
                line(base, criterion, condition),
                settings.current().highBias(),
                studies(rows, used, pooled),
                pooled.map(a -> pooled(a, base.pooled(criterion, condition))).orElse(null),
                without.map(a -> pooled(a, base(HighBias.LEFT_OUT).pooled(criterion, condition)))
                        .orElse(null));
    }

    private HighBias way() {
        return settings.current().highBias();
    }

    EvidenceBase current() {
        return base(way());
    }

    private EvidenceBase base(HighBias way) {
        DepartmentSettings department = settings.current();
        return editions.current().evidence(way, department.checkedOnly(), department.judgements());
    }

    /** The value that a criterion is weighed with; empty where there is none. */
    Optional<Accuracy> weighed(String criterion, String condition) {
        return current().accuracy(criterion, condition);
    }

    /** What a cluster is weighed with; empty where nothing was published, or it cannot be weighed. */
    Optional<Accuracy> ofCluster(String cluster) {
        return current().ofCluster(cluster).flatMap(EvidenceService::accuracy);
    }

    private static Optional<Accuracy> accuracy(Evidence found) {
        return found instanceof Evidence.Weighable weighable ? Optional.of(weighable.accuracy()) : Optional.empty();
    }

    private static boolean isJudgement(Accuracy a) {
        return a.method() == Accuracy.Method.JUDGED;
    }

    private static int judgements(List<AccuracyRow> rows) {
        return (int) rows.stream().filter(AccuracyRow::isJudgement).count();
    }

    /** A judgement counts for some people, but nobody was examined for it. */
    private static double people(List<AccuracyRow> rows) {
        return rows.stream()
                .filter(r -> !r.isJudgement())
                .map(AccuracyRow::figures)
                .mapToDouble(f -> f.studied()
                        .orElseGet(() -> f.diseased().orElse(0) + f.healthy().orElse(0)))
                .sum();
    }

    private PairLine line(EvidenceBase base, String criterion, String condition) {
        Evidence found = base.of(criterion).get(condition);
        Optional<Accuracy> weighed = accuracy(found);
        Optional<Accuracy> accuracy = weighed.filter(a -> !isJudgement(a));
        String status = found == null
                ? "none"
                : weighed.filter(EvidenceService::isJudgement).isPresent()
                        ? "judged"
                        : accuracy.isPresent()
                                ? "weighable"
                                : found instanceof Evidence.LeftOut
                                        ? "left-out"
                                        : found instanceof Evidence.Unchecked ? "unchecked" : "sensitivity-only";
        List<AccuracyRow> rows = base.rows(criterion, condition);
        List<SignOff.State> checks =
                rows.stream().map(r -> editions.catalogue().signOff(r).state()).toList();
        return new PairLine(
                criterion,
                editions.catalogue().findingName(criterion),
                editions.catalogue().testOf(criterion).map(ClinicalTest::id).orElse(null),
                condition,
                editions.catalogue().conditionName(condition),
                rows.size(),
                judgements(rows),
                (int) rows.stream()
                        .filter(r -> !origins.of(r).from().equals("shipped"))
                        .count(),
                Collections.frequency(checks, SignOff.State.NOT_YET_CHECKED),
                Collections.frequency(checks, SignOff.State.DISPUTED),
                people(base.pooled(criterion, condition)),
                status,
                editions.catalogue()
                        .judged(criterion, condition)
                        .map(JudgementView::of)
                        .orElse(null),
                accuracy.map(Accuracy::method).orElse(null),
                accuracy.map(a -> ratio(a, true)).orElse(null),
                accuracy.map(a -> ratio(a, false)).orElse(null));
    }

    private List<StudyView> studies(List<AccuracyRow> rows, List<AccuracyRow> used, Optional<Accuracy> pooled) {
        List<Study> studies = used.stream()
                .map(r -> EvidenceBase.study(r.figures(), r.bias().equals("high")))
                .toList();
        Optional<Forest> forest = pooled.map(a -> Forest.of(studies, way(), a));
        List<StudyView> views = new ArrayList<>();
        for (AccuracyRow row : rows) {
            int place = used.indexOf(row);
            Optional<Forest.Line> line =
                    forest.filter(f -> place >= 0).map(f -> f.lines().get(place));
            views.add(study(row, line));
        }
        return views;
    }

    private StudyView study(AccuracyRow row, Optional<Forest.Line> line) {
        Origins.Origin origin = origins.of(row);
        Study study = EvidenceBase.study(row.figures(), row.bias().equals("high"));
        ShareView sensitivity;
        ShareView specificity = null;
        if (study instanceof Study.TwoByTwo table) {
            sensitivity = share(table.sensitivity(), table.sensitivityInterval());
            specificity = share(table.specificity(), table.specificityInterval());
        } else {
            Study.SensitivityOnly only = (Study.SensitivityOnly) study;
            sensitivity = share(row.figures().sensitivity(), Interval.wilson(only.tp(), only.tp() + only.fn()));
        }
        return new StudyView(
                row.source(),
                row.year(),
                row.kind(),
                sensitivity,
                specificity,
                orNull(row.figures().diseased()),
                orNull(row.figures().healthy()),
                orNull(row.figures().people()),
                row.referenceStandard(),
                row.population(),
                row.bias(),
                row.confidence(),
                row.fingerprint(),
                CheckView.of(editions.catalogue().signOff(row), row.isJudgement()),
                row.note(),
                origin.from(),
                origin.shipped().map(EvidenceService::shipped).orElse(null),
                line.map(Forest.Line::used).orElse(false),
                line.map(Forest.Line::sensitivityShare).orElse(0.0),
                line.map(Forest.Line::specificityShare).orElse(0.0));
    }

    private static ShippedFigure shipped(AccuracyRow row) {
        return new ShippedFigure(
                row.source(),
                row.year(),
                row.figures().sensitivity(),
                orNull(row.figures().specificity()),
                orNull(row.figures().diseased()),
                orNull(row.figures().healthy()),
                row.bias());
    }

    private static PooledView pooled(Accuracy a, List<AccuracyRow> rows) {
        boolean drawn = rows.size() >= STUDIES_FOR_A_REGION;
        return new PooledView(
                a.method(),
                rows.size() - judgements(rows),
                judgements(rows),
                people(rows),
                share(a.shown().sensitivity(), a.shown().sensitivityInterval()),
                share(a.shown().specificity(), a.shown().specificityInterval()),
                share(a.sensitivity(), a.newClinicSensitivity()),
                share(a.specificity(), a.newClinicSpecificity()),
                ratio(a, true),
                ratio(a, false),
                newClinicRatio(a, true),
                newClinicRatio(a, false),
                List.of(
                        a.between().sensitivity(),
                        a.between().both(),
                        a.between().specificity()),
                drawn ? points(RocRegion.confidence(a, CORNERS)) : List.of(),
                drawn ? points(RocRegion.prediction(a, CORNERS)) : List.of());
    }

    private static List<RocPointView> points(List<RocRegion.Point> line) {
        return line.stream()
                .map(p -> new RocPointView(p.sensitivity(), p.specificity()))
                .toList();
    }

    private static RatioView ratio(Accuracy a, boolean positive) {
        return ratio(a, positive, a.ratioInterval(positive));
    }

    private static RatioView newClinicRatio(Accuracy a, boolean positive) {
        return ratio(a, positive, a.newClinicRatio(positive));
    }

    private static RatioView ratio(Accuracy a, boolean positive, Interval interval) {
        return new RatioView(
                Math.exp(positive ? a.logPositiveRatio() : a.logNegativeRatio()), interval.low(), interval.high());
    }

    private static ShareView share(double value, Interval interval) {
        return new ShareView(value, interval.low(), interval.high());
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
