package lexicor.core.numbers;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * Nodes and weights that integrate against the standard normal density: {@code ∫ f(z) φ(z) dz = sum of w_i f(z_i)}, exactly for
 * polynomials of degree below twice their number. Immutable.
 */
public final class GaussHermite {
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
        // The rule for exp(-x²), stretched to the density's width.
        GaussIntegrator hermite = new GaussIntegratorFactory().hermite(n);
        double[] z = new double[n];
        double[] w = new double[n];
        double sum = 0;
        for (int i = 0; i < n; i++) {
            z[i] = Math.sqrt(2) * hermite.getPoint(i);
            w[i] = hermite.getWeight(i);
            sum += w[i];
        }
        for (int i = 0; i < n; i++) {
            w[i] /= sum;
        }
        return new GaussHermite(z, w);
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
