package lexicor.core.weighing.model;

import lexicor.core.numbers.NormalTable;

/**
 * How probable a finding's result is at each pair of nodes, for the sets of its causes: a place for those that it cannot tell apart. The
 * same in every family that it stands in. What is costly is worked out on first use.
 */
final class FindingAtNodes implements Remembered {
    /** By set of its causes, its place. */
    final int[] placeOf;

    final int places;

    private final Nodes nodes;
    private final double sign;
    private final double[] threshold;
    /** By outer node, place and inner node; null where it was not asked for. */
    private final double[][][] probability;

    FindingAtNodes(Nodes nodes, Explained finding) {
        this.nodes = nodes;
        sign = finding.positive() ? 1 : -1;
        int[] alike = finding.alike();
        int[] place = new int[alike.length];
        threshold = new double[alike.length];
        int count = 0;
        for (int set = 0; set < alike.length; set++) {
            if (alike[set] == set) {
                threshold[count] = finding.threshold(set);
                place[set] = count++;
            }
        }
        places = count;
        probability = new double[nodes.outer][][];
        placeOf = new int[alike.length];
        for (int set = 0; set < alike.length; set++) {
            placeOf[set] = place[alike[set]];
        }
    }

    /** At an outer node, by place, then by inner node. */
    synchronized double[][] at(int outer) {
        if (probability[outer] == null) {
            double[][] made = new double[places][];
            for (int k = 0; k < places; k++) {
                made[k] = at(threshold[k] * nodes.scale, nodes.shift, outer * nodes.inner, nodes.inner);
            }
            probability[outer] = made;
        }
        return probability[outer];
    }

    @Override
    public int numbers() {
        return places * nodes.shift.length;
    }

    /** At an outer node by place, the family's own factor integrated out: in closed form, where it has no other finding. */
    double[] alone(int outer) {
        double[] p = new double[places];
        for (int k = 0; k < places; k++) {
            p[k] = NormalTable.cdf(sign * (threshold[k] * nodes.outerScale + nodes.outerShift[outer]));
        }
        return p;
    }

    private double[] at(double threshold, double[] shift, int from, int count) {
        double[] p = new double[count];
        for (int k = 0; k < count; k++) {
            p[k] = NormalTable.cdf(sign * (threshold + shift[from + k]));
        }
        return p;
    }
}
