package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;

/**
 * One family's part of {@code P(results | S)} for every set of the conditions that its findings ask about (method M17), at each node of
 * the general factor, its own factor integrated out. Sets that none of its findings can tell apart share a row.
 *
 * <p>The same whichever other conditions are considered. Worked out node by node where it is asked for, once.
 */
final class FamilyTable implements Remembered {
    final List<Explained> findings;
    /** Places in the case of the conditions that the findings ask about, rising. */
    final int[] causes;
    /** By set of those, the place of its row. */
    final int[] row;

    final int rows;
    /** By finding, then by row, its place there. */
    final int[][] placeByRow;

    final Nodes nodes;
    final FindingAtNodes[] members;
    private final Product first;
    private final Product second;
    /** By outer node, then by row; null where it was not asked for. */
    private final double[][] share;
    /** The same of what the shares are divided by. */
    private final double[][] inverse;

    /**
     * @param nodes with as many for the family's own factor as its findings call for
     * @param members the findings at those nodes
     */
    FamilyTable(Nodes nodes, List<Explained> findings, List<FindingAtNodes> members) {
        this.nodes = nodes;
        this.findings = findings;
        this.members = members.toArray(FindingAtNodes[]::new);
        causes = findings.stream()
                .flatMapToInt(f -> Arrays.stream(f.causes()))
                .distinct()
                .sorted()
                .toArray();
        int count = this.members.length;
        int[][] place = new int[count][];
        for (int m = 0; m < count; m++) {
            place[m] = placeOf(m);
        }
        first = new Product(0, count / 2, place);
        second = new Product(count / 2, count, place);
        Rows all = new Rows(1 << causes.length);
        all.tellApart(first.rows.of, first.rows.count);
        all.tellApart(second.rows.of, second.rows.count);
        row = all.of;
        rows = all.count;
        first.byRow = all.of(first.rows.of);
        second.byRow = all.of(second.rows.of);
        placeByRow = new int[count][];
        for (int m = 0; m < count; m++) {
            placeByRow[m] = all.of(place[m]);
        }
        share = new double[nodes.outer][];
        inverse = new double[nodes.outer][];
    }

    /** By set of the family's causes, the finding's place for it. */
    private int[] placeOf(int m) {
        int[] own = among(causes, findings.get(m).causes());
        int[] place = new int[own.length];
        for (int set = 0; set < own.length; set++) {
            place[set] = members[m].placeOf[own[set]];
        }
        return place;
    }

    /** By set of some conditions, which of others are in it, as a set of those. */
    static int[] among(int[] conditions, int[] others) {
        int[] among = new int[1 << conditions.length];
        for (int c = 0; c < conditions.length; c++) {
            int place = Arrays.binarySearch(others, conditions[c]);
            int own = place < 0 ? 0 : 1 << place;
            for (int rest = 0; rest < 1 << c; rest++) {
                among[rest | 1 << c] = among[rest] | own;
            }
        }
        return among;
    }

    @Override
    public int numbers() {
        return 2 * rows * nodes.outer + (first.rows.count + second.rows.count) * nodes.inner;
    }

    /** At an outer node, by row. */
    synchronized double[] share(int outer) {
        if (share[outer] == null) {
            share[outer] = members.length == 1 ? alone(outer) : together(outer);
        }
        return share[outer];
    }

    /** One over the shares, at an outer node by row; 0 where nothing is left of one. */
    synchronized double[] inverse(int outer) {
        if (inverse[outer] == null) {
            inverse[outer] =
                    Arrays.stream(share(outer)).map(s -> s > 0 ? 1 / s : 0).toArray();
        }
        return inverse[outer];
    }

    private double[] alone(int outer) {
        double[] byPlace = members[0].alone(outer);
        return Arrays.stream(placeByRow[0]).mapToDouble(p -> byPlace[p]).toArray();
    }

    /** Halves of the findings tell far fewer sets apart than all of them do, so that most is multiplied for few. */
    private double[] together(int outer) {
        double[][] ofFirst = first.multiplied(outer);
        double[][] ofSecond = second.multiplied(outer);
        double[] together = new double[rows];
        for (int r = 0; r < rows; r++) {
            together[r] = dot(ofFirst[first.byRow[r]], ofSecond[second.byRow[r]]);
        }
        return together;
    }

    /** In four sums side by side, which do not wait for each other. */
    static double dot(double[] a, double[] b) {
        double sum = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int j = 0;
        for (; j + 3 < a.length; j += 4) {
            sum += a[j] * b[j];
            second += a[j + 1] * b[j + 1];
            third += a[j + 2] * b[j + 2];
            fourth += a[j + 3] * b[j + 3];
        }
        for (; j < a.length; j++) {
            sum += a[j] * b[j];
        }
        return sum + second + (third + fourth);
    }

    static void multiply(double[] some, double[] by, double[] into) {
        for (int j = 0; j < into.length; j++) {
            into[j] = some[j] * by[j];
        }
    }

    /** Some of the findings multiplied. */
    private final class Product {
        final Rows rows = new Rows(1 << causes.length);
        /** By row of the family, the row here. */
        int[] byRow;

        private final int from;
        private final int[][] places;
        private final double[][] product;

        Product(int from, int to, int[][] placeOf) {
            this.from = from;
            for (int m = from; m < to; m++) {
                rows.tellApart(placeOf[m], members[m].places);
            }
            places = new int[to - from][];
            for (int m = from; m < to; m++) {
                places[m - from] = rows.of(placeOf[m]);
            }
            product = new double[rows.count][nodes.inner];
        }

        /**
         * At an outer node, by row of what they tell apart, then by inner node; the first half with the weights of those. Good until
         * the next time.
         */
        double[][] multiplied(int outer) {
            double[][] p = members[from].at(outer);
            for (int r = 0; r < product.length; r++) {
                if (from == 0) {
                    multiply(nodes.innerWeight, p[places[0][r]], product[r]);
                } else {
                    System.arraycopy(p[places[0][r]], 0, product[r], 0, nodes.inner);
                }
            }
            for (int m = 1; m < places.length; m++) {
                p = members[from + m].at(outer);
                for (int r = 0; r < product.length; r++) {
                    multiply(product[r], p[places[m][r]], product[r]);
                }
            }
            return product;
        }
    }
}
