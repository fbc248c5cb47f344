package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;

/**
 * A family without each of its findings as a ratio to the whole. Worked out where it is asked for, once, and no more exactly than its use
 * in {@link NearSets} needs.
 */
final class NearTable implements Remembered {
    /** A ratio is no larger, so that what it is multiplied by does not overflow. */
    private static final double MOST = 1e30;

    private static final float ASKED = -1;

    private final FamilyTable family;
    private final Nodes nodes;
    private final List<FindingAtNodes> members;
    private final int count;
    /** By outer node, then by row and finding; null where none was asked for. */
    private final float[][] without;
    /** By outer node, then by row, the whole. */
    private final double[][] whole;

    private final double[][] before;
    private final double[][] after;

    /**
     * @param nodes the family's, with few for its own factor
     * @param members its findings at those
     */
    NearTable(FamilyTable family, Nodes nodes, List<FindingAtNodes> members) {
        this.family = family;
        this.nodes = nodes;
        this.members = members;
        count = family.findings.size();
        without = new float[nodes.outer][];
        whole = new double[nodes.outer][];
        before = new double[count][nodes.inner];
        after = new double[count][nodes.inner];
        System.arraycopy(nodes.innerWeight, 0, before[0], 0, nodes.inner);
        Arrays.fill(after[count - 1], 1);
    }

    @Override
    public int numbers() {
        return nodes.outer * family.rows * (count + 2) / 2;
    }

    /**
     * By finding, by which of a few outer nodes, then by set.
     *
     * @param node by which of the nodes, then by set
     * @param rowOf by set, the family's row
     */
    synchronized float[][][] without(int[][] node, int[] rowOf) {
        workOut(node, rowOf);
        float[][][] ratios = new float[count][node.length][rowOf.length];
        for (int k = 0; k < node.length; k++) {
            for (int set = 0; set < rowOf.length; set++) {
                float[] known = without[node[k][set]];
                int at = rowOf[set] * count;
                for (int m = 0; m < count; m++) {
                    ratios[m][k][set] = known[at + m];
                }
            }
        }
        return ratios;
    }

    /**
     * Multiplies by the whole.
     *
     * @param node by which of the nodes, then by set
     * @param rowOf by set, the family's row
     * @param numbers by which of the nodes, then by set
     */
    synchronized void times(int[][] node, int[] rowOf, double[][] numbers) {
        workOut(node, rowOf);
        for (int k = 0; k < node.length; k++) {
            for (int set = 0; set < rowOf.length; set++) {
                numbers[k][set] *= whole[node[k][set]][rowOf[set]];
            }
        }
    }

    private void workOut(int[][] node, int[] rowOf) {
        boolean[] asked = new boolean[nodes.outer];
        for (int[] of : node) {
            for (int set = 0; set < rowOf.length; set++) {
                ask(of[set], rowOf[set], asked);
            }
        }
        for (int outer = 0; outer < asked.length; outer++) {
            if (asked[outer]) {
                workOut(outer);
            }
        }
    }

    private void ask(int outer, int row, boolean[] asked) {
        if (without[outer] == null) {
            without[outer] = new float[family.rows * count];
            whole[outer] = new double[family.rows];
        }
        if (without[outer][row * count] == 0) {
            without[outer][row * count] = ASKED;
            asked[outer] = true;
        }
    }

    /** A node at a time, so that what is needed for it is at hand. */
    private void workOut(int outer) {
        double[][][] probability = members.stream().map(m -> m.at(outer)).toArray(double[][][]::new);
        for (int row = 0; row < family.rows; row++) {
            if (without[outer][row * count] == ASKED) {
                workOut(outer, row, probability);
            }
        }
    }

    /** Without a finding there is what comes before it and what comes after it. */
    private void workOut(int outer, int row, double[][][] probability) {
        int last = count - 1;
        for (int m = 0; m < last; m++) {
            FamilyTable.multiply(before[m], probability[m][family.placeByRow[m][row]], before[m + 1]);
            int n = last - m;
            FamilyTable.multiply(after[n], probability[n][family.placeByRow[n][row]], after[n - 1]);
        }
        double sum = FamilyTable.dot(before[last], probability[last][family.placeByRow[last][row]]);
        whole[outer][row] = sum;
        for (int m = 0; m <= last; m++) {
            double ratio = FamilyTable.dot(before[m], after[m]) / sum;
            without[outer][row * count + m] = sum > 0 ? (float) Math.min(MOST, ratio) : 1;
        }
    }
}
