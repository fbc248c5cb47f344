package lexicor.core.weighing.model;

import lexicor.core.numbers.GaussHermite;

/**
 * Quadrature nodes for one pair of overlaps (method M4): the general factor outside, a family's own factor inside.
 *
 * <p>Where an overlap leaves a factor without influence there is a single node for it. All that depends on the overlaps
 * alone is worked out here once: how far each pair of nodes shifts a threshold, and the residual scale.
 */
public final class Nodes {
    private static final int USUAL = 21;
    private static final int FINE = 61;
    private static final double USUAL_UP_TO = 0.45;

    /** For the ways to weigh that know no overlap. */
    public static final Nodes WITHOUT_OVERLAP = new Nodes(0, 0);

    public final int outer;
    public final int inner;
    public final double[] outerWeight;
    public final double[] innerWeight;
    /** {@code sqrt(r_b) z0 / sqrt(1 - r_b)} by outer node: the shift once a family of one is integrated out. */
    final double[] outerShift;
    /** {@code (sqrt(r_b) z0 + sqrt(r_f - r_b) z_g) / sqrt(1 - r_f)} by outer node, then inner node. */
    public final double[] shift;
    /** {@code 1 / sqrt(1 - r_b)}. */
    final double outerScale;
    /** {@code 1 / sqrt(1 - r_f)}. */
    public final double scale;

    public Nodes(double familyOverlap, double generalOverlap) {
        int n = familyOverlap <= USUAL_UP_TO ? USUAL : FINE;
        double own = familyOverlap - generalOverlap;
        GaussHermite general = GaussHermite.of(generalOverlap > 0 ? n : 1);
        GaussHermite family = GaussHermite.of(own > 0 ? n : 1);
        outer = general.size();
        inner = family.size();
        outerWeight = general.weights();
        innerWeight = family.weights();
        outerScale = 1 / Math.sqrt(1 - generalOverlap);
        scale = 1 / Math.sqrt(1 - familyOverlap);
        outerShift = new double[outer];
        shift = new double[outer * inner];
        for (int i = 0; i < outer; i++) {
            double common = Math.sqrt(generalOverlap) * general.at(i);
            outerShift[i] = common * outerScale;
            for (int j = 0; j < inner; j++) {
                shift[i * inner + j] = (common + Math.sqrt(own) * family.at(j)) * scale;
            }
        }
    }
}
