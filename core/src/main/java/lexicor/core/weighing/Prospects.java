package lexicor.core.weighing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.SetsMemory;

/**
 * What a case would show with one more result (method M10): the figures as printed, the school in force, clusters decided by the
 * result, and everything entered having its say again.
 */
final class Prospects {
    /** What becomes of a cluster that is not decided yet and that the result belongs to. */
    enum OpenClusters {
        /** It is decided where the result decides it, as it is at the bedside. */
        FOLLOW,
        /** It stays open: each candidate is taken by itself. */
        STAY
    }

    private final CaseToWeigh given;
    private final School school;
    private final OpenClusters openClusters;
    private final List<ConditionWeighing> conditions;
    private final SetsMemory memory;

    /**
     * @param memory what was worked out when the case was weighed as it is, from which every prospect differs by one finding
     */
    Prospects(
            CaseToWeigh given,
            School school,
            OpenClusters openClusters,
            List<ConditionWeighing> conditions,
            SetsMemory memory) {
        this.memory = memory;
        this.given = given;
        this.school = school;
        this.openClusters = openClusters;
        this.conditions = conditions;
    }

    /** Every condition's probability were the test to come out so. */
    Map<String, Double> with(OfferedTest test, Result result) {
        Then prospect = then(test, result);
        return school == School.DIFFERENTIAL ? prospect.together() : prospect.eachByItself();
    }

    /** Whether the test, so come out, would carry an undecided condition over one of its lines. */
    boolean crosses(OfferedTest test, Result result) {
        Then prospect = then(test, result);
        return school == School.DIFFERENTIAL ? prospect.crossesTogether() : prospect.crossesByItself();
    }

    private Then then(OfferedTest test, Result result) {
        CaseToWeigh then = given.with(test.recorded(result));
        if (openClusters == OpenClusters.STAY) {
            then = then.withClusters(c -> !c.members().contains(test.id()) || isDecided(c));
        }
        return new Then(then, test, result);
    }

    private boolean isDecided(RecordedCluster cluster) {
        return conditions.stream()
                .filter(c -> c.candidate.id().equals(cluster.condition()))
                .anyMatch(c -> c.selection
                        .cluster(cluster.id())
                        .filter(r -> r.status() != Status.OPEN)
                        .isPresent());
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
            Rivalry rivalry = new Rivalry(then, all, memory);
            Map<String, Double> posttests = new LinkedHashMap<>();
            all.forEach(c -> posttests.put(c.id(), Logit.inverse(rivalry.posttestLogit(c))));
            return posttests;
        }

        boolean crossesByItself() {
            return conditions.stream()
                    .filter(ConditionWeighing::isUndecided)
                    .anyMatch(c -> isDecidedAt(c, c.pretestLogit + logRatio(c)));
        }

        boolean crossesTogether() {
            List<Alone> all = conditions.stream().map(this::alone).toList();
            Rivalry rivalry = new Rivalry(then, all, memory);
            for (int i = 0; i < all.size(); i++) {
                ConditionWeighing c = conditions.get(i);
                if (c.isUndecided() && isDecidedAt(c, rivalry.posttestLogit(all.get(i)))) {
                    return true;
                }
            }
            return false;
        }

        private static boolean isDecidedAt(ConditionWeighing c, double logit) {
            return Verdict.of(Logit.inverse(logit), c.candidate) != Verdict.UNDECIDED;
        }

        private double logRatio(ConditionWeighing c) {
            if (!concerns(c)) {
                return c.counted.logRatio();
            }
            return mayBeAdded(c) ? added(c, item(c)) : anew(c).counted.logRatio();
        }

        private Alone alone(ConditionWeighing c) {
            if (!concerns(c)) {
                return c.alone();
            }
            if (!mayBeAdded(c)) {
                return anew(c).alone();
            }
            Item item = item(c);
            return c.alone().with(item, test.test(), added(c, item));
        }

        private ConditionWeighing anew(ConditionWeighing c) {
            if (families == null) {
                families = new Families(then);
            }
            return new ConditionWeighing(then, families, c.candidate, school);
        }

        private Item item(ConditionWeighing c) {
            Weighable evidence = (Weighable) test.evidence().get(c.candidate.id());
            return Item.of(test.id(), test.family(), result == Result.POSITIVE, evidence);
        }

        private static double added(ConditionWeighing c, Item item) {
            return c.logRatioWith(item, c.counted.with(item.read(true)));
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

        /**
         * Whether it can be added to what is there: nothing else comes to speak or falls silent, no cluster joins another family, and
         * the nodes stay the same.
         */
        private boolean mayBeAdded(ConditionWeighing c) {
            return !isMember(c)
                    && !c.hasSpoken(test.test())
                    && c.selection.clusters.isEmpty()
                    && c.nodesWith(test.family()) == c.nodes();
        }
    }
}
