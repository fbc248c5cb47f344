package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * {@link ConditionSets} at a few nodes of the general factor for each set, for what is decided by a wide margin: nearly what all nodes
 * say, for a fraction of the work. Sets with one finding more or fewer keep the nodes, so that what is known of a family at them serves
 * all.
 */
final class NearSets {
    /** What is less has no say, and would not be a normal number once it is multiplied. */
    private static final double LEAST = 1e-30;

    private final At at;
    private final List<Family> families;
    /** By which of the nodes, then by set. */
    private final float[][] weight;

    private final Map<Explained, NearSets> withFewer = new ConcurrentHashMap<>();
    private final Map<Explained, float[]> sumsWithout = new ConcurrentHashMap<>();

    /** A family at the few nodes: by finding, by which of the nodes, then by set the share without it as a ratio to the share. */
    private record Family(List<Explained> findings, float[][][] without) {}

    /**
     * What stays the same whichever findings are there.
     *
     * @param ofSets a family by its findings
     */
    private record At(
            SetsMemory memory,
            int[][] node,
            Function<List<Explained>, FamilyOfSets> ofSets,
            Map<List<Explained>, Family> known) {
        Family family(List<Explained> findings) {
            return known.computeIfAbsent(findings, this::made);
        }

        private Family made(List<Explained> findings) {
            FamilyOfSets family = ofSets.apply(findings);
            return new Family(findings, memory.nearTable(family.table).without(node, family.row));
        }
    }

    private NearSets(At at, List<Family> families, float[][] weight) {
        this.at = at;
        this.families = families;
        this.weight = weight;
    }

    /**
     * @param joint by set, prior and shares multiplied
     * @param ofSets a family by its findings
     */
    static NearSets of(
            Nodes nodes,
            SetsMemory memory,
            List<FamilyOfSets> families,
            Joint joint,
            Function<List<Explained>, FamilyOfSets> ofSets) {
        Nodes few = nodes.near(1);
        int[][] node = new FewNodes(joint, nodes, few).node;
        double[][] made = new double[node.length][joint.sets()];
        for (int k = 0; k < made.length; k++) {
            for (int set = 0; set < joint.sets(); set++) {
                made[k][set] = few.outerWeight[node[k][set]];
            }
        }
        for (FamilyOfSets family : families) {
            memory.nearTable(family.table).times(node, family.row, made);
            toOne(made);
        }
        At at = new At(memory, node, ofSets, new ConcurrentHashMap<>());
        List<Family> near = families.stream().map(f -> at.family(f.findings)).toList();
        return new NearSets(at, near, weight(made, joint.sum));
    }

    /** So that each set's numbers add up to 1, and many findings do not underflow. */
    private static void toOne(double[][] made) {
        for (int set = 0; set < made[0].length; set++) {
            double sum = 0;
            for (double[] numbers : made) {
                sum += numbers[set];
            }
            for (double[] numbers : made) {
                numbers[set] /= sum;
            }
        }
    }

    /** Each set's numbers as parts of everything. */
    private static float[][] weight(double[][] made, double[] bySet) {
        double everything = Arrays.stream(bySet).sum();
        float[][] weight = new float[made.length][bySet.length];
        for (int k = 0; k < made.length; k++) {
            for (int set = 0; set < bySet.length; set++) {
                double part = made[k][set] * bySet[set] / everything;
                weight[k][set] = part > LEAST ? (float) part : 0;
            }
        }
        return weight;
    }

    /** The same with one more finding. */
    NearSets with(Explained further) {
        List<Family> more = new ArrayList<>(families);
        for (int f = 0; f < more.size(); f++) {
            List<Explained> findings = new ArrayList<>(more.get(f).findings);
            if (findings.get(0).family().equals(further.family())) {
                findings.add(further);
                Family larger = at.family(findings);
                more.set(f, larger);
                return new NearSets(at, more, changed(larger.without[findings.size() - 1], NearSets::divide));
            }
        }
        Family own = at.family(List.of(further));
        more.add(own);
        return new NearSets(at, more, changed(own.without[0], NearSets::divide));
    }

    /** The same without one of its findings. */
    NearSets without(Explained finding) {
        return withFewer.computeIfAbsent(finding, this::leavingOut);
    }

    private NearSets leavingOut(Explained finding) {
        int f = familyOf(finding);
        Family old = families.get(f);
        List<Explained> rest = new ArrayList<>(old.findings);
        int index = rest.indexOf(finding);
        rest.remove(index);
        List<Family> fewer = new ArrayList<>(families);
        if (rest.isEmpty()) {
            fewer.remove(f);
        } else {
            fewer.set(f, at.family(rest));
        }
        return new NearSets(at, fewer, changed(old.without[index], NearSets::multiply));
    }

    private int familyOf(Explained finding) {
        for (int f = 0; f < families.size(); f++) {
            if (families.get(f).findings.contains(finding)) {
                return f;
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
    }

    /**
     * @param change what is done to the weights at one of the nodes by a factor there
     */
    private float[][] changed(float[][] factor, BiConsumer<float[], float[]> change) {
        float[][] made = new float[weight.length][];
        for (int k = 0; k < made.length; k++) {
            made[k] = weight[k].clone();
            change.accept(made[k], factor[k]);
        }
        return made;
    }

    private static void multiply(float[] numbers, float[] by) {
        for (int set = 0; set < numbers.length; set++) {
            numbers[set] *= by[set];
        }
    }

    private static void divide(float[] numbers, float[] by) {
        for (int set = 0; set < numbers.length; set++) {
            numbers[set] /= by[set];
        }
    }

    /**
     * {@code ln} of a condition's odds with and without each of some findings.
     *
     * @param condition its place among those considered
     */
    double[] logAdded(List<Explained> findings, int condition) {
        float[] bySet = new float[weight[0].length];
        add(bySet);
        double standing = logit(bySet, condition);
        double[] added = new double[findings.size()];
        for (int f = 0; f < added.length; f++) {
            float[] without = sumsWithout.computeIfAbsent(findings.get(f), this::sumsWithout);
            System.arraycopy(without, 0, bySet, 0, bySet.length);
            added[f] = standing - logit(bySet, condition);
        }
        return added;
    }

    private float[] sumsWithout(Explained finding) {
        Family family = families.get(familyOf(finding));
        float[][] factor = family.without[family.findings.indexOf(finding)];
        float[] sums = new float[weight[0].length];
        for (int k = 0; k < weight.length; k++) {
            float[] w = weight[k];
            float[] f = factor[k];
            for (int set = 0; set < sums.length; set++) {
                sums[set] += w[set] * f[set];
            }
        }
        return sums;
    }

    private void add(float[] into) {
        for (float[] w : weight) {
            for (int set = 0; set < into.length; set++) {
                into[set] += w[set];
            }
        }
    }

    /** Adds up sets that differ in other conditions, half onto half, in place. */
    private static double logit(float[] bySet, int condition) {
        int with = 1 << condition;
        int left = bySet.length;
        while (left > 2 * with) {
            left /= 2;
            fold(bySet, 0, left);
        }
        for (int half = with / 2; half > 0; half /= 2) {
            fold(bySet, 0, half);
            fold(bySet, with, half);
        }
        return Math.log(bySet[with]) - Math.log(bySet[0]);
    }

    private static void fold(float[] numbers, int from, int half) {
        for (int k = from; k < from + half; k++) {
            numbers[k] += numbers[k + half];
        }
    }
}
