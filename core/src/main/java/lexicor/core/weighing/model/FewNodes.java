package lexicor.core.weighing.model;

/** For each set a few outer nodes next to each other, around its mean, that say nearly as much of it as all of them. */
final class FewNodes {
    private static final int MOST = 9;

    /** By which of them, then by set, the node. */
    final int[][] node;

    /**
     * @param joint by the exact nodes and by set
     * @param few the nodes to choose from
     */
    FewNodes(Joint joint, Nodes exact, Nodes few) {
        int count = Math.min(MOST, few.outer);
        int sets = joint.sets();
        node = new int[count][sets];
        double[] moment = new double[sets];
        for (int i = 0; i < joint.nodes(); i++) {
            double[] numbers = joint.at(i);
            double shift = exact.outerShift[joint.from + i];
            for (int set = 0; set < sets; set++) {
                moment[set] += numbers[set] * shift;
            }
        }
        for (int set = 0; set < sets; set++) {
            double mean = joint.sum[set] > 0 ? moment[set] / joint.sum[set] : 0;
            int from = Math.min(few.outer - count, Math.max(0, nearest(mean, few.outerShift) - count / 2));
            for (int k = 0; k < count; k++) {
                node[k][set] = from + k;
            }
        }
    }

    private static int nearest(double shift, double[] shifts) {
        int nearest = 0;
        for (int i = 1; i < shifts.length; i++) {
            if (Math.abs(shifts[i] - shift) <= Math.abs(shifts[nearest] - shift)) {
                nearest = i;
            }
        }
        return nearest;
    }
}
