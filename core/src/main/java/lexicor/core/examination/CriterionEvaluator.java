package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.published.Truth;

/**
 * Judges the criteria of a test from what was recorded (method M3, M19): positive, negative or unclear, with the reason.
 *
 * <ul>
 *   <li>A negative recorded with a cheat, guarding or inability to relax is unclear unless the examiner confirms it.
 *   <li>A looseness that is the same on the other side is unclear: it may be how this patient is built.
 *   <li>What was not recorded and is not a sign is not known; the outcome is unclear and names it.
 * </ul>
 */
public final class CriterionEvaluator {
    private static final Set<ReadingLeaf> LAXITY = EnumSet.of(LAXITY_END_POINT, LAXITY_SIDE_DIFFERENCE);
    private static final Set<ReadingLeaf> LOOSENESS = EnumSet.of(
            LAXITY_END_POINT, LAXITY_SIDE_DIFFERENCE, TRANSLATION_PERCENT, GAP_MM, VISIBLE, RANGE_PASSIVE_DEG, CLUNK);
    private static final int MOST_MISSING = 3;

    private final Catalogue catalogue;
    private final Readings readings;

    /**
     * @param readings of both sides
     */
    public CriterionEvaluator(Catalogue catalogue, Readings readings) {
        this.catalogue = catalogue;
        this.readings = readings;
    }

    /**
     * Judges every criterion of the test on one side, with the other side as baseline. Nothing that was recorded is without a
     * trace: where no criterion takes notice of what stands at a place, those of the place are unclear.
     */
    public List<Finding> evaluate(ClinicalTest test, Side side) {
        List<Finding> found = new ArrayList<>();
        for (Criterion criterion : test.criteria()) {
            found.add(new OneCriterion(test, criterion, side).finding());
        }
        for (String at : test.places()) {
            SideReadings own = readings.at(new Place(test.id(), at, side));
            if (own.isBegun() && !own.isFlag(MARK_NOT_DONE, true)) {
                traced(test, at, side, found);
            }
        }
        return List.copyOf(found);
    }

    private void traced(ClinicalTest test, String at, Side side, List<Finding> found) {
        List<Integer> here = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            if (test.criteria().get(i).at().equals(at)) {
                here.add(i);
            }
        }
        if (here.stream().noneMatch(i -> found.get(i).isDone())) {
            here.forEach(
                    i -> found.set(i, new OneCriterion(test, test.criteria().get(i), side).unclear()));
        }
    }

    /** Judges one criterion of the test on one side. */
    public Finding evaluate(ClinicalTest test, Criterion criterion, Side side) {
        return evaluate(test, side).get(test.criteria().indexOf(criterion));
    }

    private final class OneCriterion {
        private final ClinicalTest test;
        private final Criterion criterion;
        private final Bedside bedside;
        private final RuleEvaluator evaluator;
        private final TestWording wording;

        OneCriterion(ClinicalTest test, Criterion criterion, Side side) {
            this.test = test;
            this.criterion = criterion;
            bedside = Bedside.at(test, criterion.at(), readings, side);
            evaluator = new RuleEvaluator(bedside);
            wording = TestWording.of(test, catalogue);
        }

        Finding finding() {
            if (bedside.own.isFlag(MARK_NOT_DONE, true)) {
                return finding(Outcome.NOT_DONE, "not done");
            }
            if (bedside.own.isFlag(MARK_CANNOT_TELL, true)) {
                return finding(Outcome.UNCLEAR, "could not tell");
            }
            return switch (evaluator.evaluate(criterion.positiveWhen())) {
                case HOLDS -> positive();
                case FAILS -> negative();
                case UNKNOWN -> isBegun() ? unclear() : finding(Outcome.NOT_DONE, missing());
            };
        }

        Finding unclear() {
            return finding(Outcome.UNCLEAR, missing());
        }

        private boolean isBegun() {
            return bedside.own.isObserved()
                    || bedside.own.has(RELIEF)
                    || bedside.own.isFlag(MARK_NORMAL, true)
                    || comparisons().anyMatch(c -> bedside.own.has(c.leaf()));
        }

        private Stream<Comparison> comparisons() {
            return criterion.positiveWhen().comparisons();
        }

        private Finding positive() {
            List<Comparison> held = decisive(Truth.HOLDS);
            if (!criterion.evenOnBothSides() && isLoosenessAlone(held) && isSameOnOtherSide()) {
                return finding(Outcome.UNCLEAR, "as loose on the other side: may be how the patient is built");
            }
            return finding(Outcome.POSITIVE, wording.reason(criterion, held, bedside));
        }

        private boolean isLoosenessAlone(List<Comparison> held) {
            Set<ReadingLeaf> loose = test.particulars().looseness() ? LOOSENESS : LAXITY;
            return held.stream()
                    .filter(c -> !(c.operator() instanceof Operator.Is is && !is.expected()))
                    .allMatch(c -> loose.contains(c.leaf()));
        }

        private boolean isSameOnOtherSide() {
            Optional<Double> own = bedside.own.quantity(GAP_MM);
            Optional<Double> other = bedside.other.quantity(GAP_MM);
            boolean differs = own.isPresent()
                    && other.isPresent()
                    && own.get() - other.get() >= test.particulars().differenceMm();
            return !differs
                    && new RuleEvaluator(bedside.fromOtherSide()).evaluate(criterion.positiveWhen()) == Truth.HOLDS;
        }

        private Finding negative() {
            Optional<String> spoiled = spoiledBy();
            if (spoiled.isPresent() && !bedside.own.isFlag(MARK_CONFIRMED, true)) {
                return finding(Outcome.UNCLEAR, "negative, but " + spoiled.get() + ": counted as unclear");
            }
            String reason = wording.reason(criterion, decisive(Truth.FAILS), bedside);
            return new Finding(
                    criterion.id(),
                    Outcome.NEGATIVE,
                    spoiled.map(s -> reason + " (confirmed, although " + s + ")")
                            .orElse(reason),
                    isAssumed());
        }

        /** Whether it fails only because what was not tapped counts as not seen. */
        private boolean isAssumed() {
            return new RuleEvaluator(bedside.asSaid()).evaluate(criterion.positiveWhen()) != Truth.FAILS;
        }

        private Optional<String> spoiledBy() {
            if (bedside.own.isFlag(MARK_GUARDED, true)) {
                return Optional.of("the patient guarded or could not relax");
            }
            if (bedside.own.isFlag(MARK_CHEATED, true)) {
                return Optional.of("the patient got round it with another muscle");
            }
            Set<String> signs = new HashSet<>();
            comparisons()
                    .filter(c -> c.leaf() == CHEAT && c.operator() instanceof Operator.In)
                    .forEach(c -> signs.addAll(((Operator.In) c.operator()).codes()));
            return bedside.own.codes(CHEAT).stream()
                    .filter(c -> !signs.contains(c))
                    .map(c -> wording.name(CHEAT, c))
                    .reduce((a, b) -> a + ", " + b);
        }

        private String missing() {
            if (bedside.isReliefOfNothing() && comparisons().anyMatch(c -> c.leaf() == RELIEF)) {
                return "eased, but what eased was recorded nowhere";
            }
            String asked = String.join(
                    ", ",
                    evaluator.open(criterion.positiveWhen()).stream()
                            .sorted(Comparator.comparing(c -> !bedside.own.has(c.leaf())))
                            .map(this::missing)
                            .distinct()
                            .limit(MOST_MISSING)
                            .toList());
            return asked.isEmpty() ? "not recorded" : asked.replace("?, ", "? ");
        }

        private String missing(Comparison c) {
            if (bedside.isPainUnknownForFear(c.leaf())) {
                return "stopped by fear, so pain is not known";
            }
            if (!bedside.own.has(c.leaf())) {
                return wording.missing(c.leaf());
            }
            return bedside.lacksBaseline(c.leaf())
                    ? "both sides are troubled: the other side is no baseline"
                    : "the other side is not measured yet";
        }

        /** The comparisons that made the rule hold or fail; below a not, those that came out the other way. */
        private List<Comparison> decisive(Truth truth) {
            List<Comparison> found = new ArrayList<>();
            collectDecisive(criterion.positiveWhen(), truth, false, found);
            return found;
        }

        private void collectDecisive(Rule rule, Truth truth, boolean denied, List<Comparison> found) {
            if (rule instanceof Rule.AllOf all) {
                all.rules().forEach(r -> collectDecisive(r, truth, denied, found));
            } else if (rule instanceof Rule.AnyOf any) {
                any.rules().forEach(r -> collectDecisive(r, truth, denied, found));
            } else if (rule instanceof Rule.Not not) {
                collectDecisive(not.rule(), truth.not(), !denied, found);
            } else if (evaluator.compare((Comparison) rule, denied) == truth) {
                found.add((Comparison) rule);
            }
        }

        private Finding finding(Outcome outcome, String reason) {
            return new Finding(criterion.id(), outcome, reason);
        }
    }
}
