package lexicor.core.weighing.model;

import java.util.List;

/** A family's table as the sets of the conditions considered read it (method M17). */
final class FamilyOfSets {
    final List<Explained> findings;
    /** By set, the place of its row. */
    final int[] row;
    /** By set, which of the conditions are in it that the findings ask about, as a set of those alone. */
    final int[] causes;
    /** By set of those, the place of its row. */
    final int[] rowByCauses;

    final FamilyTable table;

    /**
     * @param conditions places in the case of the conditions considered, rising
     */
    FamilyOfSets(FamilyTable table, int[] conditions) {
        this.table = table;
        findings = table.findings;
        causes = FamilyTable.among(conditions, table.causes);
        rowByCauses = table.row;
        row = new int[causes.length];
        for (int set = 0; set < row.length; set++) {
            row[set] = rowByCauses[causes[set]];
        }
    }

    /**
     * By row and outer node, the share as a ratio to that of the same family with fewer findings, which tell apart no sets that these
     * do not.
     *
     * @param bands by set, where it is needed
     */
    double[] ratioTo(FamilyOfSets fewer, Bands bands, int outer) {
        double[] ratio = table.share(bands, bands.each(), row).clone();
        double[] before = fewer.table.share(bands, bands.each(), fewer.row);
        int[] rowAmongFewer = new int[table.rows];
        for (int set = 0; set < row.length; set++) {
            rowAmongFewer[row[set]] = fewer.row[set];
        }
        for (int r = 0, at = 0; r < rowAmongFewer.length; r++) {
            int from = rowAmongFewer[r] * outer;
            for (int i = 0; i < outer; i++, at++) {
                ratio[at] = before[from + i] > 0 ? ratio[at] / before[from + i] : 0;
            }
        }
        return ratio;
    }
}
