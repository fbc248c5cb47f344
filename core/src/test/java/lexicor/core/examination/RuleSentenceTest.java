package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.packs.Shipped;
import org.junit.jupiter.api.Test;

class RuleSentenceTest {
    private static final ClinicalTest NEER = Shipped.CATALOGUE.test("neer").orElseThrow();

    private static String words(Rule rule) {
        return RuleSentence.of(rule, NEER, Shipped.CATALOGUE);
    }

    private static Rule is(ReadingLeaf leaf, boolean so) {
        return new Comparison(leaf, new Operator.Is(so));
    }

    private static Rule of(ReadingLeaf leaf, Operator operator) {
        return new Comparison(leaf, operator);
    }

    @Test
    void aRuleIsReadAsASentenceWithItsGroupsTold() {
        Rule rule = new Rule.AllOf(List.of(
                is(ReadingLeaf.PAIN_PRESENT, true),
                new Rule.AnyOf(List.of(
                        of(ReadingLeaf.PAIN_SITE, new Operator.In(Set.of("deep", "ac-joint"))),
                        new Rule.Not(is(ReadingLeaf.CLUNK, true)))),
                of(ReadingLeaf.GAP_MM, new Operator.AtLeast(10))));
        assertThat(words(rule))
                .isEqualTo(
                        "pain, and (pain site is deep in the joint or on top of the AC joint, or not (a clunk)), and gap"
                                + " at least 10 mm");
    }

    @Test
    void everyWayToCompareHasItsWords() {
        assertThat(List.of(
                        words(is(ReadingLeaf.PAIN_FAMILIAR, true)),
                        words(is(ReadingLeaf.HOLDS_POSITION, false)),
                        words(of(ReadingLeaf.LAXITY_END_POINT, new Operator.IsCode("none"))),
                        words(of(ReadingLeaf.ARC_START_DEG, new Operator.Between(60, 120))),
                        words(of(ReadingLeaf.ONSET_SECONDS, new Operator.AtMost(60))),
                        words(of(ReadingLeaf.SPINAL_LEVEL, new Operator.MoreThanOtherSideBy(4))),
                        words(of(ReadingLeaf.FORCE_N, new Operator.LessThanOtherSideByPercent(15)))))
                .containsExactly(
                        "the familiar pain",
                        "does not hold the position",
                        "no firm end point",
                        "pain from between 60 degrees and 120 degrees",
                        "after at most 60 s",
                        "thumb reaches more than on the other side by 4 levels",
                        "force less than on the other side by 15 %");
    }

    @Test
    void everyShippedRuleIsReadInWordsAlone() {
        for (ClinicalTest test : Shipped.CATALOGUE.tests()) {
            test.criteria().forEach(c -> assertThat(RuleSentence.of(c.positiveWhen(), test, Shipped.CATALOGUE))
                    .as(c.id())
                    .isNotBlank()
                    .doesNotContain("null", "{", "[", "pain.", "present"));
        }
    }
}
