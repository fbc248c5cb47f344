package lexicor.core.weighing.model;

/**
 * What rows of {@link Bands} are multiplied by: a number by row and outer node, of several that stand side by side.
 *
 * @param value by row, then by outer node, then by which of them
 * @param outer how many outer nodes there are
 * @param step how many stand side by side
 * @param which of them it is
 */
record Factor(double[] value, int outer, int step, int which) {
    static Factor of(double[] value, int outer) {
        return new Factor(value, outer, 1, 0);
    }

    int at(int row, int node) {
        return (row * outer + node) * step + which;
    }
}
