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
    private double[][] probability;

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
        placeOf = new int[alike.length];
        for (int set = 0; set < alike.length; set++) {
            placeOf[set] = place[alike[set]];
        }
    }

    /** By place, then by outer and inner node. */
    synchronized double[][] probability() {
        if (probability == null) {
            probability = new double[places][];
            for (int k = 0; k < places; k++) {
                probability[k] = at(threshold[k] * nodes.scale, nodes.shift);
            }
        }
        return probability;
    }

    @Override
    public int numbers() {
        return places * nodes.shift.length;
    }

    /** At one place by outer node, the family's own factor integrated out: in closed form, where it has no other finding. */
    double[] alone(int place) {
        return at(threshold[place] * nodes.outerScale, nodes.outerShift);
    }

    private double[] at(double threshold, double[] shift) {
        double[] p = new double[shift.length];
        for (int k = 0; k < p.length; k++) {
            p[k] = NormalTable.cdf(sign * (threshold + shift[k]));
        }
        return p;
    }
}
