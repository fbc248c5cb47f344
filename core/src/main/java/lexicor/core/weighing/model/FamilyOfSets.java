package lexicor.core.weighing.model;

import java.util.List;

/** A family's table as the sets of the conditions considered read it (method M17). Immutable. */
final class FamilyOfSets {
    final List<Explained> findings;
    /** By set, the place of its row. */
    final int[] row;
    /** By set, which of the conditions are in it that the findings ask about, as a set of those alone. */
    final int[] causes;
    /** By set of those, the place of its row. */
    final int[] rowByCauses;
    /** By row, then by outer node, up to a factor that is the same for all. */
    final double[] share;
    /** By finding: the share without it as a ratio to the share. */
    final double[][] ratioWithout;

    private final Nodes nodes;

    /**
     * @param conditions places in the case of the conditions considered, rising
     */
    FamilyOfSets(Nodes nodes, FamilyTable table, int[] conditions) {
        this.nodes = nodes;
        findings = table.findings;
        causes = FamilyTable.among(conditions, table.causes);
        rowByCauses = table.row;
        share = table.share;
        ratioWithout = table.ratioWithout;
        row = new int[causes.length];
        for (int set = 0; set < row.length; set++) {
            row[set] = rowByCauses[causes[set]];
        }
    }

    /**
     * By row and outer node, the share as a ratio to that of the same family with fewer findings, which tell apart no sets that these
     * do not.
     */
    double[] ratioTo(FamilyOfSets fewer) {
        int[] rowAmongFewer = new int[share.length / nodes.outer];
        for (int set = 0; set < row.length; set++) {
            rowAmongFewer[row[set]] = fewer.row[set];
        }
        double[] ratio = new double[share.length];
        for (int at = 0; at < share.length; at++) {
            double before = fewer.share[rowAmongFewer[at / nodes.outer] * nodes.outer + at % nodes.outer];
            ratio[at] = before > 0 ? share[at] / before : 0;
        }
        return ratio;
    }
}
