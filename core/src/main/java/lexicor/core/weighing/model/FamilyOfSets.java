package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;
import lexicor.core.numbers.NormalTable;

/**
 * One family's part of {@code P(results | S)} for every set S of conditions (method M17), at each node of the general factor, its
 * own factor integrated out. It depends on S only through the conditions that turn one of its findings positive, so that a row is
 * kept for each combination of those. Immutable.
 */
final class FamilyOfSets {
    private static final double RESCALE_BELOW = 1e-120;

    final List<Explained> findings;
    /** By row, then by outer node, up to a factor that is the same for all. */
    final double[] share;
    /** By finding: the share without it as a ratio to the share. */
    final double[][] ratioWithout;

    private final Nodes nodes;
    /** The conditions that matter here, as a set. */
    private final int causes;

    FamilyOfSets(Nodes nodes, List<Explained> findings) {
        this.nodes = nodes;
        this.findings = List.copyOf(findings);
        causes = findings.stream().mapToInt(Explained::causes).reduce(0, (a, b) -> a | b);
        share = new double[(1 << Integer.bitCount(causes)) * nodes.outer];
        ratioWithout = new double[findings.size()][share.length];
        if (findings.size() == 1) {
            alone(findings.get(0));
        } else {
            together();
        }
    }

    /** The row of a set: the place of its combination of the conditions that matter here. */
    int row(int set) {
        return placeAmong(set, causes);
    }

    /** The bits of the set that the mask has, drawn together. */
    private static int placeAmong(int set, int mask) {
        int place = 0;
        int bit = 0;
        for (int left = mask; left != 0; left &= left - 1) {
            if ((set & Integer.lowestOneBit(left)) != 0) {
                place |= 1 << bit;
            }
            bit++;
        }
        return place;
    }

    /** The set of a place, the other way round. */
    private static int setAt(int place, int mask) {
        int set = 0;
        int bit = 0;
        for (int left = mask; left != 0; left &= left - 1) {
            if ((place >> bit & 1) == 1) {
                set |= Integer.lowestOneBit(left);
            }
            bit++;
        }
        return set;
    }

    /** A family of one has its integral in closed form. */
    private void alone(Explained only) {
        double sign = only.positive() ? 1 : -1;
        for (int row = 0; row < share.length / nodes.outer; row++) {
            double a = only.threshold(setAt(row, causes)) * nodes.outerScale;
            for (int i = 0; i < nodes.outer; i++) {
                int at = row * nodes.outer + i;
                share[at] = NormalTable.cdf(sign * (a + nodes.outerShift[i]));
                ratioWithout[0][at] = 1 / share[at];
            }
        }
    }

    private void together() {
        int rows = share.length / nodes.outer;
        int inner = nodes.inner;
        Member[] members = findings.stream().map(f -> new Member(f, rows)).toArray(Member[]::new);
        double[] product = new double[rows * inner];
        double[] logScale = new double[nodes.outer];
        for (int i = 0; i < nodes.outer; i++) {
            Arrays.fill(product, 1);
            for (Member m : members) {
                m.at(i);
                logScale[i] += multiply(product, m);
            }
            for (int row = 0; row < rows; row++) {
                integrate(product, row, i, members);
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
        for (int row = 0, k = 0; row < m.place.length; row++) {
            double[] p = m.atInner[m.place[row]];
            for (int j = 0; j < p.length; j++, k++) {
                product[k] *= p[j];
                largest = Math.max(largest, product[k]);
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

    private void integrate(double[] product, int row, int outer, Member[] members) {
        int from = row * nodes.inner;
        double sum = 0;
        for (int j = 0; j < nodes.inner; j++) {
            sum += nodes.innerWeight[j] * product[from + j];
        }
        int at = row * nodes.outer + outer;
        share[at] = sum;
        for (int m = 0; m < members.length; m++) {
            double[] p = members[m].atInner[members[m].place[row]];
            double without = 0;
            for (int j = 0; j < nodes.inner; j++) {
                without += nodes.innerWeight[j] * product[from + j] / p[j];
            }
            ratioWithout[m][at] = sum > 0 ? without / sum : 0;
        }
    }

    /** A finding with the probability of its result for each combination of its own causes. */
    private final class Member {
        /** By the family's row, the place of the finding's own combination. */
        final int[] place;
        /** By place, then by inner node, at the outer node of the moment. */
        final double[][] atInner;

        private final double[] scaledThreshold;
        private final double sign;

        Member(Explained finding, int rows) {
            int own = finding.causes();
            place = new int[rows];
            for (int row = 0; row < rows; row++) {
                place[row] = placeAmong(setAt(row, causes), own);
            }
            scaledThreshold = new double[1 << Integer.bitCount(own)];
            for (int k = 0; k < scaledThreshold.length; k++) {
                scaledThreshold[k] = finding.threshold(setAt(k, own)) * nodes.scale;
            }
            atInner = new double[scaledThreshold.length][nodes.inner];
            sign = finding.positive() ? 1 : -1;
        }

        void at(int outer) {
            for (int k = 0; k < scaledThreshold.length; k++) {
                for (int j = 0; j < nodes.inner; j++) {
                    atInner[k][j] = NormalTable.cdf(sign * (scaledThreshold[k] + nodes.shift[outer * nodes.inner + j]));
                }
            }
        }
    }
}
