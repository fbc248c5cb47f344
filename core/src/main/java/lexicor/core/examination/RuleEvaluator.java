package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.published.Truth;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/**
 * Holds a rule against what was recorded (method M19), three-valued. A sign that was not tapped counts as not seen once any
 * sign of that place was; a quality or a number that was not recorded is not known. What follows from another reading is not
 * asked for twice: without pain there is neither a familiar pain nor a painful arc, without tingling no onset.
 */
final class RuleEvaluator {
    private final Bedside bedside;

    RuleEvaluator(Bedside bedside) {
        this.bedside = bedside;
    }

    Truth evaluate(Rule rule) {
        return evaluate(rule, false);
    }

    /**
     * @param denied whether it stands below a not
     */
    private Truth evaluate(Rule rule, boolean denied) {
        if (rule instanceof Rule.AllOf all) {
            return Truth.all(all.rules().stream().map(r -> evaluate(r, denied)).toList());
        }
        if (rule instanceof Rule.AnyOf any) {
            return any(any, denied);
        }
        return rule instanceof Rule.Not not ? evaluate(not.rule(), !denied).not() : compare((Comparison) rule, denied);
    }

    private Truth any(Rule.AnyOf any, boolean denied) {
        List<Truth> parts = new ArrayList<>();
        for (Rule part : any.rules()) {
            Truth truth = evaluate(part, denied);
            if (truth == Truth.UNKNOWN && isAnsweredOtherwise(part, any)) {
                continue;
            }
            parts.add(truth);
        }
        return parts.isEmpty() ? Truth.UNKNOWN : Truth.any(parts);
    }

    private boolean isAnsweredOtherwise(Rule part, Rule.AnyOf any) {
        return part instanceof Comparison missing
                && bedside.value(missing.leaf()).isEmpty()
                && !Normal.isFound(missing.leaf(), bedside.own)
                && any.rules().stream()
                        .anyMatch(r -> r.comparisons().allMatch(c -> Quality.sameQuality(c.leaf(), missing.leaf()))
                                && evaluate(r) == Truth.FAILS);
    }

    /** The comparisons that keep the rule from being settled, in the order written. */
    List<Comparison> open(Rule rule) {
        if (evaluate(rule) != Truth.UNKNOWN) {
            return List.of();
        }
        if (rule instanceof Rule.AllOf all) {
            return all.rules().stream().flatMap(r -> open(r).stream()).toList();
        }
        if (rule instanceof Rule.AnyOf any) {
            return any.rules().stream()
                    .filter(r -> !isAnsweredOtherwise(r, any))
                    .flatMap(r -> open(r).stream())
                    .toList();
        }
        return rule instanceof Rule.Not not ? open(not.rule()) : List.of((Comparison) rule);
    }

    /**
     * @param denied whether it stands below a not: what was found normal makes no criterion positive, however it is written
     */
    Truth compare(Comparison comparison, boolean denied) {
        ReadingLeaf leaf = comparison.leaf();
        if (Normal.isFound(leaf, bedside.own)) {
            return Truth.of(denied);
        }
        if (bedside.ruledOutBy(leaf).isPresent()) {
            return leaf.kind() == Kind.FLAG && comparison.operator() instanceof Operator.Is is
                    ? Truth.of(!is.expected())
                    : Truth.FAILS;
        }
        if (leaf == RELIEF && bedside.isReliefOfNothing()) {
            return Truth.UNKNOWN;
        }
        return bedside.value(leaf)
                .map(v -> compare(leaf, v, comparison.operator()))
                .orElse(Truth.UNKNOWN);
    }

    private Truth compare(ReadingLeaf leaf, ReadingValue value, Operator operator) {
        if (operator instanceof Operator.Is is) {
            return Truth.of(((Flag) value).value() == is.expected());
        }
        if (operator instanceof Operator.IsCode is) {
            return Truth.of(codes(value).contains(is.code()));
        }
        if (operator instanceof Operator.In in) {
            return Truth.of(codes(value).stream().anyMatch(in.codes()::contains));
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
        return bedside.baseline(leaf)
                .map(baseline -> againstOtherSide(x, baseline, operator))
                .orElse(Truth.UNKNOWN);
    }

    private static List<String> codes(ReadingValue value) {
        return value instanceof Codes codes ? codes.values() : List.of(((Code) value).value());
    }

    private static Truth againstOtherSide(double x, double baseline, Operator operator) {
        if (operator instanceof Operator.MoreThanOtherSideBy more) {
            return Truth.of(x - baseline >= more.amount());
        }
        double percent = ((Operator.LessThanOtherSideByPercent) operator).percent();
        return baseline <= 0 ? Truth.UNKNOWN : Truth.of(x <= baseline * (1 - percent / 100));
    }
}
