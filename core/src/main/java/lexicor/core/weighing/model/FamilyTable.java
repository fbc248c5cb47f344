package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;
import lexicor.core.numbers.NormalTable;

/**
 * One family's part of {@code P(results | S)} for every set of the conditions that its findings ask about (method M17), at each node of
 * the general factor, its own factor integrated out. Sets that none of its findings can tell apart share a row. Immutable, and the
 * same whichever other conditions are considered.
 */
final class FamilyTable {
    private static final double RESCALE_BELOW = 1e-120;

    final List<Explained> findings;
    /** Places in the case of the conditions that the findings ask about, rising. */
    final int[] causes;
    /** By set of those, the place of its row. */
    final int[] row;
    /** By row, then by outer node, up to a factor that is the same for all. */
    final double[] share;
    /** By finding: the share without it as a ratio to the share. */
    final double[][] ratioWithout;

    private final Nodes nodes;

    FamilyTable(Nodes nodes, List<Explained> findings) {
        this.nodes = nodes;
        this.findings = List.copyOf(findings);
        causes = findings.stream()
                .flatMapToInt(f -> Arrays.stream(f.causes()))
                .distinct()
                .sorted()
                .toArray();
        row = new int[1 << causes.length];
        Member[] members = findings.stream().map(Member::new).toArray(Member[]::new);
        int rows = 1;
        for (Member m : members) {
            rows = tellApart(rows, m);
        }
        for (Member m : members) {
            m.placeByRow(rows);
        }
        share = new double[rows * nodes.outer];
        ratioWithout = new double[members.length][share.length];
        if (members.length == 1) {
            alone(members[0]);
        } else {
            together(members, rows);
        }
    }

    /** By set of some conditions, which of others are in it, as a set of those. */
    static int[] among(int[] conditions, int[] others) {
        int[] among = new int[1 << conditions.length];
        for (int c = 0; c < conditions.length; c++) {
            int place = Arrays.binarySearch(others, conditions[c]);
            int own = place < 0 ? 0 : 1 << place;
            for (int rest = 0; rest < 1 << c; rest++) {
                among[rest | 1 << c] = among[rest] | own;
            }
        }
        return among;
    }

    /** Splits the rows by what one more finding tells apart, and returns how many there are then. */
    private int tellApart(int rows, Member m) {
        int[] known = new int[rows * m.places];
        int count = 0;
        for (int set = 0; set < row.length; set++) {
            int at = row[set] * m.places + m.placeOf[set];
            if (known[at] == 0) {
                known[at] = ++count;
            }
            row[set] = known[at] - 1;
        }
        return count;
    }

    /** A family of one has its integral in closed form. */
    private void alone(Member only) {
        for (int r = 0; r < share.length / nodes.outer; r++) {
            double a = only.threshold[only.placeByRow[r]] * nodes.outerScale;
            for (int i = 0; i < nodes.outer; i++) {
                int at = r * nodes.outer + i;
                share[at] = NormalTable.cdf(only.sign * (a + nodes.outerShift[i]));
                ratioWithout[0][at] = 1 / share[at];
            }
        }
    }

    private void together(Member[] members, int rows) {
        double[] product = new double[rows * nodes.inner];
        double[] logScale = new double[nodes.outer];
        for (int i = 0; i < nodes.outer; i++) {
            Arrays.fill(product, 1);
            for (Member m : members) {
                m.at(i);
                logScale[i] += multiply(product, m);
            }
            for (int r = 0; r < rows; r++) {
                integrate(product, r, i, members);
            }
        }
        double most = Arrays.stream(logScale).max().orElse(0);
        for (int at = 0; at < share.length; at++) {
            share[at] *= Math.exp(logScale[at % nodes.outer] - most);
        }
    }

    /** Multiplies one finding in and returns the logarithm of the scale taken out, so that many do not underflow. */
    private double multiply(double[] product, Member m) {
        double largest = 0;
        for (int r = 0, k = 0; r < m.placeByRow.length; r++) {
            double[] p = m.atInner[m.placeByRow[r]];
            for (int j = 0; j < p.length; j++, k++) {
                double value = product[k] * p[j];
                product[k] = value;
                if (value > largest) {
                    largest = value;
                }
            }
        }
        if (largest >= RESCALE_BELOW) {
            return 0;
        }
        for (int k = 0; k < product.length; k++) {
            product[k] /= largest;
        }
        return Math.log(largest);
    }

    private void integrate(double[] product, int r, int outer, Member[] members) {
        int from = r * nodes.inner;
        double sum = 0;
        for (int j = 0; j < nodes.inner; j++) {
            sum += nodes.innerWeight[j] * product[from + j];
        }
        int at = r * nodes.outer + outer;
        share[at] = sum;
        for (int m = 0; m < members.length; m++) {
            double[] weightByP = members[m].weightByP[members[m].placeByRow[r]];
            double without = 0;
            for (int j = 0; j < nodes.inner; j++) {
                without += product[from + j] * weightByP[j];
            }
            ratioWithout[m][at] = sum > 0 ? without / sum : 0;
        }
    }

    /** A finding with the probability of its result in each place: a place for sets that it cannot tell apart. */
    private final class Member {
        final int[] placeOf;
        final int places;
        final double[] threshold;
        final double sign;
        int[] placeByRow;
        /** By place, then by inner node, at the outer node of the moment. */
        private double[][] atInner;
        /** The inner node's weight divided by that. */
        private double[][] weightByP;

        Member(Explained finding) {
            int[] alike = finding.alike();
            int[] place = new int[alike.length];
            threshold = new double[alike.length];
            sign = finding.positive() ? 1 : -1;
            int count = 0;
            for (int set = 0; set < alike.length; set++) {
                if (alike[set] == set) {
                    threshold[count] = finding.threshold(set);
                    place[set] = count++;
                }
            }
            int[] own = among(causes, finding.causes());
            placeOf = Arrays.stream(own).map(set -> place[alike[set]]).toArray();
            places = count;
        }

        void placeByRow(int rows) {
            placeByRow = new int[rows];
            for (int set = 0; set < row.length; set++) {
                placeByRow[row[set]] = placeOf[set];
            }
            atInner = new double[places][nodes.inner];
            weightByP = new double[places][nodes.inner];
        }

        void at(int outer) {
            for (int k = 0; k < places; k++) {
                double a = threshold[k] * nodes.scale;
                for (int j = 0; j < nodes.inner; j++) {
                    double p = NormalTable.cdf(sign * (a + nodes.shift[outer * nodes.inner + j]));
                    atInner[k][j] = p;
                    weightByP[k][j] = nodes.innerWeight[j] / p;
                }
            }
        }
    }
}
