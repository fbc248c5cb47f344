package lexicor.core.numbers;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.linear.EigenDecompositionSymmetric;

/**
 * Nodes and weights that integrate against the standard normal density: {@code ∫ f(z) φ(z) dz = sum of w_i f(z_i)}, exactly for
 * polynomials of degree below twice their number. Immutable.
 *
 * <p>The nodes are the eigenvalues of the Hermite polynomials' tridiagonal matrix (Golub and Welsch 1969); the weights are
 * Christoffel's, {@code 1 / sum over k of h_k(z_i)²} with the orthonormal polynomials, which keeps even the smallest accurate.
 */
public final class GaussHermite {
    /** A rule is costly to work out and always the same. */
    private static final Map<Integer, GaussHermite> RULES = new ConcurrentHashMap<>();

    private final double[] nodes;
    private final double[] weights;

    private GaussHermite(double[] nodes, double[] weights) {
        this.nodes = nodes;
        this.weights = weights;
    }

    /**
     * @param n how many nodes, at least 1; a single one stands at 0
     */
    public static GaussHermite of(int n) {
        return RULES.computeIfAbsent(n, GaussHermite::rule);
    }

    private static GaussHermite rule(int n) {
        if (n == 1) {
            return new GaussHermite(new double[] {0}, new double[] {1});
        }
        double[] beside = new double[n - 1];
        for (int k = 1; k < n; k++) {
            beside[k - 1] = Math.sqrt(k);
        }
        double[] z = new EigenDecompositionSymmetric(new double[n], beside).getEigenvalues();
        Arrays.sort(z);
        double[] w = new double[n];
        double sum = 0;
        for (int i = 0; i < n; i++) {
            // One of a pair is the other's mirror image, whatever rounding made of it.
            double mean = (z[i] - z[n - 1 - i]) / 2;
            z[i] = mean;
            z[n - 1 - i] = -mean;
            w[i] = weight(n, mean);
            sum += w[i];
        }
        for (int i = 0; i < n; i++) {
            w[i] /= sum;
        }
        return new GaussHermite(z, w);
    }

    private static double weight(int n, double z) {
        double before = 0;
        double here = 1;
        double sum = 1;
        for (int k = 1; k < n; k++) {
            double next = (z * here - Math.sqrt(k - 1.0) * before) / Math.sqrt(k);
            before = here;
            here = next;
            sum += here * here;
        }
        return 1 / sum;
    }

    public int size() {
        return nodes.length;
    }

    public double at(int i) {
        return nodes[i];
    }

    /** A copy of the weights, which sum to 1. */
    public double[] weights() {
        return weights.clone();
    }
}
