package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out once.
 */
final class ConditionSets {
    private final At at;
    private final List<FamilyOfSets> families;
    /** Prior, the node's weight and all shares multiplied, up to one factor. */
    private final Joint joint;
    /** Null where they were not made of others by one more finding. */
    private final Grown grown;

    private final Map<Set<Explained>, double[]> sums = new ConcurrentHashMap<>();
    private NearSets near;

    private record Grown(ConditionSets of, Explained by) {}

    /**
     * What stays the same with one more finding.
     *
     * @param conditions places in the case of the conditions considered
     * @param ratios by a family and what of it is left out, what the rest comes to as a ratio to the whole
     */
    private record At(Nodes nodes, SetsMemory memory, int[] conditions, Map<Rest, double[][]> ratios) {
        FamilyOfSets family(List<Explained> findings) {
            return new FamilyOfSets(memory.table(nodes, findings), conditions);
        }
    }

    private record Rest(List<Explained> family, List<Explained> left) {}

    private ConditionSets(At at, List<FamilyOfSets> families, Joint joint, Grown grown) {
        this.at = at;
        this.families = families;
        this.joint = joint;
        this.grown = grown;
    }

    /**
     * @param conditions places in the case of the conditions considered, rising
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(
            Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings, SetsMemory memory) {
        Map<String, List<Explained>> byFamily = new LinkedHashMap<>();
        findings.forEach(f ->
                byFamily.computeIfAbsent(f.family(), k -> new ArrayList<>()).add(f));
        At at = new At(nodes, memory, conditions, new ConcurrentHashMap<>());
        List<FamilyOfSets> families = byFamily.values().stream().map(at::family).toList();
        return new ConditionSets(at, families, Joint.of(nodes, prior(pretests), families), null);
    }

    /** By set, how probable it is that exactly those conditions are there. */
    private static double[] prior(List<Double> pretests) {
        double[] prior = new double[1 << pretests.size()];
        prior[0] = 1;
        for (int c = 0; c < pretests.size(); c++) {
            double p = pretests.get(c);
            for (int others = 0; others < 1 << c; others++) {
                prior[others | 1 << c] = prior[others] * p;
                prior[others] *= 1 - p;
            }
        }
        return prior;
    }

    /** The same with one more finding. */
    ConditionSets with(Explained further) {
        List<FamilyOfSets> changed = new ArrayList<>(families);
        List<Explained> findings = new ArrayList<>();
        FamilyOfSets old = null;
        for (FamilyOfSets family : families) {
            if (family.findings.get(0).family().equals(further.family())) {
                old = family;
                findings.addAll(family.findings);
                changed.remove(family);
            }
        }
        findings.add(further);
        FamilyOfSets larger = at.family(findings);
        changed.add(larger);
        return new ConditionSets(at, changed, joint.times(joint.ratio(larger, old)), new Grown(this, further));
    }

    /** The same at a few nodes, for what is decided by a wide margin. */
    synchronized NearSets near() {
        if (near == null) {
            near = grown == null
                    ? NearSets.of(at.nodes, at.memory, at.conditions, families, joint)
                    : grown.of.near().with(grown.by);
        }
        return near;
    }

    /** {@code logit J} of a condition without some of the findings. */
    double logit(int condition, Set<Explained> leftOut) {
        return logit(sums(leftOut), 1 << condition, 0);
    }

    /** The same given that another condition is absent. */
    double logitIfAbsent(int absent, int condition, Set<Explained> leftOut) {
        return logit(sums(leftOut), 1 << condition, 1 << absent);
    }

    private double[] sums(Set<Explained> leftOut) {
        return leftOut.isEmpty() ? joint.sum : sums.computeIfAbsent(leftOut, this::sumsWithout);
    }

    private double[] sumsWithout(Set<Explained> leftOut) {
        List<double[][]> ratios = new ArrayList<>();
        for (FamilyOfSets family : families) {
            List<Explained> left =
                    family.findings.stream().filter(f -> !leftOut.contains(f)).toList();
            if (left.size() < family.findings.size()) {
                ratios.add(at.ratios.computeIfAbsent(
                        new Rest(family.findings, left),
                        r -> joint.ratio(r.left.isEmpty() ? null : at.family(r.left), family)));
            }
        }
        return joint.sums(ratios);
    }

    /**
     * @param with the condition, as a set of it alone
     * @param absent conditions that are not there
     */
    private static double logit(double[] bySet, int with, int absent) {
        double there = 0;
        double notThere = 0;
        for (int set = 0; set < bySet.length; set++) {
            if ((set & absent) == 0) {
                if ((set & with) == 0) {
                    notThere += bySet[set];
                } else {
                    there += bySet[set];
                }
            }
        }
        return Math.log(there) - Math.log(notThere);
    }
}
