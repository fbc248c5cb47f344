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
    private final School school;

    private Explanation(CaseToWeigh given, School school) {
        this.school = school;
        families = new Families(given);
        nodes = Nodes.of(given.settings().familyOverlap(), given.settings().generalOverlap(), 2);
        conditions = Weighing.conditions(given, school);
    }

    public static Explanation of(CaseToWeigh given, School school) {
        return new Explanation(given, school);
    }

    /**
     * The counted findings in the order of the weight they added given the rest, as steps that begin at the pretest and end
     * at the posttest: after each step the joint likelihood of the findings so far (method M15), then what open clusters hold back.
     * Where the conditions are weighed together, what the others explain and what decided clusters add are the steps after them; by the
     * sober way they change it by half, in one step.
     */
    public List<PathStep> path(String condition) {
        ConditionWeighing c = conditions.get(condition);
        if (c.among().isEmpty() || school != School.DIFFERENTIAL) {
            List<PathStep> steps = path(c);
            c.among().ifPresent(a -> addStep(steps, PathStep.BY_HALF, c.posttest(), c));
            return List.copyOf(steps);
        }
        return path(c, c.among().get());
    }

    /** Pairs within one family that contradict each other beyond chance, for one condition. */
    public List<Contradiction> contradictions(String condition) {
        return Contradiction.among(nodes, conditions.get(condition).speakers(), families);
    }

    private static List<PathStep> path(ConditionWeighing c, AmongRivals among) {
        List<PathStep> steps = path(c, among.weightiestFirst());
        addStep(steps, PathStep.OTHERS, among.beforeClusters(), c);
        if (among.clusterPull().isPresent()) {
            steps.add(new PathStep(PathStep.CLUSTERS, among.beforeClusters(), c.posttest()));
        }
        return List.copyOf(steps);
    }

    /** One step more, unless it is rounding. */
    private static void addStep(List<PathStep> steps, String id, double to, ConditionWeighing c) {
        double from = steps.isEmpty()
                ? c.candidate.pretest()
                : steps.get(steps.size() - 1).to();
        if (Math.abs(to - from) >= SMALLEST_STEP) {
            steps.add(new PathStep(id, from, to));
        }
    }

    /** The counted items in the order of their weight, and the probability after each of them (method M9). */
    private static List<PathStep> path(ConditionWeighing c) {
        List<Item> order = new ArrayList<>(c.counted().items);
        order.sort(Comparator.<Item>comparingDouble(i -> -Math.abs(c.counted().logAdded(i)))
                .thenComparing(i -> i.id));
        List<PathStep> steps = path(c, order);
        double held = Logit.inverse(c.pretestLogit + c.logRatioByItself());
        // Where several hold, the last of them is named: it is what the count stands at.
        c.heldBy().stream().reduce((a, b) -> b).ifPresent(by -> addStep(steps, PathStep.HELD + by, held, c));
        return steps;
    }

    private static List<PathStep> path(ConditionWeighing c, List<Item> order) {
        List<PathStep> steps = new ArrayList<>();
        OverlapModel soFar = OverlapModel.of(c.nodes(), List.of());
        double from = c.candidate.pretest();
        for (Item item : order) {
            soFar = soFar.plus(item);
            double to = Logit.inverse(c.pretestLogit + soFar.logRatio());
            steps.add(new PathStep(item.id, from, to));
            from = to;
        }
        return steps;
    }
}
