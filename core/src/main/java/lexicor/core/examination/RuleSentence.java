package lexicor.core.examination;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;

/** When a criterion is positive, read back in the words of its test (method M3). */
public final class RuleSentence {
    private final ClinicalTest test;
    private final TestWording wording;

    private RuleSentence(ClinicalTest test, Catalogue catalogue) {
        this.test = test;
        wording = TestWording.of(test, catalogue);
    }

    /** The rule as part of a sentence that begins with "positive when:", for example {@code pain, and the familiar pain}. */
    public static String of(Rule rule, ClinicalTest test, Catalogue catalogue) {
        return new RuleSentence(test, catalogue).words(rule, false);
    }

    private String words(Rule rule, boolean within) {
        if (rule instanceof Rule.AllOf all) {
            return joined(all.rules(), ", and ", within);
        }
        if (rule instanceof Rule.AnyOf any) {
            return joined(any.rules(), ", or ", within);
        }
        if (rule instanceof Rule.Not not) {
            return "not (" + words(not.rule(), false) + ")";
        }
        return compared((Comparison) rule);
    }

    private String joined(List<Rule> rules, String by, boolean within) {
        boolean several = rules.size() > 1;
        String all = rules.stream().map(r -> words(r, several)).collect(Collectors.joining(by));
        return within && several ? "(" + all + ")" : all;
    }

    private String compared(Comparison c) {
        Operator operator = c.operator();
        ReadingLeaf leaf = c.leaf();
        if (operator instanceof Operator.Is is) {
            return wording.phrase(leaf, new Flag(is.expected()));
        }
        if (operator instanceof Operator.IsCode is) {
            return wording.phrase(leaf, new Code(is.code()));
        }
        if (operator instanceof Operator.In in) {
            String codes = in.codes().stream()
                    .map(code -> wording.name(leaf, code))
                    .sorted()
                    .collect(Collectors.joining(" or "));
            return name(leaf) + " is " + codes;
        }
        if (operator instanceof Operator.AtLeast at) {
            return name(leaf) + " at least " + Wording.quantity(leaf, at.limit());
        }
        if (operator instanceof Operator.AtMost at) {
            return name(leaf) + " at most " + Wording.quantity(leaf, at.limit());
        }
        if (operator instanceof Operator.Between between) {
            return name(leaf) + " between " + Wording.quantity(leaf, between.low()) + " and "
                    + Wording.quantity(leaf, between.high());
        }
        if (operator instanceof Operator.MoreThanOtherSideBy more) {
            String unit = leaf == ReadingLeaf.SPINAL_LEVEL ? "levels" : leaf.unit();
            return name(leaf) + " more than on the other side by "
                    + (Wording.plain(more.amount()) + " " + unit).strip();
        }
        Operator.LessThanOtherSideByPercent less = (Operator.LessThanOtherSideByPercent) operator;
        return name(leaf) + " less than on the other side by " + Wording.plain(less.percent()) + " %";
    }

    private String name(ReadingLeaf leaf) {
        return Optional.ofNullable(test.particulars().words().get(leaf))
                .map(Words::yes)
                .map(Wording::midSentence)
                .orElseGet(() -> Wording.of(leaf).name());
    }
}
