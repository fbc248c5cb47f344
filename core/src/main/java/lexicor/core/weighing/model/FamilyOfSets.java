package lexicor.core.weighing.model;

import java.util.List;

/** A family's table as the sets of the conditions considered read it (method M17). */
final class FamilyOfSets {
    final List<Explained> findings;
    /** By set, the place of its row. */
    final int[] row;

    /** By set, which of the conditions are in it that the findings ask about, as a set of those alone. */
    final int[] causes;

    final FamilyTable table;

    /**
     * @param conditions places in the case of the conditions considered, rising
     */
    FamilyOfSets(FamilyTable table, int[] conditions) {
        this.table = table;
        findings = table.findings;
        causes = FamilyTable.among(conditions, table.causes);
        row = new int[causes.length];
        for (int set = 0; set < row.length; set++) {
            row[set] = table.row[causes[set]];
        }
    }
}
