package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.HashMap;
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
    private final Map<String, Alone> alone = new HashMap<>();

    Prospects(CaseToWeigh given, School school, OpenClusters openClusters, List<ConditionWeighing> conditions) {
        this.given = given;
        this.school = school;
        this.openClusters = openClusters;
        this.conditions = conditions;
    }

    /** Every condition's probability were the test to come out so. */
    Map<String, Double> with(OfferedTest test, Result result) {
        CaseToWeigh then = given.with(test.recorded(result));
        if (openClusters == OpenClusters.STAY) {
            then = then.withClusters(c -> !c.members().contains(test.id()) || isDecided(c));
        }
        return posttests(then, test, result);
    }

    private boolean isDecided(RecordedCluster cluster) {
        return conditions.stream()
                .filter(c -> c.candidate.id().equals(cluster.condition()))
                .anyMatch(c -> c.selection
                        .cluster(cluster.id())
                        .filter(r -> r.status() != Status.OPEN)
                        .isPresent());
    }

    private Map<String, Double> posttests(CaseToWeigh then, OfferedTest test, Result result) {
        Families families = new Families(then);
        Map<String, Double> posttests = new LinkedHashMap<>();
        List<Alone> together = new ArrayList<>();
        for (ConditionWeighing c : conditions) {
            if (school == School.DIFFERENTIAL) {
                together.add(alone(c, test, result, then, families));
            } else {
                posttests.put(
                        c.candidate.id(), Logit.inverse(c.pretestLogit + logRatio(c, test, result, then, families)));
            }
        }
        if (school == School.DIFFERENTIAL) {
            Rivalry rivalry = new Rivalry(then.findings(), together, given.settings());
            together.forEach(c -> posttests.put(c.id(), Logit.inverse(rivalry.posttestLogit(c))));
        }
        return posttests;
    }

    private double logRatio(ConditionWeighing c, OfferedTest test, Result result, CaseToWeigh then, Families families) {
        if (!concerns(test, c, then)) {
            return c.counted.logRatio();
        }
        return mayBeAdded(test, c, then)
                ? added(c, item(c, test, result))
                : new ConditionWeighing(then, families, c.candidate, school).counted.logRatio();
    }

    private Alone alone(ConditionWeighing c, OfferedTest test, Result result, CaseToWeigh then, Families families) {
        if (!concerns(test, c, then)) {
            return alone.computeIfAbsent(c.candidate.id(), id -> c.alone());
        }
        if (!mayBeAdded(test, c, then) || !c.selection.clusters.isEmpty()) {
            return new ConditionWeighing(then, families, c.candidate, school).alone();
        }
        Item item = item(c, test, result);
        List<Item> speakers = new ArrayList<>(c.selection.speakers);
        speakers.add(item);
        return c.aloneWith(speakers, test.test(), added(c, item));
    }

    private static Item item(ConditionWeighing c, OfferedTest test, Result result) {
        Weighable evidence = (Weighable) test.evidence().get(c.candidate.id());
        return Item.of(test.id(), test.family(), result == Result.POSITIVE, evidence);
    }

    private static double added(ConditionWeighing c, Item item) {
        return c.logRatioWith(item, c.counted.with(item.read(true)));
    }

    /** Whether the result says anything of the condition by itself. */
    private static boolean concerns(OfferedTest test, ConditionWeighing c, CaseToWeigh then) {
        return test.evidence().get(c.candidate.id()) instanceof Weighable || isMember(test, c, then);
    }

    private static boolean isMember(OfferedTest test, ConditionWeighing c, CaseToWeigh then) {
        return then.clusters().stream()
                .anyMatch(k ->
                        k.condition().equals(c.candidate.id()) && k.members().contains(test.id()));
    }

    /** Whether it can be added to what is there: nothing else comes to speak or falls silent, and the nodes stay the same. */
    private static boolean mayBeAdded(OfferedTest test, ConditionWeighing c, CaseToWeigh then) {
        return !isMember(test, c, then) && !c.hasSpoken(test.test()) && c.nodesWith(test.family()) == c.nodes();
    }
}
