package lexicor.core.weighing.explain;

import java.util.Optional;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;

/**
 * How well a criterion tells two conditions apart: by how much a result moves the odds of one against the other, the ratio
 * of the two likelihood ratios in bits (method M15). Above 0 speaks for the first, below 0 for the second. Each condition's likelihood
 * ratio is against people without it, so that the ratio is exact only where those are alike; it says which test to do, and
 * is never weighed.
 *
 * @param positiveBits {@code log2(LR+ of the first / LR+ of the second)}
 * @param negativeBits {@code log2(LR- of the first / LR- of the second)}
 */
public record Separation(String criterion, double positiveBits, double negativeBits) {
    /** With less than this either way a test cannot tell two conditions apart; a working line of ours. */
    public static final double SEPARATES_BITS = 0.5;

    /** Empty where there are no figures to weigh with for one of the two. */
    public static Optional<Separation> of(EvidenceBase evidence, String criterion, String first, String second) {
        return evidence.accuracy(criterion, first)
                .flatMap(a -> evidence.accuracy(criterion, second).map(b -> of(criterion, a, b)));
    }

    private static Separation of(String criterion, Accuracy a, Accuracy b) {
        double bit = Math.log(2);
        return new Separation(
                criterion,
                (a.logPositiveRatio() - b.logPositiveRatio()) / bit,
                (a.logNegativeRatio() - b.logNegativeRatio()) / bit);
    }

    /** The larger of the two, whichever way it points. */
    public double most() {
        return Math.max(Math.abs(positiveBits), Math.abs(negativeBits));
    }

    public boolean separates() {
        return most() >= SEPARATES_BITS;
    }
}
