package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;

/**
 * One family's part of {@code P(results | S)} for every set of the conditions that its findings ask about (method M17), at each node of
 * the general factor, its own factor integrated out. Sets that none of its findings can tell apart share a row.
 *
 * <p>The same whichever other conditions are considered. Worked out where it is asked for, once: of the numbers returned those asked
 * for are there, whatever else is added later.
 */
final class FamilyTable implements Remembered {
    private static final byte KNOWN = 1;
    private static final byte ASKED = 2;
    /** So few rows are worked out as a whole. */
    private static final int FEW = 64;

    final List<Explained> findings;
    /** Places in the case of the conditions that the findings ask about, rising. */
    final int[] causes;
    /** By set of those, the place of its row. */
    final int[] row;

    final int rows;

    private final Nodes nodes;
    private final FindingAtNodes[] members;
    private final int[][] placeByRow;
    private final Product first;
    private final Product second;
    /** By row, then by outer node. */
    private final double[] share;

    private final byte[] shareState;
    private boolean allShares;
    /** By row, outer node and finding: the share without it as a ratio to the share. */
    private double[] ratioWithout;

    private byte[] ratioState;

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
        share = new double[rows * nodes.outer];
        shareState = new byte[share.length];
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
        return (2 + members.length) * share.length;
    }

    /**
     * The shares by row, then by outer node, where rows that are made of others need them.
     *
     * @param parent by row to be made, the row of the bands that it is made of
     * @param rowOf by row to be made, the row here
     */
    synchronized double[] share(Bands bands, int[] parent, int[] rowOf) {
        if (allShares) {
            return share;
        }
        boolean any = false;
        if (rows <= FEW) {
            Arrays.fill(shareState, ASKED);
            allShares = true;
            any = true;
        }
        for (int r = 0; r < rowOf.length && !allShares; r++) {
            any |= ask(shareState, rowOf[r], bands.from[parent[r]], bands.to[parent[r]], 1);
        }
        if (any) {
            shares();
        }
        return share;
    }

    /** The share without one of the findings as a ratio to the share, where the bands need it. */
    synchronized Factor ratioWithout(int finding, Bands bands, int[] rowOf) {
        prepareRatios();
        boolean any = false;
        for (int r = 0; r < bands.rows; r++) {
            any |= ask(ratioState, rowOf[r], bands.from[r], bands.to[r], 1);
        }
        if (any) {
            ratios();
        }
        return new Factor(ratioWithout, nodes.outer, members.length, finding);
    }

    /** The same at three nodes of each row, by row, outer node and finding. */
    synchronized double[] ratiosWithout(ThreeNodes near, int[] rowOf) {
        prepareRatios();
        boolean any = false;
        for (int r = 0; r < near.middle.length; r++) {
            int step = near.step[r];
            any |= ask(ratioState, rowOf[r], near.middle[r] - step, near.middle[r] + step + 1, Math.max(1, step));
        }
        if (any) {
            ratios();
        }
        return ratioWithout;
    }

    private void prepareRatios() {
        if (ratioWithout == null) {
            ratioWithout = new double[members.length * share.length];
            ratioState = new byte[share.length];
        }
    }

    private boolean ask(byte[] state, int row, int from, int to, int step) {
        boolean any = false;
        int at = row * nodes.outer;
        for (int i = from; i < to; i += step) {
            if (state[at + i] == 0) {
                state[at + i] = ASKED;
                any = true;
            }
        }
        return any;
    }

    private void alone() {
        for (int r = 0; r < rows; r++) {
            double[] p = members[0].alone(placeByRow[0][r]);
            for (int i = 0; i < nodes.outer; i++) {
                int at = r * nodes.outer + i;
                share[at] = p[i];
                shareState[at] = KNOWN;
                if (ratioWithout != null) {
                    ratioWithout[at] = 1 / p[i];
                    ratioState[at] = KNOWN;
                }
            }
        }
    }

    /** Halves of the findings tell far fewer sets apart than all of them do, so that most is multiplied for few. */
    private void shares() {
        if (members.length == 1) {
            alone();
            return;
        }
        for (int i = 0; i < nodes.outer; i++) {
            boolean ready = false;
            for (int r = 0; r < rows; r++) {
                int at = r * nodes.outer + i;
                if (shareState[at] == ASKED) {
                    if (!ready) {
                        first.multiply(i);
                        second.multiply(i);
                        ready = true;
                    }
                    share[at] = sum(first.product[first.byRow[r]], second.product[second.byRow[r]]);
                    shareState[at] = KNOWN;
                }
            }
        }
        first.product = null;
        second.product = null;
    }

    private void ratios() {
        if (members.length == 1) {
            alone();
            return;
        }
        double[][][] ofMember =
                Arrays.stream(members).map(FindingAtNodes::probability).toArray(double[][][]::new);
        double[] product = new double[nodes.inner];
        double[][] probability = new double[members.length][];
        for (int r = 0; r < rows; r++) {
            for (int m = 0; m < members.length; m++) {
                probability[m] = ofMember[m][placeByRow[m][r]];
            }
            for (int i = 0; i < nodes.outer; i++) {
                int at = r * nodes.outer + i;
                if (ratioState[at] == ASKED) {
                    ratios(i * nodes.inner, at, product, probability);
                    ratioState[at] = KNOWN;
                }
            }
        }
    }

    private void ratios(int node, int at, double[] product, double[][] probability) {
        System.arraycopy(nodes.innerWeight, 0, product, 0, product.length);
        for (double[] p : probability) {
            multiply(product, p, node);
        }
        double sum = 0;
        for (double p : product) {
            sum += p;
        }
        for (int m = 0; m < members.length; m++) {
            double without = without(product, probability[m], node);
            ratioWithout[at * members.length + m] = sum > 0 ? without / sum : 0;
        }
    }

    private static void multiply(double[] product, double[] probability, int node) {
        for (int j = 0, k = node; j < product.length; j++, k++) {
            product[j] *= probability[k];
        }
    }

    private double sum(double[] first, double[] second) {
        double[] weight = nodes.innerWeight;
        double sum = 0;
        for (int j = 0; j < weight.length; j++) {
            sum += weight[j] * first[j] * second[j];
        }
        return sum;
    }

    private static double without(double[] product, double[] probability, int from) {
        double sum = 0;
        for (int j = 0, k = from; j < product.length; j++, k++) {
            sum += product[j] / probability[k];
        }
        return sum;
    }

    /** Some of the findings multiplied, at the outer node of the moment: by row of what they tell apart, then by inner node. */
    private final class Product {
        final Rows rows = new Rows(1 << causes.length);
        double[][] product;
        /** By row of the family, the row here. */
        int[] byRow;

        private final int from;
        private final int[][] places;

        Product(int from, int to, int[][] placeOf) {
            this.from = from;
            for (int m = from; m < to; m++) {
                rows.tellApart(placeOf[m], members[m].places);
            }
            places = new int[to - from][];
            for (int m = from; m < to; m++) {
                places[m - from] = rows.of(placeOf[m]);
            }
        }

        void multiply(int outer) {
            if (product == null) {
                product = new double[rows.count][nodes.inner];
            }
            int node = outer * nodes.inner;
            double[][] p = members[from].probability();
            for (int r = 0; r < product.length; r++) {
                System.arraycopy(p[places[0][r]], node, product[r], 0, nodes.inner);
            }
            for (int m = 1; m < places.length; m++) {
                p = members[from + m].probability();
                for (int r = 0; r < product.length; r++) {
                    FamilyTable.multiply(product[r], p[places[m][r]], node);
                }
            }
        }
    }
}
