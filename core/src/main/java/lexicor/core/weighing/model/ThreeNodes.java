package lexicor.core.weighing.model;

/**
 * For each row of some bands three nodes, and weights that give the sum of the row's numbers times a smooth factor: they have the row's
 * sum, mean and variance along the nodes, as the Gauss rule of three nodes has for a normal density.
 */
final class ThreeNodes {
    /** By row, the node in the middle. */
    final int[] middle;
    /** By row, how far the two others are from it. */
    final int[] step;

    private final double[] below;
    private final double[] at;
    private final double[] above;

    ThreeNodes(Bands bands, double[] value, int[] origin) {
        middle = new int[bands.rows];
        step = new int[bands.rows];
        below = new double[bands.rows];
        at = new double[bands.rows];
        above = new double[bands.rows];
        for (int r = 0; r < bands.rows; r++) {
            place(r, bands, value, origin[r]);
        }
    }

    private void place(int r, Bands bands, double[] value, int origin) {
        int from = bands.from[r];
        int to = bands.to[r];
        double total = 0;
        double first = 0;
        double second = 0;
        for (int i = from; i < to; i++) {
            double v = value[origin + i];
            total += v;
            first += v * i;
            second += v * i * i;
        }
        if (total == 0) {
            return;
        }
        double mean = first / total;
        double variance = Math.max(0, second / total - mean * mean);
        int most = (to - from - 1) / 2;
        step[r] = Math.min(most, Math.max(1, (int) Math.round(Math.sqrt(3 * variance))));
        middle[r] = Math.min(to - 1 - step[r], Math.max(from + step[r], (int) Math.round(mean)));
        double off = mean - middle[r];
        double square = variance + off * off;
        double s = step[r];
        below[r] = s == 0 ? 0 : total * (square - off * s) / (2 * s * s);
        above[r] = s == 0 ? 0 : total * (square + off * s) / (2 * s * s);
        at[r] = total - below[r] - above[r];
    }

    /**
     * A row's sums with several factors.
     *
     * @param factors by row, node and factor
     * @param origin where those of the row's own are
     * @param into what they are added to
     * @param to where the first of them is
     */
    void addSums(int row, double[] factors, int count, int origin, double[] into, int to) {
        int k = origin + middle[row] * count;
        int s = step[row] * count;
        double ofBelow = below[row];
        double ofMiddle = at[row];
        double ofAbove = above[row];
        for (int f = to; f < to + count; f++, k++) {
            into[f] += ofBelow * factors[k - s] + ofMiddle * factors[k] + ofAbove * factors[k + s];
        }
    }
}
