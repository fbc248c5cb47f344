package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out once. For one
 * thread.
 */
final class ConditionSets {
    private static final double RESCALE_BELOW = 1e-120;

    private final Nodes nodes;
    private final SetsMemory memory;
    /** Places in the case of the conditions considered. */
    private final int[] conditions;

    private final List<FamilyOfSets> families;
    /** By set, then by outer node: prior, the node's weight and all shares multiplied, up to one factor. */
    private final double[] joint;
    /** How probable each set is, up to one factor. */
    private final double[] weights;

    private final Map<FamilyOfSets, double[]> jointByCauses = new IdentityHashMap<>();
    private final Map<Explained, double[]> weightsWithout = new HashMap<>();

    private ConditionSets(
            Nodes nodes, SetsMemory memory, int[] conditions, List<FamilyOfSets> families, double[] joint) {
        this.nodes = nodes;
        this.memory = memory;
        this.conditions = conditions;
        this.families = families;
        this.joint = joint;
        weights = weights();
    }

    /**
     * @param conditions places in the case of the conditions considered, rising
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(
            Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings, SetsMemory memory) {
        double[] prior = priors(pretests);
        double[] joint = new double[prior.length * nodes.outer];
        for (int set = 0, k = 0; set < prior.length; set++) {
            for (int i = 0; i < nodes.outer; i++, k++) {
                joint[k] = prior[set] * nodes.outerWeight[i];
            }
        }
        Map<String, List<Explained>> byFamily = new LinkedHashMap<>();
        findings.forEach(f ->
                byFamily.computeIfAbsent(f.family(), k -> new ArrayList<>()).add(f));
        List<FamilyOfSets> families = new ArrayList<>();
        for (List<Explained> members : byFamily.values()) {
            FamilyOfSets family = new FamilyOfSets(nodes, memory.table(nodes, members), conditions);
            families.add(family);
            multiply(joint, family.row, family.share, nodes.outer);
        }
        return new ConditionSets(nodes, memory, conditions, List.copyOf(families), joint);
    }

    private static double[] priors(List<Double> pretests) {
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

    /**
     * @param row by set, the place of its row
     * @param factor by row, then by outer node
     */
    private static void multiply(double[] joint, int[] row, double[] factor, int outer) {
        double largest = 0;
        for (int set = 0, k = 0; set < row.length; set++) {
            int from = row[set] * outer;
            for (int i = 0; i < outer; i++, k++) {
                double product = joint[k] * factor[from + i];
                joint[k] = product;
                if (product > largest) {
                    largest = product;
                }
            }
        }
        if (largest < RESCALE_BELOW) {
            for (int k = 0; k < joint.length; k++) {
                joint[k] /= largest;
            }
        }
    }

    /** The same with one more finding. */
    ConditionSets with(Explained further) {
        for (int f = 0; f < families.size(); f++) {
            List<Explained> members = families.get(f).findings;
            if (members.get(0).family().equals(further.family())) {
                List<Explained> more = new ArrayList<>(members);
                more.add(further);
                FamilyOfSets larger = family(more);
                List<FamilyOfSets> changed = new ArrayList<>(families);
                FamilyOfSets old = changed.set(f, larger);
                return times(larger.row, larger.ratioTo(old), changed);
            }
        }
        FamilyOfSets own = family(List.of(further));
        List<FamilyOfSets> more = new ArrayList<>(families);
        more.add(own);
        return times(own.row, own.share, more);
    }

    /** The same without one of its findings. */
    ConditionSets without(Explained finding) {
        int f = familyOf(finding);
        FamilyOfSets old = families.get(f);
        List<Explained> rest = new ArrayList<>(old.findings);
        rest.remove(finding);
        List<FamilyOfSets> changed = new ArrayList<>(families);
        if (rest.isEmpty()) {
            changed.remove(f);
        } else {
            changed.set(f, family(rest));
        }
        return times(old.row, old.ratioWithout[old.findings.indexOf(finding)], changed);
    }

    private FamilyOfSets family(List<Explained> members) {
        return new FamilyOfSets(nodes, memory.table(nodes, members), conditions);
    }

    private ConditionSets times(int[] row, double[] factor, List<FamilyOfSets> changed) {
        double[] product = joint.clone();
        multiply(product, row, factor, nodes.outer);
        return new ConditionSets(nodes, memory, conditions, List.copyOf(changed), product);
    }

    private int familyOf(Explained finding) {
        for (int f = 0; f < families.size(); f++) {
            if (families.get(f).findings.contains(finding)) {
                return f;
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
    }

    private double[] weights() {
        double[] sums = new double[1 << conditions.length];
        for (int set = 0, k = 0; set < sums.length; set++) {
            double sum = 0;
            for (int i = 0; i < nodes.outer; i++, k++) {
                sum += joint[k];
            }
            sums[set] = sum;
        }
        return sums;
    }

    /** The joint, the sets added up that have the same of the conditions which a family's findings ask about. */
    private double[] jointByCauses(FamilyOfSets family) {
        if (family.rowByCauses.length == weights.length) {
            return joint;
        }
        double[] sums = new double[family.rowByCauses.length * nodes.outer];
        for (int set = 0, k = 0; set < weights.length; set++) {
            int to = family.causes[set] * nodes.outer;
            for (int i = 0; i < nodes.outer; i++, k++) {
                sums[to + i] += joint[k];
            }
        }
        return sums;
    }

    /** By which of the family's causes are there, how probable that is without one of its findings. */
    private double[] weightsWithout(FamilyOfSets family, int index) {
        double[] byCauses = jointByCauses.computeIfAbsent(family, this::jointByCauses);
        double[] ratio = family.ratioWithout[index];
        double[] without = new double[family.rowByCauses.length];
        for (int causes = 0, k = 0; causes < without.length; causes++) {
            int from = family.rowByCauses[causes] * nodes.outer;
            double sum = 0;
            for (int i = 0; i < nodes.outer; i++, k++) {
                sum += byCauses[k] * ratio[from + i];
            }
            without[causes] = sum;
        }
        return without;
    }

    /** {@code logit J}: that the condition is among those that are there. */
    double logit(int condition) {
        return logit(weights, 1 << condition, 0);
    }

    /** {@code logit J} of a condition given that another is absent. */
    double logitIfAbsent(int absent, int condition) {
        return logit(weights, 1 << condition, 1 << absent);
    }

    /**
     * {@code logit J} without one of the findings.
     *
     * @param condition one that the finding asks about
     */
    double logitWithout(Explained finding, int condition) {
        FamilyOfSets family = families.get(familyOf(finding));
        double[] without =
                weightsWithout.computeIfAbsent(finding, f -> weightsWithout(family, family.findings.indexOf(f)));
        return logit(without, family.causes[1 << condition], 0);
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
