package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.numbers.NormalTable;

/**
 * One family's part of {@code P(results | D)} (method M4): at each node of the general factor, the probability of the
 * family's results with its own factor integrated out. A family of one has that integral in closed form,
 * {@code Φ((a + sqrt(r_b) z0) / sqrt(1 - r_b))}; larger ones keep the product of their results at every pair of nodes.
 *
 * <p>Products are rescaled as they grow, so that hundreds of findings neither underflow nor lose their ratios; the scale
 * is the same at all nodes and kept as a logarithm. Immutable once built; what is costly is worked out on first use.
 */
final class FamilyShare {
    private static final double RESCALE_BELOW = 1e-120;

    final List<Item> items;
    final double logScale;
    /** By outer node. */
    final double[] integrated;

    private final Nodes nodes;
    private final boolean present;
    private final List<double[]> atNodes;
    private final double[][] ratiosWithout;
    /** What is left once an item is out; the next tests take the same ones out again and again. */
    private final FamilyShare[] rests;

    private final double[][] weightedWithout;
    private double[] product;
    private double[] weighted;

    private FamilyShare(Nodes nodes, boolean present, List<Item> items, List<double[]> atNodes) {
        this.nodes = nodes;
        this.present = present;
        this.items = items;
        this.atNodes = atNodes;
        ratiosWithout = new double[items.size()][];
        rests = new FamilyShare[items.size()];
        weightedWithout = new double[items.size()][];
        if (items.size() == 1) {
            logScale = 0;
            integrated = alone(nodes, items.get(0), present);
        } else {
            product = new double[nodes.outer * nodes.inner];
            logScale = multiply();
            integrated = sums(weighted());
        }
    }

    static FamilyShare of(Nodes general, boolean present, List<Item> items) {
        Nodes nodes = general.forFamilyOf(items.size());
        List<double[]> atNodes = new ArrayList<>(items.size());
        if (items.size() > 1) {
            items.forEach(item -> atNodes.add(atNodes(nodes, item, present)));
        }
        return new FamilyShare(nodes, present, items, atNodes);
    }

    FamilyShare plus(Item item) {
        List<Item> all = new ArrayList<>(items);
        all.add(item);
        if (nodes.forFamilyOf(all.size()) != nodes) {
            return of(nodes, present, all);
        }
        List<double[]> allAtNodes = new ArrayList<>(atNodes);
        if (allAtNodes.isEmpty()) {
            allAtNodes.add(productAtNodes());
        }
        allAtNodes.add(atNodes(nodes, item, present));
        return new FamilyShare(nodes, present, all, allAtNodes);
    }

    FamilyShare without(int index) {
        if (rests[index] == null) {
            rests[index] = computeWithout(index);
        }
        return rests[index];
    }

    private FamilyShare computeWithout(int index) {
        List<Item> rest = new ArrayList<>(items);
        rest.remove(index);
        List<double[]> restAtNodes = new ArrayList<>(atNodes);
        restAtNodes.remove(index);
        return new FamilyShare(nodes, present, rest, restAtNodes);
    }

    /** By outer node, the family's share without one item as a ratio to its share with it. */
    double[] ratioWithout(int index) {
        if (ratiosWithout[index] == null) {
            ratiosWithout[index] = computeRatioWithout(index);
        }
        return ratiosWithout[index];
    }

    private double[] computeRatioWithout(int index) {
        double[] ratio = new double[nodes.outer];
        if (items.size() == 1) {
            for (int i = 0; i < nodes.outer; i++) {
                ratio[i] = 1 / integrated[i];
            }
            return ratio;
        }
        double[] sum = sums(weightedWithout(index));
        for (int i = 0; i < nodes.outer; i++) {
            ratio[i] = integrated[i] > 0 ? sum[i] / integrated[i] : 0;
        }
        return ratio;
    }

    /** By outer node, {@code d ln(share) / d threshold} of one item. */
    double[] slope(int index) {
        Item item = items.get(index);
        double sign = item.positive ? 1 : -1;
        double a = item.threshold(present);
        double[] slope = new double[nodes.outer];
        if (items.size() == 1) {
            for (int i = 0; i < nodes.outer; i++) {
                double x = a * nodes.outerScale + nodes.outerShift[i];
                slope[i] = sign * nodes.outerScale * NormalTable.density(x) / integrated[i];
            }
            return slope;
        }
        double[] rest = weightedWithout(index).clone();
        for (int k = 0; k < rest.length; k++) {
            rest[k] *= NormalTable.density(a * nodes.scale + nodes.shift[k]);
        }
        double[] sum = sums(rest);
        for (int i = 0; i < nodes.outer; i++) {
            slope[i] = integrated[i] > 0 ? sign * nodes.scale * sum[i] / integrated[i] : 0;
        }
        return slope;
    }

    /** By outer node, the share with a further item as a ratio to the share. */
    double[] ratioWith(double[] itemAtNodes) {
        double[] full = weighted();
        // A family of one is integrated in closed form, which its nodes say but nearly.
        double[] total = items.size() == 1 ? sums(full) : integrated;
        double[] ratio = sums(times(full, itemAtNodes));
        for (int i = 0; i < nodes.outer; i++) {
            ratio[i] = total[i] > 0 ? ratio[i] / total[i] : 0;
        }
        return ratio;
    }

    /** By outer node, the share with a further item and without one of its own, as a ratio to the share. */
    double[] ratioWithAndWithout(double[] itemAtNodes, int index) {
        double[] rest = items.size() == 1 ? weighted(itemAtNodes) : times(weightedWithout(index), itemAtNodes);
        double[] ratio = sums(rest);
        for (int i = 0; i < nodes.outer; i++) {
            ratio[i] = integrated[i] > 0 ? ratio[i] / integrated[i] : 0;
        }
        return ratio;
    }

    /** A further item's probability of its own result at each pair of the family's nodes. */
    double[] atNodes(Item further) {
        return atNodes(nodes, further, present);
    }

    /** The item's probability of its own result at each pair of nodes. */
    private static double[] atNodes(Nodes nodes, Item item, boolean present) {
        double sign = item.positive ? 1 : -1;
        double a = item.threshold(present) * nodes.scale;
        double[] p = new double[nodes.shift.length];
        for (int k = 0; k < p.length; k++) {
            p[k] = NormalTable.cdf(sign * (a + nodes.shift[k]));
        }
        return p;
    }

    /** The item's probability of its own result at each outer node, its own factor integrated out. */
    static double[] alone(Nodes nodes, Item item, boolean present) {
        double sign = item.positive ? 1 : -1;
        double a = item.threshold(present) * nodes.outerScale;
        double[] p = new double[nodes.outer];
        for (int i = 0; i < p.length; i++) {
            p[i] = NormalTable.cdf(sign * (a + nodes.outerShift[i]));
        }
        return p;
    }

    private double[] productAtNodes() {
        if (product == null) {
            product = atNodes(nodes, items.get(0), present);
        }
        return product;
    }

    /** The product with the weights of the inner nodes. */
    private double[] weighted() {
        if (weighted == null) {
            weighted = weighted(productAtNodes());
        }
        return weighted;
    }

    private double[] weighted(double[] atPairs) {
        double[] made = new double[atPairs.length];
        for (int i = 0, k = 0; i < nodes.outer; i++) {
            for (int j = 0; j < nodes.inner; j++, k++) {
                made[k] = nodes.innerWeight[j] * atPairs[k];
            }
        }
        return made;
    }

    /** The same without one of the items: what the others come to, where that was not rescaled. */
    private double[] weightedWithout(int index) {
        if (weightedWithout[index] == null) {
            double[] made;
            if (logScale == 0) {
                made = weighted(atNodes.get(index == 0 ? 1 : 0));
                for (int m = index == 0 ? 2 : 1; m < atNodes.size(); m++) {
                    if (m != index) {
                        made = times(made, atNodes.get(m));
                    }
                }
            } else {
                made = weighted().clone();
                double[] p = atNodes.get(index);
                for (int k = 0; k < made.length; k++) {
                    made[k] /= p[k];
                }
            }
            weightedWithout[index] = made;
        }
        return weightedWithout[index];
    }

    private static double[] times(double[] some, double[] others) {
        double[] made = new double[some.length];
        for (int k = 0; k < made.length; k++) {
            made[k] = some[k] * others[k];
        }
        return made;
    }

    /** By outer node, what the inner nodes add up to. */
    private double[] sums(double[] atPairs) {
        double[] sums = new double[nodes.outer];
        for (int i = 0, k = 0; i < nodes.outer; i++) {
            double sum = 0;
            for (int j = 0; j < nodes.inner; j++, k++) {
                sum += atPairs[k];
            }
            sums[i] = sum;
        }
        return sums;
    }

    /** Multiplies all items into the product and returns the logarithm of the scale taken out. */
    private double multiply() {
        System.arraycopy(atNodes.get(0), 0, product, 0, product.length);
        double log = 0;
        for (int m = 1; m < atNodes.size(); m++) {
            double[] p = atNodes.get(m);
            double largest = 0;
            for (int k = 0; k < product.length; k++) {
                product[k] *= p[k];
                largest = Math.max(largest, product[k]);
            }
            if (largest < RESCALE_BELOW) {
                for (int k = 0; k < product.length; k++) {
                    product[k] /= largest;
                }
                log += Math.log(largest);
            }
        }
        return log;
    }
}
