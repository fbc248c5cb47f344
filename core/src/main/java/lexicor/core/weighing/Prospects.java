package lexicor.core.weighing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.SetsMemory;

/**
 * What a case would show with one more result (method M10): the school in force, clusters decided by the result, and everything
 * entered having its say again.
 */
final class Prospects {
    private final CaseToWeigh given;
    private final School school;
    private final List<ConditionWeighing> conditions;
    private final SetsMemory memory;

    /**
     * @param memory what was worked out when the case was weighed as it is, from which every prospect differs by one finding
     */
    Prospects(CaseToWeigh given, School school, List<ConditionWeighing> conditions, SetsMemory memory) {
        this.memory = memory;
        this.given = given;
        this.school = school;
        this.conditions = conditions;
    }

    /** Every condition's probability were the test to come out so. */
    Map<String, Double> with(OfferedTest test, Result result) {
        Then prospect = new Then(given.with(test.recorded(result)), test, result);
        return school.isTogether() ? prospect.together() : prospect.eachByItself();
    }

    /** Whether what a result would come to carries an undecided condition over one of its lines. */
    boolean crosses(Map<String, Double> then) {
        return conditions.stream()
                .filter(ConditionWeighing::isUndecided)
                .anyMatch(c -> Verdict.of(then.get(c.candidate.id()), c.candidate) != Verdict.UNDECIDED);
    }

    /** One result of one test. */
    private final class Then {
        private final CaseToWeigh then;
        private final OfferedTest test;
        private final Result result;
        private Families families;

        Then(CaseToWeigh then, OfferedTest test, Result result) {
            this.then = then;
            this.test = test;
            this.result = result;
        }

        Map<String, Double> eachByItself() {
            Map<String, Double> posttests = new LinkedHashMap<>();
            conditions.forEach(c -> posttests.put(c.candidate.id(), Logit.inverse(c.pretestLogit + logRatio(c))));
            return posttests;
        }

        Map<String, Double> together() {
            List<Alone> all = conditions.stream().map(this::alone).toList();
            Rivalries rivalries = new Rivalries(then, all, memory);
            Map<String, Double> posttests = new LinkedHashMap<>();
            all.forEach(c -> posttests.put(
                    c.id(), Logit.inverse(c.pretestLogit() + school.between(c.logRatio(), rivalries.logRatio(c)))));
            return posttests;
        }

        private double logRatio(ConditionWeighing c) {
            if (!concerns(c)) {
                return c.logRatioByItself();
            }
            return mayBeAdded(c) ? added(c, item(c)) : anew(c).logRatioByItself();
        }

        private Alone alone(ConditionWeighing c) {
            if (!concerns(c)) {
                return c.alone(school);
            }
            if (!mayBeAdded(c)) {
                return anew(c).alone(school);
            }
            Item item = item(c);
            return c.alone(school).with(item, test.test(), added(c, item));
        }

        private ConditionWeighing anew(ConditionWeighing c) {
            if (families == null) {
                families = new Families(then);
            }
            return new ConditionWeighing(then, families, c.candidate, school);
        }

        private Item item(ConditionWeighing c) {
            Weighable evidence = (Weighable) test.evidence().get(c.candidate.id());
            return c.byItself().figures(Item.of(test.id(), test.family(), result == Result.POSITIVE, evidence));
        }

        private static double added(ConditionWeighing c, Item item) {
            return c.logRatioWith(item, c.counted().with(item.read(true)));
        }

        /** Whether the result says anything of the condition by itself. */
        private boolean concerns(ConditionWeighing c) {
            return test.evidence().get(c.candidate.id()) instanceof Weighable || isMember(c);
        }

        private boolean isMember(ConditionWeighing c) {
            return then.clusters().stream()
                    .anyMatch(k -> k.condition().equals(c.candidate.id())
                            && k.members().contains(test.id()));
        }

        /** Whether a negative of the test that nobody said is there, which a positive beside it may take out (method M19). */
        private boolean mayFallSilent(ConditionWeighing c) {
            return result == Result.POSITIVE
                    && test.evidence().get(c.candidate.id()) instanceof Weighable
                    && given.findings().stream()
                            .anyMatch(f -> f.assumed() && f.test().equals(test.test()));
        }

        /**
         * Whether it can be added to what is there: nothing else comes to speak or falls silent, no cluster joins another family or
         * holds its members, and the nodes stay the same.
         */
        private boolean mayBeAdded(ConditionWeighing c) {
            return !test.recordedWithItsTest()
                    && !isMember(c)
                    && !c.hasSpoken(test)
                    && !mayFallSilent(c)
                    && c.selection.clusters.isEmpty()
                    && c.selection.open.isEmpty()
                    && c.byItself().keepsItsNodesWith(test.family());
        }
    }
}
