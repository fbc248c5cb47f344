package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out once. For one
 * thread.
 */
final class ConditionSets {
    private static final double RESCALE_BELOW = 1e-120;
    /** A set with less than this share of what speaks for or against each condition changes nothing that is shown. */
    private static final double NEGLIGIBLE = 1e-14;

    private final Nodes nodes;
    private final SetsMemory memory;
    private final int conditions;
    private final List<FamilyOfSets> families;
    /** By set, then by outer node: prior, the node's weight and all shares multiplied, up to one factor. */
    private final double[] joint;
    /** How probable each set is, up to one factor. */
    private final double[] weights;
    /** The sets that are probable enough to matter. */
    private final int[] telling;

    private final Map<Explained, double[]> weightsWithout = new HashMap<>();

    private ConditionSets(Nodes nodes, SetsMemory memory, int conditions, List<FamilyOfSets> families, double[] joint) {
        this.nodes = nodes;
        this.memory = memory;
        this.conditions = conditions;
        this.families = families;
        this.joint = joint;
        weights = weights();
        telling = telling();
    }

    /**
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(Nodes nodes, List<Double> pretests, List<Explained> findings, SetsMemory memory) {
        int n = pretests.size();
        double[] joint = new double[(1 << n) * nodes.outer];
        for (int set = 0, k = 0; set < 1 << n; set++) {
            double prior = 1;
            for (int c = 0; c < n; c++) {
                prior *= (set >> c & 1) == 1 ? pretests.get(c) : 1 - pretests.get(c);
            }
            for (int i = 0; i < nodes.outer; i++, k++) {
                joint[k] = prior * nodes.outerWeight[i];
            }
        }
        Map<String, List<Explained>> byFamily = new LinkedHashMap<>();
        findings.forEach(f ->
                byFamily.computeIfAbsent(f.family(), k -> new ArrayList<>()).add(f));
        List<FamilyOfSets> families = new ArrayList<>();
        for (List<Explained> members : byFamily.values()) {
            FamilyOfSets family = memory.family(nodes, members);
            families.add(family);
            multiply(joint, family, nodes.outer);
        }
        return new ConditionSets(nodes, memory, n, List.copyOf(families), joint);
    }

    private static void multiply(double[] joint, FamilyOfSets family, int outer) {
        double largest = 0;
        for (int set = 0, k = 0; set < family.row.length; set++) {
            int from = family.row[set] * outer;
            for (int i = 0; i < outer; i++, k++) {
                double product = joint[k] * family.share[from + i];
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
                return replacing(f, more);
            }
        }
        FamilyOfSets own = memory.family(nodes, List.of(further));
        double[] product = joint.clone();
        multiply(product, own, nodes.outer);
        List<FamilyOfSets> more = new ArrayList<>(families);
        more.add(own);
        return new ConditionSets(nodes, memory, conditions, List.copyOf(more), product);
    }

    /** The same without one of its findings. */
    ConditionSets without(Explained finding) {
        int f = familyOf(finding);
        List<Explained> rest = new ArrayList<>(families.get(f).findings);
        rest.remove(finding);
        return replacing(f, rest);
    }

    private ConditionSets replacing(int f, List<Explained> members) {
        FamilyOfSets old = families.get(f);
        double[] product = joint.clone();
        for (int set = 0, k = 0; set < old.row.length; set++) {
            int from = old.row[set] * nodes.outer;
            for (int i = 0; i < nodes.outer; i++, k++) {
                double share = old.share[from + i];
                product[k] = share > 0 ? product[k] / share : 0;
            }
        }
        List<FamilyOfSets> changed = new ArrayList<>(families);
        if (members.isEmpty()) {
            changed.remove(f);
        } else {
            FamilyOfSets family = memory.family(nodes, members);
            changed.set(f, family);
            multiply(product, family, nodes.outer);
        }
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
        double[] sums = new double[1 << conditions];
        for (int set = 0, k = 0; set < sums.length; set++) {
            double sum = 0;
            for (int i = 0; i < nodes.outer; i++, k++) {
                sum += joint[k];
            }
            sums[set] = sum;
        }
        return sums;
    }

    /** A set tells if it is not negligible for some condition, among those with it or among those without it. */
    private int[] telling() {
        double[] with = new double[conditions];
        double[] without = new double[conditions];
        for (int set = 0; set < weights.length; set++) {
            for (int c = 0; c < conditions; c++) {
                if ((set >> c & 1) == 1) {
                    with[c] += weights[set];
                } else {
                    without[c] += weights[set];
                }
            }
        }
        double all = with[0] + without[0];
        int[] found = new int[weights.length];
        int count = 0;
        for (int set = 0; set < weights.length; set++) {
            if (weights[set] > NEGLIGIBLE * all) {
                found[count++] = set;
                continue;
            }
            for (int c = 0; c < conditions; c++) {
                if (weights[set] > NEGLIGIBLE * ((set >> c & 1) == 1 ? with[c] : without[c])) {
                    found[count++] = set;
                    break;
                }
            }
        }
        return Arrays.copyOf(found, count);
    }

    private double[] weightsWithout(FamilyOfSets family, int index) {
        double[] ratio = family.ratioWithout[index];
        double[] without = new double[weights.length];
        for (int set : telling) {
            int k = set * nodes.outer;
            int from = family.row[set] * nodes.outer;
            double sum = 0;
            for (int i = 0; i < nodes.outer; i++) {
                sum += joint[k + i] * ratio[from + i];
            }
            without[set] = sum;
        }
        return without;
    }

    /** {@code logit J}: that the condition is among those that are there. */
    double logit(int condition) {
        return logit(weights, condition, 0);
    }

    /** {@code logit J} of a condition given that another is absent. */
    double logitIfAbsent(int absent, int condition) {
        return logit(weights, condition, 1 << absent);
    }

    /** {@code logit J} without one of the findings. */
    double logitWithout(Explained finding, int condition) {
        double[] without = weightsWithout.computeIfAbsent(finding, f -> {
            FamilyOfSets family = families.get(familyOf(f));
            return weightsWithout(family, family.findings.indexOf(f));
        });
        return logit(without, condition, 0);
    }

    private double logit(double[] bySet, int condition, int absent) {
        double with = 0;
        double without = 0;
        for (int set : telling) {
            if ((set & absent) == 0) {
                if ((set >> condition & 1) == 1) {
                    with += bySet[set];
                } else {
                    without += bySet[set];
                }
            }
        }
        return Math.log(with) - Math.log(without);
    }
}
