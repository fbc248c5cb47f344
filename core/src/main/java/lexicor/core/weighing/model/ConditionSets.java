package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out
 * once. For one thread.
 */
final class ConditionSets {
    private static final double RESCALE_BELOW = 1e-120;
    /** A set with less than this share of what speaks for or against each condition changes nothing that is shown. */
    private static final double NEGLIGIBLE = 1e-14;

    private final Nodes nodes;
    /** By set. */
    private final double[] prior;

    private final int conditions;
    private final List<FamilyOfSets> families;
    /** By set, then by outer node: prior, the node's weight and all shares multiplied, up to one factor. */
    private final double[] joint;

    private final double[] weights;
    private final int[] telling;
    private final Map<Explained, double[]> weightsWithout = new HashMap<>();

    private ConditionSets(Nodes nodes, double[] prior, int conditions, List<FamilyOfSets> families) {
        this.nodes = nodes;
        this.prior = prior;
        this.conditions = conditions;
        this.families = families;
        joint = joint();
        weights = weights();
        telling = telling();
    }

    /**
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(Nodes nodes, double[] pretests, List<Explained> findings, FamilyMemory memory) {
        double[] prior = new double[1 << pretests.length];
        for (int set = 0; set < prior.length; set++) {
            prior[set] = 1;
            for (int c = 0; c < pretests.length; c++) {
                prior[set] *= (set >> c & 1) == 1 ? pretests[c] : 1 - pretests[c];
            }
        }
        Map<String, List<Explained>> byFamily = new LinkedHashMap<>();
        findings.forEach(f ->
                byFamily.computeIfAbsent(f.family(), k -> new ArrayList<>()).add(f));
        return new ConditionSets(
                nodes,
                prior,
                pretests.length,
                byFamily.values().stream().map(m -> memory.of(nodes, m)).toList());
    }

    private double[] joint() {
        double[] product = new double[prior.length * nodes.outer];
        for (int set = 0, k = 0; set < prior.length; set++) {
            for (int i = 0; i < nodes.outer; i++, k++) {
                product[k] = prior[set] * nodes.outerWeight[i];
            }
        }
        for (FamilyOfSets family : families) {
            double largest = 0;
            for (int set = 0, k = 0; set < prior.length; set++) {
                int from = family.row[set] * nodes.outer;
                for (int i = 0; i < nodes.outer; i++, k++) {
                    product[k] *= family.share[from + i];
                    largest = Math.max(largest, product[k]);
                }
            }
            if (largest < RESCALE_BELOW) {
                for (int k = 0; k < product.length; k++) {
                    product[k] /= largest;
                }
            }
        }
        return product;
    }

    /** How probable each set is, up to one factor. */
    private double[] weights() {
        double[] sums = new double[prior.length];
        for (int set = 0, k = 0; set < prior.length; set++) {
            for (int i = 0; i < nodes.outer; i++, k++) {
                sums[set] += joint[k];
            }
        }
        return sums;
    }

    /** The sets that tell for some condition, with it or without it; the others are too improbable to matter. */
    private int[] telling() {
        double[] least = new double[2 * conditions];
        for (int set = 0; set < weights.length; set++) {
            for (int c = 0; c < conditions; c++) {
                least[2 * c + (set >> c & 1)] += NEGLIGIBLE * weights[set];
            }
        }
        return IntStream.range(0, weights.length)
                .filter(set ->
                        IntStream.range(0, conditions).anyMatch(c -> weights[set] > least[2 * c + (set >> c & 1)]))
                .toArray();
    }

    private double[] weightsWithout(FamilyOfSets family, int index) {
        double[] ratio = family.ratioWithout[index];
        double[] without = new double[prior.length];
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
        return logit(weightsWithout.computeIfAbsent(finding, this::weightsWithout), condition, 0);
    }

    private double[] weightsWithout(Explained finding) {
        for (FamilyOfSets family : families) {
            int index = family.findings.indexOf(finding);
            if (index >= 0) {
                return weightsWithout(family, index);
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
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
