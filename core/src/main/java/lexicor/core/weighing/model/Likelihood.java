package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.numbers.NormalTable;

/**
 * {@code P(results | D)} for one of the two hypotheses (method M4): the product of the families' shares at each node of
 * the general factor, integrated over it. Immutable; taking an item out rebuilds its family alone.
 */
public final class Likelihood {
    private static final double RESCALE_BELOW = 1e-120;

    private final Nodes nodes;
    private final boolean present;
    private final List<FamilyShare> families;
    /** By outer node: its weight times all shares, in units of {@link #logScale}. */
    private final double[] weight;

    private final double total;
    private final double logScale;

    private Likelihood(Nodes nodes, boolean present, List<FamilyShare> families) {
        this.nodes = nodes;
        this.present = present;
        this.families = families;
        weight = nodes.outerWeight.clone();
        double log = 0;
        for (FamilyShare family : families) {
            double largest = 0;
            for (int i = 0; i < weight.length; i++) {
                weight[i] *= family.integrated[i];
                largest = Math.max(largest, weight[i]);
            }
            log += family.logScale;
            if (largest < RESCALE_BELOW) {
                for (int i = 0; i < weight.length; i++) {
                    weight[i] /= largest;
                }
                log += Math.log(largest);
            }
        }
        logScale = log;
        double sum = 0;
        for (double w : weight) {
            sum += w;
        }
        total = sum;
    }

    public static Likelihood of(Nodes nodes, boolean present, List<Item> items) {
        Map<String, List<Item>> byFamily = new LinkedHashMap<>();
        items.forEach(
                i -> byFamily.computeIfAbsent(i.family, f -> new ArrayList<>()).add(i));
        List<FamilyShare> families = new ArrayList<>();
        byFamily.values().forEach(members -> families.add(FamilyShare.of(nodes, present, members)));
        return new Likelihood(nodes, present, families);
    }

    /** {@code ln P(results | D)}. */
    public double log() {
        return Math.log(total) + logScale;
    }

    /** {@code ln P(results | D) - ln P(results without the item | D)}. */
    double logAdded(Item item) {
        return -Math.log(mean(ratioWithout(item)));
    }

    List<FamilyShare> families() {
        return families;
    }

    /** {@code P(results without the item | D) / P(results | D)}, the item by its place in its family. */
    double ratioWithout(int family, int index) {
        return mean(families.get(family).ratioWithout(index));
    }

    Likelihood plus(Item item) {
        List<FamilyShare> all = new ArrayList<>(families);
        for (int f = 0; f < all.size(); f++) {
            if (all.get(f).items.get(0).family.equals(item.family)) {
                all.set(f, all.get(f).plus(item));
                return new Likelihood(nodes, present, all);
            }
        }
        all.add(FamilyShare.of(nodes, present, List.of(item)));
        return new Likelihood(nodes, present, all);
    }

    Likelihood without(Item item) {
        List<FamilyShare> rest = new ArrayList<>(families);
        int f = familyIndex(item);
        FamilyShare family = rest.get(f);
        if (family.items.size() == 1) {
            rest.remove(f);
        } else {
            rest.set(f, family.without(family.items.indexOf(item)));
        }
        return new Likelihood(nodes, present, rest);
    }

    /** {@code d ln P(results | D) / d threshold} of the item. */
    double slope(Item item) {
        FamilyShare family = families.get(familyIndex(item));
        return mean(family.slope(family.items.indexOf(item)));
    }

    /** What a further item would do, read positive; see {@link Extended}. */
    Extended with(Item positive) {
        return new Extended(positive);
    }

    private double[] ratioWithout(Item item) {
        FamilyShare family = families.get(familyIndex(item));
        return family.ratioWithout(family.items.indexOf(item));
    }

    private int familyIndex(Item item) {
        for (int f = 0; f < families.size(); f++) {
            if (families.get(f).items.contains(item)) {
                return f;
            }
        }
        throw new IllegalArgumentException("not an item of this likelihood: " + item);
    }

    /** The average of a ratio over the general factor, given the results. */
    private double mean(double[] ratio) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * ratio[i];
        }
        return sum / total;
    }

    private double mean(double[] ratio, double[] other) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * ratio[i] * other[i];
        }
        return sum / total;
    }

    /** This likelihood with one more result, positive or negative, without building it anew. */
    final class Extended {
        private final FamilyShare own;
        private final double[] ownAtNodes;
        private final double[] ratioPositive;
        private final double positive;

        private Extended(Item item) {
            own = families.stream()
                    .filter(f -> f.items.get(0).family.equals(item.family))
                    .findFirst()
                    .orElse(null);
            ownAtNodes = own == null ? new double[0] : own.atNodes(item);
            ratioPositive = own == null ? FamilyShare.alone(nodes, item, present) : own.ratioWith(ownAtNodes);
            positive = Math.min(1 - 1e-15, Math.max(NormalTable.FLOOR, mean(ratioPositive)));
        }

        /** {@code P(+ | D, results)}. */
        double positive() {
            return positive;
        }

        /** {@code ln} of the further result's conditional probability. */
        public double log(boolean asPositive) {
            return asPositive ? Math.log(positive) : Math.log1p(-positive);
        }

        /** {@link Likelihood#ratioWithout} of an item once the further result is known. */
        double ratioWithout(Item item, boolean asPositive) {
            double[] without = Likelihood.this.ratioWithout(item);
            double withPositive;
            if (own != null && own.items.contains(item)) {
                withPositive = mean(own.ratioWithAndWithout(ownAtNodes, own.items.indexOf(item)));
            } else {
                withPositive = mean(ratioPositive, without);
            }
            double reduced = asPositive ? withPositive : mean(without) - withPositive;
            return Math.max(reduced, NormalTable.FLOOR) / (asPositive ? positive : 1 - positive);
        }
    }
}
