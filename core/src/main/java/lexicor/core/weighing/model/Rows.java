package lexicor.core.weighing.model;

/** Sets put into rows by what tells them apart. */
final class Rows {
    /** By set, its row. */
    final int[] of;

    int count = 1;

    Rows(int sets) {
        of = new int[sets];
    }

    /**
     * @param place by set, its place among so many
     */
    void tellApart(int[] place, int places) {
        int[] known = new int[count * places];
        count = 0;
        for (int set = 0; set < of.length; set++) {
            int at = of[set] * places + place[set];
            if (known[at] == 0) {
                known[at] = ++count;
            }
            of[set] = known[at] - 1;
        }
    }

    /** By row, the place of its sets. */
    int[] of(int[] place) {
        int[] byRow = new int[count];
        for (int set = 0; set < of.length; set++) {
            byRow[of[set]] = place[set];
        }
        return byRow;
    }
}
