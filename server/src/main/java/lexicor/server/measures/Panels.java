package lexicor.server.measures;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Place;
import lexicor.core.examination.Side;
import lexicor.core.examination.SideReadings;
import lexicor.core.measuring.CapsularPattern;
import lexicor.core.measuring.Looseness;
import lexicor.core.measuring.RangePattern;
import lexicor.core.measuring.RangeReading;
import lexicor.server.cases.OpenCase;
import lexicor.server.measures.MeasureViews.DirectionReading;
import lexicor.server.measures.MeasureViews.DirectionView;
import lexicor.server.measures.MeasureViews.LabralView;
import lexicor.server.measures.MeasureViews.LoosenessView;
import lexicor.server.settings.DepartmentSettings;

/** Measures and findings that are read together: the stiff capsule, and looseness by direction. */
final class Panels {
    private final Catalogue catalogue;
    private final DepartmentSettings department;
    private final MeasureList list;
    private final MeasuredValues values;
    private final Side involved;

    Panels(OpenCase c, MeasuredValues values) {
        this.catalogue = c.catalogue();
        this.department = c.basis().department();
        this.list = catalogue.measures();
        this.values = values;
        this.involved = c.involved();
    }

    /** What the passive losses read like; empty while too few were measured on both sides. */
    Optional<String> capsular() {
        Measure leading = list.measure(list.capsular()).orElseThrow();
        Map<String, Double> lost = new HashMap<>();
        for (Measure m : list.measures()) {
            if (m.regions().equals(leading.regions()) && m.readings().contains(ReadingLeaf.RANGE_PASSIVE_DEG)) {
                RangeReading own = values.range(m, involved);
                Optional<Double> other = otherPassive(m);
                own.passive()
                        .flatMap(p -> other.flatMap(o -> CapsularPattern.lossPercent(p, o)))
                        .ifPresent(percent -> lost.put(m.id(), percent));
            }
        }
        double degrees = RangePattern.loss(values.range(leading, involved).passive(), otherPassive(leading), false)
                .orElse(0.0);
        return CapsularPattern.of(lost, leading.id(), degrees, department.shortDegrees())
                .map(yes -> yes
                        ? "Passive external rotation at the side is lost most: suggests a capsular pattern. A prompt, not weighed."
                        : "The passive losses do not follow a capsular pattern.");
    }

    private Optional<Double> otherPassive(Measure measure) {
        RangeReading other = values.range(measure, involved.other());
        return other.passive().or(other::active);
    }

    LabralView labral() {
        List<String> tests = catalogue.tests().stream()
                .filter(t -> list.labral().contains(t.family()))
                .map(ClinicalTest::id)
                .toList();
        List<String> clusters = catalogue.clusters().stream()
                .filter(c -> c.members().stream().anyMatch(m -> catalogue
                        .testOf(m)
                        .filter(t -> tests.contains(t.id()))
                        .isPresent()))
                .map(Cluster::id)
                .toList();
        return new LabralView(tests, clusters);
    }

    LoosenessView looseness() {
        Map<String, Looseness> byDirection = new LinkedHashMap<>();
        List<DirectionView> views = list.looseness().stream()
                .map(direction -> {
                    List<DirectionReading> tests =
                            direction.criteria().stream().map(c -> reading(c)).toList();
                    Looseness state = Looseness.of(
                            direction.criteria().stream().map(c -> outcome(c)).toList());
                    byDirection.put(direction.name(), state);
                    return new DirectionView(direction.name(), state, state.words(), tests);
                })
                .toList();
        String score = catalogue.testOf(list.general()).orElseThrow().id();
        Optional<Double> general = java.util.stream.Stream.of(Side.values())
                .flatMap(s -> values.readings().at(new Place(score, "", s)).quantity(ReadingLeaf.SCORE).stream())
                .findFirst();
        return new LoosenessView(views, general.orElse(null), Looseness.sentence(byDirection, outcome(list.general())));
    }

    private Outcome outcome(String criterion) {
        ClinicalTest test = catalogue.testOf(criterion).orElseThrow();
        return new CriterionEvaluator(catalogue, values.readings())
                .evaluate(test, catalogue.criterion(criterion).orElseThrow(), involved)
                .outcome();
    }

    private DirectionReading reading(String id) {
        ClinicalTest test = catalogue.testOf(id).orElseThrow();
        Criterion criterion = catalogue.criterion(id).orElseThrow();
        SideReadings own = values.readings().at(new Place(test.id(), criterion.at(), involved));
        SideReadings other = values.readings().at(new Place(test.id(), criterion.at(), involved.other()));
        ReadingLeaf amount =
                test.offers(ReadingLeaf.TRANSLATION_PERCENT) ? ReadingLeaf.TRANSLATION_PERCENT : ReadingLeaf.GAP_MM;
        return new DirectionReading(
                test.id(),
                test.name(),
                test.offers(amount) ? amount.unit() : "",
                own.quantity(amount).orElse(null),
                other.quantity(amount).orElse(null),
                own.code(ReadingLeaf.LAXITY_END_POINT).orElse(null),
                outcome(id));
    }
}
