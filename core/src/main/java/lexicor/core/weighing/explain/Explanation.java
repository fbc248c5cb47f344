package lexicor.core.weighing.explain;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.AmongRivals;
import lexicor.core.weighing.ConditionWeighing;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/**
 * A case opened up for questions: by which steps each condition came to where it stands, and which findings
 * contradict each other. Immutable.
 */
public final class Explanation {
    /** A smaller one is rounding. */
    private static final double SMALLEST_STEP = 1e-9;

    private final Map<String, ConditionWeighing> conditions;
    private final Nodes nodes;
    private final Families families;

    private Explanation(CaseToWeigh given, School school) {
        families = new Families(given);
        nodes = Nodes.of(given.settings().familyOverlap(), given.settings().generalOverlap(), 2, 2);
        conditions = Weighing.conditions(given, school);
    }

    public static Explanation of(CaseToWeigh given, School school) {
        return new Explanation(given, school);
    }

    /**
     * The counted findings in the order of the weight they added given the rest, as steps that begin at the pretest and end
     * at the posttest: after each step the joint likelihood of the findings so far (method M15). Where the conditions are weighed
     * together, the findings' steps are those of the condition by itself; what the others explain and what decided clusters add are
     * the steps after them.
     *
     */
    public List<PathStep> path(String condition) {
        ConditionWeighing c = conditions.get(condition);
        return c.among().isPresent() ? path(c, c.among().get()) : path(c);
    }

    /** Pairs within one family that contradict each other beyond chance, for one condition. */
    public List<Contradiction> contradictions(String condition) {
        return Contradiction.among(nodes, conditions.get(condition).speakers(), families);
    }

    private static List<PathStep> path(ConditionWeighing c, AmongRivals among) {
        List<PathStep> steps = new ArrayList<>(path(c, among.weightiestFirst()));
        double byItself = steps.isEmpty()
                ? c.candidate.pretest()
                : steps.get(steps.size() - 1).to();
        double afterOthers = among.beforeClusters();
        if (Math.abs(afterOthers - byItself) >= SMALLEST_STEP) {
            steps.add(new PathStep(PathStep.OTHERS, byItself, afterOthers));
        }
        if (among.clusterPull().isPresent()) {
            steps.add(new PathStep(PathStep.CLUSTERS, afterOthers, c.posttest()));
        }
        return List.copyOf(steps);
    }

    /** The counted items in the order of their weight, and the probability after each of them (method M9). */
    private static List<PathStep> path(ConditionWeighing c) {
        List<Item> order = new ArrayList<>(c.counted.items);
        order.sort(Comparator.<Item>comparingDouble(i -> -Math.abs(c.counted.logAdded(i)))
                .thenComparing(i -> i.id));
        return path(c, order);
    }

    private static List<PathStep> path(ConditionWeighing c, List<Item> order) {
        List<PathStep> steps = new ArrayList<>();
        double from = c.candidate.pretest();
        OverlapModel soFar = OverlapModel.of(c.nodes(), List.of());
        for (Item item : order) {
            soFar = soFar.plus(item);
            double to = Logit.inverse(c.pretestLogit + soFar.logRatio());
            steps.add(new PathStep(item.id, from, to));
            from = to;
        }
        return List.copyOf(steps);
    }
}
