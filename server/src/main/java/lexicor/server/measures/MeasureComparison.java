package lexicor.server.measures;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureGroup;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Place;
import lexicor.core.examination.Side;
import lexicor.core.examination.SideReadings;
import lexicor.core.measuring.Change;
import lexicor.core.measuring.ContractilePattern;
import lexicor.core.measuring.Dominance;
import lexicor.core.measuring.RangePattern;
import lexicor.core.measuring.SideComparison;
import lexicor.core.measuring.Strength;
import lexicor.server.measures.MeasureViews.ChangeView;
import lexicor.server.measures.MeasureViews.ErrorFrom;
import lexicor.server.measures.MeasureViews.ItemView;
import lexicor.server.measures.MeasureViews.MeasureView;
import lexicor.server.measures.MeasureViews.SideView;
import lexicor.server.measures.MeasureViews.TrialsView;
import lexicor.server.settings.DepartmentSettings;

/** Holds a measure's sides and visits against each other, by the department's lines. */
public final class MeasureComparison {
    private static final double CM_PER_METRE = 100;

    private static final Map<ReadingLeaf, String> LABELS = Map.of(
            ReadingLeaf.FORCE_N, "force",
            ReadingLeaf.GRIP_KG, "grip",
            ReadingLeaf.PINCH_KG, "pinch",
            ReadingLeaf.RANGE_ACTIVE_DEG, "active",
            ReadingLeaf.RANGE_PASSIVE_DEG, "passive",
            ReadingLeaf.SPINAL_LEVEL, "level",
            ReadingLeaf.ARC_START_DEG, "pain starts",
            ReadingLeaf.ARC_WORST_DEG, "worst",
            ReadingLeaf.ARC_END_DEG, "pain stops");

    private final Catalogue catalogue;
    private final DepartmentSettings department;
    private final MeasuredValues now;
    private final Optional<MeasuredValues> before;
    private final Side involved;
    private final Optional<Side> dominant;
    private final ErrorsInForce errors;

    /**
     * @param before what was measured at the visit before; empty at the first
     * @param dominant empty where it is not known
     */
    MeasureComparison(
            Catalogue catalogue,
            DepartmentSettings department,
            MeasuredValues now,
            Optional<MeasuredValues> before,
            Side involved,
            Optional<Side> dominant,
            ErrorsInForce errors) {
        this.catalogue = catalogue;
        this.department = department;
        this.now = now;
        this.before = before;
        this.involved = involved;
        this.dominant = dominant;
        this.errors = errors;
    }

    MeasureView view(Measure measure) {
        Optional<Double> index = Optional.empty();
        Optional<Boolean> deficit = Optional.empty();
        Optional<Double> fair = Optional.empty();
        if (measure.group().byTrials()) {
            index = sides(measure).indexPercent();
            fair = index.flatMap(this::fair);
            deficit = fair.or(sides(measure)::indexPercent)
                    .map(i -> SideComparison.isDeficit(i, department.deficitPercent()));
        }
        Optional<ContractilePattern> strength = measure.group() == MeasureGroup.STRENGTH
                ? ContractilePattern.of(deficit, hurts(measure))
                : Optional.empty();
        Optional<RangePattern> range = RangePattern.of(
                now.range(measure, involved),
                now.range(measure, involved.other()),
                department.shortDegrees(),
                measure.moreIsWorse());
        return new MeasureView(
                measure.id(),
                measure.name(),
                measure.group(),
                measure.feeds(),
                criteria(measure),
                measure.readings().stream().map(r -> item(measure, r)).toList(),
                MeasureChanges.notes(measure),
                measure.moreIsWorse(),
                side(measure, involved),
                side(measure, involved.other()),
                index.orElse(null),
                fair.orElse(null),
                deficit.orElse(null),
                strength.map(ContractilePattern::words)
                        .or(() -> range.map(RangePattern::words))
                        .orElse(null),
                strength.map(ContractilePattern::suggests)
                        .or(() -> range.map(RangePattern::suggests))
                        .orElse(null),
                measure.readings().stream()
                        .flatMap(r -> Stream.of(involved, involved.other())
                                .flatMap(side -> change(measure, r, side).stream()))
                        .toList());
    }

    private List<String> criteria(Measure measure) {
        return measure.feeds().stream()
                .flatMap(feeds -> catalogue.test(feeds.test()).orElseThrow().criteria().stream()
                        .filter(c -> c.at().equals(feeds.at())))
                .map(Criterion::id)
                .toList();
    }

    private SideComparison sides(Measure measure) {
        return new SideComparison(now.strength(measure, involved), now.strength(measure, involved.other()));
    }

    private Optional<Double> fair(double index) {
        return dominant.filter(d -> department.headStartPercent() > 0)
                .map(d -> Dominance.corrected(index, d == involved, department.headStartPercent()));
    }

    /** Whether the muscle hurt when it worked; empty where nobody said. */
    private Optional<Boolean> hurts(Measure measure) {
        Optional<Double> underLoad = now.amount(measure, MeasureChanges.PAIN_UNDER_LOAD, involved);
        double atRest =
                now.amount(measure, MeasureChanges.PAIN_AT_REST, involved).orElse(0.0);
        if (now.isNoted(measure, MeasureChanges.FAMILIAR_PAIN, involved)
                || underLoad.filter(p -> p > atRest).isPresent()) {
            return Optional.of(true);
        }
        List<SideReadings> tapped = measure.feeds().stream()
                .map(f -> now.readings().at(new Place(f.test(), f.at(), involved)))
                .toList();
        if (tapped.stream().anyMatch(r -> r.flag(ReadingLeaf.PAIN_FAMILIAR).orElse(false))) {
            return Optional.of(true);
        }
        boolean said = underLoad.isPresent()
                || now.amount(measure, MeasureChanges.FAMILIAR_PAIN, involved).isPresent()
                || tapped.stream()
                        .anyMatch(r -> r.flag(ReadingLeaf.PAIN_PRESENT).isPresent());
        return said ? Optional.of(false) : Optional.empty();
    }

    private SideView side(Measure measure, Side side) {
        Map<String, TrialsView> values = new LinkedHashMap<>();
        for (ReadingLeaf reading : measure.readings()) {
            List<Double> trials = now.trials(measure, reading, side);
            if (!trials.isEmpty()) {
                values.put(reading.leafName(), trials(measure, trials));
            }
        }
        Optional<Double> torque = now.amount(measure, MeasureChanges.LEVER, side)
                .flatMap(cm -> now.strength(measure, side).map(s -> s.torqueNewtonMetres(cm / CM_PER_METRE)));
        return new SideView(
                values,
                now.notes(measure, side),
                torque.orElse(null),
                now.ratio(measure, side, catalogue).map(r -> 100 * (1 - r)).orElse(null));
    }

    private static TrialsView trials(Measure measure, List<Double> trials) {
        double mean = MeasuredValues.mean(trials);
        if (!measure.group().byTrials()) {
            return new TrialsView(trials, mean, mean, 0, false);
        }
        Strength strength = new Strength(trials);
        return new TrialsView(
                trials, mean, strength.bestNewtons(), strength.variationPercent(), SideComparison.isUneven(strength));
    }

    /** What a quantity is called beside its measure. */
    public static String label(ReadingLeaf reading) {
        return LABELS.getOrDefault(reading, reading.leafName());
    }

    private static ItemView item(Measure measure, ReadingLeaf reading) {
        return new ItemView(
                reading.leafName(),
                label(reading),
                reading.unit(),
                measure.possible().low(),
                measure.possible().high(),
                measure.usual().low(),
                measure.usual().high(),
                MeasureChanges.mostTrials(measure));
    }

    private Optional<ChangeView> change(Measure measure, ReadingLeaf reading, Side side) {
        List<Double> then = before.map(b -> b.trials(measure, reading, side)).orElse(List.of());
        List<Double> today = now.trials(measure, reading, side);
        if (then.isEmpty() || today.isEmpty()) {
            return Optional.empty();
        }
        Change change = Change.between(
                then,
                today,
                was -> errors.of(department, measure, reading, was),
                measure.group().byTrials());
        return Optional.of(new ChangeView(
                reading.leafName(),
                side,
                change.before(),
                change.now(),
                change.error().orElse(null),
                errors.error(department, measure, reading, change.before())
                        .map(ErrorsInForce.Error::from)
                        .orElse(change.error().isPresent() ? ErrorFrom.TRIALS : null),
                change.exceedsError().orElse(null)));
    }
}
