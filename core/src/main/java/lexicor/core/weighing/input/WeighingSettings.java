package lexicor.core.weighing.input;

import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;

/**
 * How to weigh.
 *
 * @param familyOverlap correlation between findings of one family (r_f of method M4), at most 0.9
 * @param generalOverlap correlation between any two findings (r_b of method M4), from 0 to {@code familyOverlap}, at most 0.5
 * @param crossActivation how often a condition turns a test positive that it is known to provoke although nobody has
 *     published how often (kappa of method M17), from 0 to 0.5
 * @param clusterShare by how much a decided cluster is believed beside its members (s of method M17), from 0 to 1
 * @param highBias how studies at high risk of bias are taken
 * @param judgements whether judgements in words weigh where there is no study (method M24)
 * @param seed seed of the draws for the chance of ranking first
 * @param draws how many of them
 */
public record WeighingSettings(
        double familyOverlap,
        double generalOverlap,
        double crossActivation,
        double clusterShare,
        HighBias highBias,
        Judgements judgements,
        long seed,
        int draws) {
    public static final double MAX_OVERLAP = 0.9;
    public static final double MAX_GENERAL_OVERLAP = 0.5;
    public static final double MAX_CROSS_ACTIVATION = 0.5;
    /** Working assumptions, shown and adjustable. */
    public static final WeighingSettings DEFAULT =
            new WeighingSettings(0.45, 0.20, 0.10, 0.5, HighBias.CORRECTED, Judgements.WEIGH, 7, 4000);

    public WeighingSettings {
        if (!(generalOverlap >= 0
                && generalOverlap <= Math.min(familyOverlap, MAX_GENERAL_OVERLAP)
                && familyOverlap <= MAX_OVERLAP)) {
            throw new IllegalArgumentException("overlaps must satisfy 0 <= general <= family <= " + MAX_OVERLAP
                    + " and general <= " + MAX_GENERAL_OVERLAP);
        }
        if (!(crossActivation >= 0 && crossActivation <= MAX_CROSS_ACTIVATION)) {
            throw new IllegalArgumentException("cross-activation must lie from 0 to " + MAX_CROSS_ACTIVATION);
        }
        if (!(clusterShare >= 0 && clusterShare <= 1)) {
            throw new IllegalArgumentException("the cluster share must lie from 0 to 1");
        }
        if (draws < 1) {
            throw new IllegalArgumentException("draws must be at least 1");
        }
    }

    public WeighingSettings withHighBias(HighBias changed) {
        return new WeighingSettings(
                familyOverlap, generalOverlap, crossActivation, clusterShare, changed, judgements, seed, draws);
    }

    public WeighingSettings withJudgements(Judgements changed) {
        return new WeighingSettings(
                familyOverlap, generalOverlap, crossActivation, clusterShare, highBias, changed, seed, draws);
    }

    public WeighingSettings withOverlap(double family, double general) {
        return new WeighingSettings(family, general, crossActivation, clusterShare, highBias, judgements, seed, draws);
    }

    public WeighingSettings withDifferential(double changedActivation, double changedShare) {
        return new WeighingSettings(
                familyOverlap, generalOverlap, changedActivation, changedShare, highBias, judgements, seed, draws);
    }
}
