package lexicor.core.weighing;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * Quadrature nodes for one pair of overlaps (method M4): the general factor outside, a family's own factor inside.
 *
 * <p>Where an overlap leaves a factor without influence there is a single node for it. All that depends on the overlaps
 * alone is worked out here once: how far each pair of nodes shifts a threshold, and the residual scale.
 */
final class Nodes {
    private static final int USUAL = 21;
    private static final int FINE = 61;
    private static final double USUAL_UP_TO = 0.45;

    /** For the ways to weigh that know no overlap. */
    static final Nodes WITHOUT_OVERLAP = new Nodes(0, 0);

    final int outer;
    final int inner;
    final double[] outerWeight;
    final double[] innerWeight;
    /** {@code sqrt(r_b) z0 / sqrt(1 - r_b)} by outer node: the shift once a family of one is integrated out. */
    final double[] outerShift;
    /** {@code (sqrt(r_b) z0 + sqrt(r_f - r_b) z_g) / sqrt(1 - r_f)} by outer node, then inner node. */
    final double[] shift;
    /** {@code 1 / sqrt(1 - r_b)}. */
    final double outerScale;
    /** {@code 1 / sqrt(1 - r_f)}. */
    final double scale;

    Nodes(double familyOverlap, double generalOverlap) {
        int n = familyOverlap <= USUAL_UP_TO ? USUAL : FINE;
        double own = familyOverlap - generalOverlap;
        double[][] general = rule(generalOverlap > 0 ? n : 1);
        double[][] family = rule(own > 0 ? n : 1);
        outer = general[0].length;
        inner = family[0].length;
        outerWeight = general[1];
        innerWeight = family[1];
        outerScale = 1 / Math.sqrt(1 - generalOverlap);
        scale = 1 / Math.sqrt(1 - familyOverlap);
        outerShift = new double[outer];
        shift = new double[outer * inner];
        for (int i = 0; i < outer; i++) {
            double common = Math.sqrt(generalOverlap) * general[0][i];
            outerShift[i] = common * outerScale;
            for (int j = 0; j < inner; j++) {
                shift[i * inner + j] = (common + Math.sqrt(own) * family[0][j]) * scale;
            }
        }
    }

    /** Nodes and weights for the standard normal density, from the Gauss-Hermite rule for {@code exp(-x²)}. */
    private static double[][] rule(int n) {
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
        return new double[][] {z, w};
    }
}
