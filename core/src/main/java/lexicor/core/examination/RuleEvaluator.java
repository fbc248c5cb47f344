package lexicor.core.examination;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/**
 * Holds a rule against the readings of one side, with the other side as baseline.
 *
 * <p>A missing number is never positive and leaves the rule unknown. A sign that was not tapped counts as not seen once
 * any sign of that place was. What follows from another reading is not asked for twice: without pain there is neither a
 * familiar pain nor a painful arc, without tingling no onset.
 */
final class RuleEvaluator {
    private final SideReadings own;
    private final SideReadings other;

    RuleEvaluator(SideReadings own, SideReadings other) {
        this.own = own;
        this.other = other;
    }

    Truth evaluate(Rule rule) {
        if (rule instanceof Rule.AllOf all) {
            return all(all.rules().stream().map(this::evaluate).toList());
        }
        if (rule instanceof Rule.AnyOf any) {
            return any(any);
        }
        return rule instanceof Rule.Not not ? evaluate(not.rule()).not() : compare((Comparison) rule);
    }

    private static Truth all(List<Truth> parts) {
        if (parts.contains(Truth.FAILS)) {
            return Truth.FAILS;
        }
        return parts.contains(Truth.UNKNOWN) ? Truth.UNKNOWN : Truth.HOLDS;
    }

    private Truth any(Rule.AnyOf any) {
        List<Truth> parts = new ArrayList<>();
        for (Rule part : any.rules()) {
            Truth truth = evaluate(part);
            if (truth == Truth.UNKNOWN && isAnsweredOtherwise(part, any)) {
                continue;
            }
            parts.add(truth);
        }
        if (parts.contains(Truth.HOLDS)) {
            return Truth.HOLDS;
        }
        return parts.isEmpty() || parts.contains(Truth.UNKNOWN) ? Truth.UNKNOWN : Truth.FAILS;
    }

    private boolean isAnsweredOtherwise(Rule part, Rule.AnyOf any) {
        return part instanceof Comparison missing
                && value(missing.leaf()).isEmpty()
                && any.rules().stream()
                        .anyMatch(r -> r instanceof Comparison c
                                && Quality.sameQuality(c.leaf(), missing.leaf())
                                && evaluate(c) == Truth.FAILS);
    }

    Truth compare(Comparison comparison) {
        ReadingLeaf leaf = comparison.leaf();
        if (ruledOutBy(leaf, own).isPresent()) {
            return leaf.kind() == Kind.FLAG && comparison.operator() instanceof Operator.Is is
                    ? Truth.of(!is.expected())
                    : Truth.FAILS;
        }
        return value(leaf).map(v -> compare(leaf, v, comparison.operator())).orElse(Truth.UNKNOWN);
    }

    private Truth compare(ReadingLeaf leaf, ReadingValue value, Operator operator) {
        if (operator instanceof Operator.Is is) {
            return Truth.of(((Flag) value).value() == is.expected());
        }
        if (operator instanceof Operator.IsCode is) {
            return Truth.of(((Code) value).value().equals(is.code()));
        }
        if (operator instanceof Operator.In in) {
            return Truth.of(in.codes().contains(((Code) value).value()));
        }
        double x = ((Quantity) value).value();
        if (operator instanceof Operator.AtLeast least) {
            return Truth.of(x >= least.limit());
        }
        if (operator instanceof Operator.AtMost most) {
            return Truth.of(x <= most.limit());
        }
        if (operator instanceof Operator.Between between) {
            return Truth.of(x >= between.low() && x <= between.high());
        }
        return other.get(leaf)
                .map(v -> againstOtherSide(x, ((Quantity) v).value(), operator))
                .orElse(Truth.UNKNOWN);
    }

    private static Truth againstOtherSide(double x, double baseline, Operator operator) {
        if (operator instanceof Operator.MoreThanOtherSideBy more) {
            return Truth.of(x - baseline >= more.amount());
        }
        double percent = ((Operator.LessThanOtherSideByPercent) operator).percent();
        return baseline <= 0 ? Truth.UNKNOWN : Truth.of(x <= baseline * (1 - percent / 100));
    }

    /** The reading that rules another one out: without pain no familiar pain, without the familiar pain no painful arc. */
    static Optional<ReadingLeaf> ruledOutBy(ReadingLeaf leaf, SideReadings own) {
        List<ReadingLeaf> causes =
                switch (leaf) {
                    case PAIN_FAMILIAR, PAIN_SITE, PAIN_SEVERITY -> List.of(ReadingLeaf.PAIN_PRESENT);
                    case ARC_START_DEG, ARC_WORST_DEG, ARC_END_DEG ->
                        List.of(ReadingLeaf.PAIN_PRESENT, ReadingLeaf.PAIN_FAMILIAR);
                    case CLICK_PAINFUL -> List.of(ReadingLeaf.CLICK_PRESENT);
                    case TINGLING_TERRITORY, ONSET_SECONDS -> List.of(ReadingLeaf.TINGLING_PRESENT);
                    default -> List.of();
                };
        return causes.stream().filter(c -> own.isFlag(c, false)).findFirst();
    }

    /** The value recorded, or assumed because a sign nobody tapped was not seen. */
    private Optional<ReadingValue> value(ReadingLeaf leaf) {
        Optional<ReadingValue> recorded = own.get(leaf);
        if (recorded.isPresent() || !own.isObserved()) {
            return recorded;
        }
        return Normal.valueOf(leaf).filter(v -> leaf.kind() != Kind.QUANTITY);
    }
}
