package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;

/**
 * Non-negative numbers by outer node and set, at the nodes that the sums over them notice: given many findings, what is not negligible of
 * the general factor is a part of it. Immutable.
 */
final class Joint {
    /** What a set loses at either end is about this share of it. */
    private static final double UNNOTICED = 1e-15;

    /** The first node. */
    final int from;
    /** By set, what its numbers add up to. */
    final double[] sum;
    /** By node, then by set. */
    private final double[][] value;

    private Joint(int from, double[][] value) {
        this.from = from;
        this.value = value;
        sum = new double[value[0].length];
        for (double[] numbers : value) {
            add(numbers, sum);
        }
    }

    /**
     * The prior times all shares, up to one factor for all.
     *
     * @param prior by set
     */
    static Joint of(Nodes nodes, double[] prior, List<FamilyOfSets> families) {
        int middle = nodes.outer / 2;
        double[] scaled = prior.clone();
        for (FamilyOfSets family : families) {
            // So that many findings do not underflow.
            double largest = Arrays.stream(family.table.share(middle)).max().orElse(1);
            for (int set = 0; set < scaled.length && largest > 0; set++) {
                scaled[set] /= largest;
            }
        }
        double[][] value = new double[nodes.outer][];
        double[] known = new double[prior.length];
        int to = middle;
        while (to < nodes.outer && (to <= middle + 1 || isNoticed(value[to - 1], known))) {
            value[to] = at(nodes, to, scaled, families);
            add(value[to++], known);
        }
        int from = middle;
        while (from > 0 && (from >= middle || isNoticed(value[from], known))) {
            value[--from] = at(nodes, from, scaled, families);
            add(value[from], known);
        }
        return new Joint(from, Arrays.copyOfRange(value, from, to));
    }

    private static double[] at(Nodes nodes, int node, double[] prior, List<FamilyOfSets> families) {
        double[] numbers = prior.clone();
        for (FamilyOfSets family : families) {
            times(family.table.share(node), family.row, numbers);
        }
        for (int set = 0; set < numbers.length; set++) {
            numbers[set] *= nodes.outerWeight[node];
        }
        return numbers;
    }

    private static boolean isNoticed(double[] numbers, double[] known) {
        for (int set = 0; set < numbers.length; set++) {
            if (numbers[set] > UNNOTICED * known[set]) {
                return true;
            }
        }
        return false;
    }

    private static void add(double[] numbers, double[] into) {
        for (int set = 0; set < into.length; set++) {
            into[set] += numbers[set];
        }
    }

    int nodes() {
        return value.length;
    }

    int sets() {
        return sum.length;
    }

    /** By set, at one of the nodes from 0 to {@link #nodes()}. */
    double[] at(int node) {
        return value[node];
    }

    /**
     * By node, then by set, what one family in place of another multiplies these by.
     *
     * @param family null where nothing takes the place
     * @param before null where nothing was in the place
     */
    double[][] ratio(FamilyOfSets family, FamilyOfSets before) {
        double[][] ratio = new double[value.length][sum.length];
        for (int i = 0; i < ratio.length; i++) {
            double[] numbers = ratio[i];
            Arrays.fill(numbers, 1);
            if (family != null) {
                times(family.table.share(from + i), family.row, numbers);
            }
            if (before != null) {
                times(before.table.inverse(from + i), before.row, numbers);
            }
        }
        return ratio;
    }

    private static void times(double[] factor, int[] row, double[] numbers) {
        for (int set = 0; set < numbers.length; set++) {
            numbers[set] *= factor[row[set]];
        }
    }

    Joint times(double[][] ratio) {
        double[][] product = new double[value.length][];
        for (int i = 0; i < product.length; i++) {
            product[i] = value[i].clone();
            times(ratio[i], product[i]);
        }
        return new Joint(from, product);
    }

    /** What the sets add up to once they are multiplied. */
    double[] sums(List<double[][]> ratios) {
        if (ratios.isEmpty()) {
            return sum;
        }
        double[] sums = new double[sum.length];
        double[] numbers = new double[sum.length];
        for (int i = 0; i < value.length; i++) {
            multiplied(i, ratios, numbers);
            add(numbers, sums);
        }
        return sums;
    }

    private void multiplied(int node, List<double[][]> ratios, double[] into) {
        System.arraycopy(value[node], 0, into, 0, into.length);
        for (double[][] ratio : ratios) {
            times(ratio[node], into);
        }
    }

    /** Sets multiplied, then added up by group. */
    Joint by(int[] group, int groups, List<double[][]> ratios) {
        double[][] grouped = new double[value.length][groups];
        double[] numbers = new double[sum.length];
        for (int i = 0; i < value.length; i++) {
            multiplied(i, ratios, numbers);
            for (int set = 0; set < group.length; set++) {
                grouped[i][group[set]] += numbers[set];
            }
        }
        return new Joint(from, grouped);
    }

    private static void times(double[] factor, double[] numbers) {
        for (int set = 0; set < numbers.length; set++) {
            numbers[set] *= factor[set];
        }
    }
}
