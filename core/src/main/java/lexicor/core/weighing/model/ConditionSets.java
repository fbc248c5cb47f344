package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). Immutable; a finding taken out rebuilds
 * its family alone.
 */
final class ConditionSets {
    private static final double RESCALE_BELOW = 1e-120;

    private final Nodes nodes;
    /** By set. */
    private final double[] prior;

    private final int conditions;
    private final List<FamilyOfSets> families;
    /** By family, by set. */
    private final int[][] rows;
    /** By set, then by outer node: prior, the node's weight and all shares multiplied, up to one factor. */
    private final double[] joint;

    private ConditionSets(Nodes nodes, double[] prior, int conditions, List<FamilyOfSets> families) {
        this.nodes = nodes;
        this.prior = prior;
        this.conditions = conditions;
        this.families = families;
        rows = new int[families.size()][prior.length];
        for (int f = 0; f < rows.length; f++) {
            for (int set = 0; set < prior.length; set++) {
                rows[f][set] = families.get(f).row(set);
            }
        }
        joint = joint();
    }

    /**
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(Nodes nodes, double[] pretests, List<Explained> findings) {
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
                byFamily.values().stream().map(m -> new FamilyOfSets(nodes, m)).toList());
    }

    private double[] joint() {
        double[] product = new double[prior.length * nodes.outer];
        for (int set = 0, k = 0; set < prior.length; set++) {
            for (int i = 0; i < nodes.outer; i++, k++) {
                product[k] = prior[set] * nodes.outerWeight[i];
            }
        }
        for (int f = 0; f < rows.length; f++) {
            double[] share = families.get(f).share;
            double largest = 0;
            for (int set = 0, k = 0; set < prior.length; set++) {
                int from = rows[f][set] * nodes.outer;
                for (int i = 0; i < nodes.outer; i++, k++) {
                    product[k] *= share[from + i];
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

    List<Explained> findings() {
        return families.stream().flatMap(f -> f.findings.stream()).toList();
    }

    /** How probable each set is, up to one factor. */
    private double[] weights() {
        double[] weights = new double[prior.length];
        for (int set = 0, k = 0; set < prior.length; set++) {
            for (int i = 0; i < nodes.outer; i++, k++) {
                weights[set] += joint[k];
            }
        }
        return weights;
    }

    private double[] weightsWithout(int family, int index) {
        double[] ratio = families.get(family).ratioWithout[index];
        double[] weights = new double[prior.length];
        for (int set = 0, k = 0; set < prior.length; set++) {
            int from = rows[family][set] * nodes.outer;
            for (int i = 0; i < nodes.outer; i++, k++) {
                weights[set] += joint[k] * ratio[from + i];
            }
        }
        return weights;
    }

    /** {@code logit J} of each condition: that it is among those that are there. */
    double[] logits() {
        return logits(weights(), 0);
    }

    /** {@code logit J} of each condition given that one is absent; minus infinity for the absent one. */
    double[] logitsWithoutCondition(int absent) {
        return logits(weights(), 1 << absent);
    }

    /** {@code logit J} of each condition without one of the findings. */
    double[] logitsWithout(Explained finding) {
        for (int f = 0; f < families.size(); f++) {
            int index = families.get(f).findings.indexOf(finding);
            if (index >= 0) {
                return logits(weightsWithout(f, index), 0);
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
    }

    private double[] logits(double[] weights, int absent) {
        double[] logits = new double[conditions];
        for (int c = 0; c < conditions; c++) {
            double with = 0;
            double without = 0;
            for (int set = 0; set < weights.length; set++) {
                if ((set & absent) == 0) {
                    if ((set >> c & 1) == 1) {
                        with += weights[set];
                    } else {
                        without += weights[set];
                    }
                }
            }
            logits[c] = Math.log(with) - Math.log(without);
        }
        return logits;
    }

    ConditionSets without(Explained finding) {
        List<FamilyOfSets> rest = new ArrayList<>(families);
        for (int f = 0; f < rest.size(); f++) {
            List<Explained> members = new ArrayList<>(rest.get(f).findings);
            if (members.remove(finding)) {
                if (members.isEmpty()) {
                    rest.remove(f);
                } else {
                    rest.set(f, new FamilyOfSets(nodes, members));
                }
                return new ConditionSets(nodes, prior, conditions, List.copyOf(rest));
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
    }
}
