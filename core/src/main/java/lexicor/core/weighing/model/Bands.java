package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Non-negative numbers by row and outer node, of which each row keeps the band of nodes that its sum notices: given many findings, what
 * is not negligible of the general factor is a small part of it. Immutable once built.
 */
final class Bands {
    private static final double RESCALE_BELOW = 1e-120;
    /** What a row loses at either end is less than this share of it. */
    private static final double UNNOTICED = 1e-15;

    final int rows;
    /** By row, the first node kept. */
    final int[] from;
    /** By row, the node after the last one kept. */
    final int[] to;
    /** By row, what it adds up to. */
    final double[] sum;
    /** By row, where node 0 would be in {@link #value}. */
    private final int[] origin;

    private final double[] value;
    private ThreeNodes near;

    private Bands(int[] from, int[] to, int[] origin, double[] value) {
        rows = from.length;
        this.from = from;
        this.to = to;
        this.origin = origin;
        this.value = value;
        sum = new double[rows];
    }

    /** One row with the numbers of all nodes. */
    static Bands of(double[] byNode) {
        Bands made = new Bands(new int[] {0}, new int[] {byNode.length}, new int[] {0}, byNode);
        made.sum[0] = Arrays.stream(byNode).sum();
        return made;
    }

    /**
     * Multiplied, up to one factor for all.
     *
     * @param place by row, which row of the factor is its own
     */
    Bands times(int[] place, Factor factor) {
        double[] one = new double[rows];
        Arrays.fill(one, 1);
        return times(each(), one, place, factor);
    }

    /**
     * The same where rows are told apart further.
     *
     * @param parent by row of the result, the row here that it is made of
     * @param scale by row of the result, by how much that is taken
     */
    Bands times(int[] parent, double[] scale, int[] place, Factor factor) {
        int[] first = new int[parent.length];
        int[] last = new int[parent.length];
        int[] begin = new int[parent.length];
        int size = 0;
        for (int r = 0; r < parent.length; r++) {
            first[r] = from[parent[r]];
            last[r] = to[parent[r]];
            begin[r] = size - first[r];
            size += last[r] - first[r];
        }
        Bands made = new Bands(first, last, begin, new double[size]);
        double[] product = made.value;
        double[] factors = factor.value();
        int step = factor.step();
        double largest = 0;
        int k = 0;
        for (int r = 0; r < parent.length; r++) {
            int mine = origin[parent[r]] + first[r];
            int other = factor.at(place[r], first[r]);
            double by = scale[r];
            double total = 0;
            for (int end = k + last[r] - first[r]; k < end; k++, mine++, other += step) {
                double p = by * value[mine] * factors[other];
                product[k] = p;
                total += p;
            }
            made.sum[r] = total;
            if (total > largest) {
                largest = total;
            }
        }
        if (largest < RESCALE_BELOW && largest > 0) {
            for (int at = 0; at < size; at++) {
                product[at] /= largest;
            }
            for (int r = 0; r < parent.length; r++) {
                made.sum[r] /= largest;
            }
        }
        made.narrow();
        return made;
    }

    /** Every row as its own, for what is made of these one by one. */
    int[] each() {
        return IntStream.range(0, rows).toArray();
    }

    private void narrow() {
        for (int r = 0; r < rows; r++) {
            double unnoticed = sum[r] * UNNOTICED;
            int at = origin[r];
            double lost = value[at + from[r]];
            while (lost < unnoticed) {
                from[r]++;
                lost += value[at + from[r]];
            }
            lost = value[at + to[r] - 1];
            while (lost < unnoticed) {
                to[r]--;
                lost += value[at + to[r] - 1];
            }
        }
    }

    /** Rows added up by group. */
    Bands by(int[] group, int groups) {
        int[] first = new int[groups];
        int[] last = new int[groups];
        Arrays.fill(first, Integer.MAX_VALUE);
        for (int r = 0; r < rows; r++) {
            first[group[r]] = Math.min(first[group[r]], from[r]);
            last[group[r]] = Math.max(last[group[r]], to[r]);
        }
        int[] begin = new int[groups];
        int size = 0;
        for (int g = 0; g < groups; g++) {
            begin[g] = size - first[g];
            size += last[g] - first[g];
        }
        Bands made = new Bands(first, last, begin, new double[size]);
        for (int r = 0; r < rows; r++) {
            int into = begin[group[r]];
            for (int i = from[r]; i < to[r]; i++) {
                made.value[into + i] += value[origin[r] + i];
            }
            made.sum[group[r]] += sum[r];
        }
        made.narrow();
        return made;
    }

    /**
     * A row's numbers times a factor, added up.
     *
     * @param place which row of the factor is its own
     */
    double sumWith(int row, Factor factor, int place) {
        double[] factors = factor.value();
        int step = factor.step();
        int other = factor.at(place, from[row]);
        double total = 0;
        int end = origin[row] + to[row];
        for (int mine = origin[row] + from[row]; mine < end; mine++, other += step) {
            total += value[mine] * factors[other];
        }
        return total;
    }

    /** Where a smooth factor's sum is found to a few in a thousand. */
    ThreeNodes near() {
        if (near == null) {
            near = new ThreeNodes(this, value, origin);
        }
        return near;
    }
}
