package lexicor.core.weighing.input;

import lexicor.core.evidence.HighBias;

/**
 * How to weigh.
 *
 * @param familyOverlap correlation between findings of one family (r_f of method M4), at most 0.9
 * @param generalOverlap correlation between any two findings (r_b of method M4), from 0 to {@code familyOverlap}
 * @param highBias how studies at high risk of bias are taken
 * @param seed seed of the draws for the chance of ranking first
 * @param draws how many of them
 */
public record WeighingSettings(double familyOverlap, double generalOverlap, HighBias highBias, long seed, int draws) {
    public static final double MAX_OVERLAP = 0.9;
    /** Working assumptions, shown and adjustable. */
    public static final WeighingSettings DEFAULT = new WeighingSettings(0.45, 0.20, HighBias.CORRECTED, 7, 4000);

    public WeighingSettings {
        if (!(generalOverlap >= 0 && generalOverlap <= familyOverlap && familyOverlap <= MAX_OVERLAP)) {
            throw new IllegalArgumentException("overlaps must satisfy 0 <= general <= family <= " + MAX_OVERLAP);
        }
        if (draws < 1) {
            throw new IllegalArgumentException("draws must be at least 1");
        }
    }

    public WeighingSettings withHighBias(HighBias changed) {
        return new WeighingSettings(familyOverlap, generalOverlap, changed, seed, draws);
    }

    public WeighingSettings withOverlap(double family, double general) {
        return new WeighingSettings(family, general, highBias, seed, draws);
    }
}
