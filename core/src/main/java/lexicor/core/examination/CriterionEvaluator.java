package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;

/**
 * Judges one criterion from what was recorded (method M3): positive, negative or unclear, with the reason.
 *
 * <ul>
 *   <li>A negative recorded with a cheat, guarding or inability to relax is unclear unless the examiner confirms it.
 *   <li>A looseness that is the same on the other side is unclear: it may be how this patient is built.
 *   <li>Only the familiar pain counts where the criterion asks for it; an arc of another pain is no painful arc.
 * </ul>
 */
public final class CriterionEvaluator {
    private static final Set<ReadingLeaf> LOOSENESS =
            EnumSet.of(LAXITY_END_POINT, LAXITY_SIDE_DIFFERENCE, TRANSLATION_PERCENT, GAP_MM, VISIBLE);
    private static final Set<String> LOOSENESS_FAMILIES = Set.of("inferior-laxity", "translation");

    private CriterionEvaluator() {}

    /** Judges the criterion on one side, with the other side as baseline. */
    public static Finding evaluate(ClinicalTest test, Criterion criterion, Readings readings, Side side) {
        Place place = new Place(test.id(), criterion.at(), side);
        SideReadings own = readings.at(place);
        SideReadings other = readings.at(place.otherSide());
        if (own.isFlag(MARK_NOT_DONE, true)) {
            return finding(criterion, Outcome.NOT_DONE, "not done");
        }
        if (own.isFlag(MARK_CANNOT_TELL, true)) {
            return finding(criterion, Outcome.UNCLEAR, "could not tell");
        }
        return switch (new RuleEvaluator(own, other).evaluate(criterion.positiveWhen())) {
            case HOLDS -> positive(test, criterion, own, other);
            case FAILS -> negative(criterion, own, other);
            case UNKNOWN -> unknown(criterion, own, other);
        };
    }

    private static Finding positive(ClinicalTest test, Criterion criterion, SideReadings own, SideReadings other) {
        List<Comparison> held = decisive(criterion, own, other, Truth.HOLDS);
        boolean onlyLooseness = held.stream().allMatch(c -> isLooseness(test, c.leaf()));
        if (onlyLooseness && new RuleEvaluator(other, own).evaluate(criterion.positiveWhen()) == Truth.HOLDS) {
            return finding(criterion, Outcome.UNCLEAR, "as loose on the other side: counted as unclear");
        }
        return finding(criterion, Outcome.POSITIVE, Wording.describe(criterion, held, own));
    }

    private static Finding negative(Criterion criterion, SideReadings own, SideReadings other) {
        Optional<String> spoiled = spoiledBy(criterion, own);
        if (spoiled.isPresent() && !own.isFlag(MARK_CONFIRMED, true)) {
            return finding(criterion, Outcome.UNCLEAR, "negative, but " + spoiled.get() + ": counted as unclear");
        }
        String reason = Wording.describe(criterion, decisive(criterion, own, other, Truth.FAILS), own);
        return finding(
                criterion,
                Outcome.NEGATIVE,
                spoiled.map(s -> reason + " (confirmed, although " + s + ")").orElse(reason));
    }

    private static Finding unknown(Criterion criterion, SideReadings own, SideReadings other) {
        boolean begun = criterion.positiveWhen().comparisons().anyMatch(c -> own.has(c.leaf()));
        RuleEvaluator evaluator = new RuleEvaluator(own, other);
        String missing = criterion
                .positiveWhen()
                .comparisons()
                .filter(c -> evaluator.compare(c) == Truth.UNKNOWN)
                .min(Comparator.comparing(c -> !own.has(c.leaf())))
                .map(c -> own.has(c.leaf())
                        ? "the other side is not measured yet"
                        : Wording.name(c.leaf()) + " not recorded")
                .orElse("not recorded");
        return finding(criterion, begun ? Outcome.UNCLEAR : Outcome.NOT_DONE, missing);
    }

    private static Optional<String> spoiledBy(Criterion criterion, SideReadings own) {
        if (own.isFlag(MARK_GUARDED, true)) {
            return Optional.of("the patient guarded or could not relax");
        }
        if (own.isFlag(MARK_CHEATED, true)) {
            return Optional.of("the patient got round it with another muscle");
        }
        boolean isTheSign = criterion.positiveWhen().comparisons().anyMatch(c -> c.leaf() == CHEAT);
        return own.code(CHEAT).filter(c -> !isTheSign && !c.equals("none")).map(Wording::code);
    }

    /** The comparisons that made the rule hold or fail; below a not, those that came out the other way. */
    private static List<Comparison> decisive(Criterion criterion, SideReadings own, SideReadings other, Truth truth) {
        List<Comparison> found = new ArrayList<>();
        collectDecisive(criterion.positiveWhen(), new RuleEvaluator(own, other), truth, found);
        return found;
    }

    private static void collectDecisive(Rule rule, RuleEvaluator evaluator, Truth truth, List<Comparison> found) {
        if (rule instanceof Rule.AllOf all) {
            all.rules().forEach(r -> collectDecisive(r, evaluator, truth, found));
        } else if (rule instanceof Rule.AnyOf any) {
            any.rules().forEach(r -> collectDecisive(r, evaluator, truth, found));
        } else if (rule instanceof Rule.Not not) {
            collectDecisive(not.rule(), evaluator, truth.not(), found);
        } else if (evaluator.compare((Comparison) rule) == truth) {
            found.add((Comparison) rule);
        }
    }

    private static boolean isLooseness(ClinicalTest test, ReadingLeaf leaf) {
        return leaf == LAXITY_END_POINT
                || leaf == LAXITY_SIDE_DIFFERENCE
                || LOOSENESS_FAMILIES.contains(test.family()) && LOOSENESS.contains(leaf);
    }

    private static Finding finding(Criterion criterion, Outcome outcome, String reason) {
        return new Finding(criterion.id(), outcome, reason);
    }
}
