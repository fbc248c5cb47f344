package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Prior and shares multiplied, family by family. A condition comes in with the first family that asks about it, those that bring few first,
 * so that most is multiplied for few sets.
 */
final class JointOfSets {
    private final Nodes nodes;
    private final int[] conditions;
    private final List<Double> pretests;
    /** Places in the case of the conditions that have come in, rising. */
    private int[] in = {};

    private Bands joint;

    /**
     * @param conditions places in the case of all conditions considered, rising
     * @param pretests of those
     */
    JointOfSets(Nodes nodes, int[] conditions, List<Double> pretests) {
        this.nodes = nodes;
        this.conditions = conditions;
        this.pretests = pretests;
        joint = Bands.of(nodes.outerWeight);
    }

    void multiply(List<FamilyTable> families) {
        List<FamilyTable> left = new ArrayList<>(families);
        while (!left.isEmpty()) {
            FamilyTable next = left.stream()
                    .min(Comparator.<FamilyTable>comparingInt(t -> with(t.causes).length)
                            .thenComparingInt(t -> t.causes.length))
                    .orElseThrow();
            left.remove(next);
            int[] more = with(next.causes);
            int[] causes = FamilyTable.among(more, next.causes);
            int[] row = Arrays.stream(causes).map(set -> next.row[set]).toArray();
            int[] parent = FamilyTable.among(more, in);
            joint = joint.times(parent, prior(more), row, Factor.of(next.share(joint, parent, row), nodes.outer));
            in = more;
        }
    }

    /** By set of all conditions, those that no family asks about included. */
    Bands ofAll() {
        if (in.length == conditions.length) {
            return joint;
        }
        double[] one = new double[nodes.outer];
        Arrays.fill(one, 1);
        int[] parent = FamilyTable.among(conditions, in);
        return joint.times(parent, prior(conditions), new int[parent.length], Factor.of(one, nodes.outer));
    }

    private int[] with(int[] further) {
        return Arrays.stream(conditions)
                .filter(c -> Arrays.binarySearch(in, c) >= 0 || Arrays.binarySearch(further, c) >= 0)
                .toArray();
    }

    /** By set, how probable it is that of the conditions which come in exactly those in the set are there. */
    private double[] prior(int[] more) {
        double[] prior = new double[1 << more.length];
        prior[0] = 1;
        for (int c = 0; c < more.length; c++) {
            boolean known = Arrays.binarySearch(in, more[c]) >= 0;
            double p = pretests.get(Arrays.binarySearch(conditions, more[c]));
            for (int others = 0; others < 1 << c; others++) {
                prior[others | 1 << c] = known ? prior[others] : prior[others] * p;
                prior[others] *= known ? 1 : 1 - p;
            }
        }
        return prior;
    }
}
