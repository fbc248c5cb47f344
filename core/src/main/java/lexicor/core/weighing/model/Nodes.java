package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import lexicor.core.numbers.GaussHermite;

/**
 * Quadrature nodes for one pair of overlaps (method M4): the general factor outside, a family's own factor inside.
 *
 * <p>Where an overlap leaves a factor without influence there is a single node for it. All that depends on the overlaps
 * alone is worked out here once: how far each pair of nodes shifts a threshold, and the residual scale.
 */
public final class Nodes {
    /**
     * @param byFamily how many nodes for its own factor families call for, by {@link NodesNeeded#place}
     */
    private record Key(double family, double general, int outer, int inner, List<Integer> byFamily) {}

    private record Asked(double family, double general, int findings) {}

    private static final double UNNOTICED = 1e-13;
    /** So many nodes for a family's own factor, and as many more for every three of its findings, nearly say it. */
    private static final int NEAR_STEP = 5;

    private static final int NEAR_LEAST = 7;

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

    /** What it was made by; null where it stays as it is. */
    private final Key key;

    private final Map<Integer, Nodes> near = new ConcurrentHashMap<>();
    private final Map<Integer, Nodes> withInner = new ConcurrentHashMap<>();

    /**
     * As many nodes for the general factor as keep probabilities within 1e-6 of 201 nodes; how many a family's own factor calls for
     * beside so many goes by the findings of the family ({@link #forFamilyOf}).
     *
     * @param findings how many there are altogether
     * @return the same object for what calls for the same nodes
     */
    public static Nodes of(double familyOverlap, double generalOverlap, int findings) {
        if (MADE.size() > KEPT || FOUND.size() > KEPT) {
            MADE.clear();
            FOUND.clear();
        }
        return FOUND.computeIfAbsent(new Asked(familyOverlap, generalOverlap, findings), a -> {
            List<Integer> inner = NodesNeeded.inner(a.family, a.general, a.findings);
            int outer = NodesNeeded.outer(a.family, a.general, a.findings);
            return made(new Key(a.family, a.general, outer, inner.get(0), inner));
        });
    }

    private static Nodes made(Key key) {
        return MADE.computeIfAbsent(key, k -> new Nodes(k.family, k.general, k.outer, k.inner, k));
    }

    /** The same nodes for the general factor, and as many for a family's own as so many findings of one call for. */
    public Nodes forFamilyOf(int findings) {
        return key == null ? this : with(key.byFamily.get(NodesNeeded.place(findings)));
    }

    /** Fewer nodes for both factors, the own factor's of a family of so many findings: for what need not be known exactly. */
    Nodes near(int findings) {
        return key == null ? this : near.computeIfAbsent((findings + 2) / 3, this::madeNear);
    }

    private Nodes madeNear(int thirds) {
        int general = Math.min(key.outer, Math.max(NEAR_LEAST, key.outer / 2 | 1));
        return made(
                new Key(key.family, key.general, general, Math.min(key.inner, NEAR_STEP * (1 + thirds)), key.byFamily));
    }

    private Nodes with(int ofFamily) {
        if (ofFamily == key.inner) {
            return this;
        }
        return withInner.computeIfAbsent(
                ofFamily, n -> made(new Key(key.family, key.general, key.outer, n, key.byFamily)));
    }

    /**
     * Nodes that stay so many, whatever is asked of them.
     *
     * @param ofGeneral how many nodes for the general factor, where it has an influence
     * @param ofFamily how many for a family's own
     */
    public Nodes(double familyOverlap, double generalOverlap, int ofGeneral, int ofFamily) {
        this(familyOverlap, generalOverlap, ofGeneral, ofFamily, null);
    }

    private Nodes(double familyOverlap, double generalOverlap, int ofGeneral, int ofFamily, Key key) {
        this.key = key;
        double own = familyOverlap - generalOverlap;
        double[][] general = rule(generalOverlap > 0 ? ofGeneral : 1);
        double[][] family = rule(own > 0 ? ofFamily : 1);
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

    /** Nodes and weights without those so far out that no probability notices them. */
    private static double[][] rule(int count) {
        GaussHermite all = GaussHermite.of(count);
        double[] weights = all.weights();
        int[] kept =
                IntStream.range(0, count).filter(i -> weights[i] > UNNOTICED).toArray();
        return new double[][] {
            Arrays.stream(kept).mapToDouble(all::at).toArray(),
            Arrays.stream(kept).mapToDouble(i -> weights[i]).toArray()
        };
    }
}
