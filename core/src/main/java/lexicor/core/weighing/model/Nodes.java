package lexicor.core.weighing.model;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lexicor.core.numbers.GaussHermite;

/**
 * Quadrature nodes for one pair of overlaps (method M4): the general factor outside, a family's own factor inside.
 *
 * <p>Where an overlap leaves a factor without influence there is a single node for it. All that depends on the overlaps
 * alone is worked out here once: how far each pair of nodes shifts a threshold, and the residual scale.
 */
public final class Nodes {
    private record Key(double family, double general, int outer, int inner) {}

    private record Asked(double family, double general, int findings, int ofOneFamily) {}

    private static final int KEPT = 1000;
    private static final Map<Asked, Nodes> FOUND = new ConcurrentHashMap<>();
    private static final Map<Key, Nodes> MADE = new ConcurrentHashMap<>();

    /** For the ways to weigh that know no overlap. */
    public static final Nodes WITHOUT_OVERLAP = new Nodes(0, 0, 1, 1);

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

    /**
     * As many nodes as keep probabilities within 1e-6 of 201 nodes in each dimension.
     *
     * @param findings how many there are altogether
     * @param ofOneFamily how many of them are in the largest family
     * @return the same object for what calls for the same nodes
     */
    public static Nodes of(double familyOverlap, double generalOverlap, int findings, int ofOneFamily) {
        if (MADE.size() > KEPT || FOUND.size() > KEPT) {
            MADE.clear();
            FOUND.clear();
        }
        return FOUND.computeIfAbsent(
                new Asked(familyOverlap, generalOverlap, findings, ofOneFamily),
                a -> MADE.computeIfAbsent(
                        new Key(
                                a.family,
                                a.general,
                                NodesNeeded.outer(a.family, a.general, a.findings),
                                NodesNeeded.inner(a.family, a.general, a.ofOneFamily)),
                        k -> new Nodes(k.family, k.general, k.outer, k.inner)));
    }

    /** As many as the items call for, each in its family. */
    public static Nodes of(double familyOverlap, double generalOverlap, Collection<String> families) {
        Map<String, Integer> count = new HashMap<>();
        families.forEach(f -> count.merge(f, 1, Integer::sum));
        return of(
                familyOverlap,
                generalOverlap,
                families.size(),
                count.values().stream().mapToInt(n -> n).max().orElse(0));
    }

    /**
     * @param ofGeneral how many nodes for the general factor, where it has an influence
     * @param ofFamily how many for a family's own
     */
    public Nodes(double familyOverlap, double generalOverlap, int ofGeneral, int ofFamily) {
        double own = familyOverlap - generalOverlap;
        GaussHermite general = GaussHermite.of(generalOverlap > 0 ? ofGeneral : 1);
        GaussHermite family = GaussHermite.of(own > 0 ? ofFamily : 1);
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
