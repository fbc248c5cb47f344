package lexicor.core.weighing.model;

import java.util.Arrays;

/** For each set a few outer nodes next to each other, around its mean, whose numbers say nearly as much as all of them. */
final class FewNodes {
    private static final int MOST = 13;
    /** What is less has no say, and would not be a normal number once it is multiplied. */
    private static final double LEAST = 1e-30;

    /** By which of them, then by set, the node. */
    final int[][] node;
    /** By which of them, then by set, its number, so that they add up to the set's part of everything. */
    final float[][] weight;

    FewNodes(Joint joint, int outer) {
        int count = Math.min(MOST, outer);
        int sets = joint.sets();
        node = new int[count][sets];
        weight = new float[count][sets];
        double[] moment = new double[sets];
        for (int i = 0; i < joint.nodes(); i++) {
            double[] numbers = joint.at(i);
            for (int set = 0; set < sets; set++) {
                moment[set] += numbers[set] * i;
            }
        }
        double everything = Arrays.stream(joint.sum).sum();
        for (int set = 0; set < sets; set++) {
            double mean = joint.from + (joint.sum[set] > 0 ? moment[set] / joint.sum[set] : 0);
            int from = Math.min(outer - count, Math.max(0, (int) Math.round(mean - (count - 1) / 2.0)));
            for (int k = 0; k < count; k++) {
                node[k][set] = from + k;
            }
            weigh(set, joint, everything);
        }
    }

    private void weigh(int set, Joint joint, double everything) {
        double known = 0;
        for (int[] of : node) {
            known += number(joint, of[set], set);
        }
        double scale = joint.sum[set] / everything / known;
        for (int k = 0; k < node.length; k++) {
            double made = scale * number(joint, node[k][set], set);
            weight[k][set] = made > LEAST ? (float) made : 0;
        }
    }

    private static double number(Joint joint, int node, int set) {
        int at = node - joint.from;
        return at >= 0 && at < joint.nodes() ? joint.at(at)[set] : 0;
    }
}
