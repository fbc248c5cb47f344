package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The overlap-aware joint likelihood ratio of some findings for one condition (method M4).
 *
 * <p>Tests that provoke the same tissue in the same way fail together. Under the condition's presence and, separately,
 * its absence, results are thresholded correlated normals with one factor shared by all findings and one for each
 * mechanism family (a nested one-factor probit; for a single family it is the random-effects model of Qu, Tan and
 * Kutner 1996). With both overlaps 0 this is plain multiplication.
 */
public final class OverlapModel {
    public final List<Item> items;
    private final Likelihood present;
    private final Likelihood absent;

    private OverlapModel(List<Item> items, Likelihood present, Likelihood absent) {
        this.items = items;
        this.present = present;
        this.absent = absent;
    }

    public static OverlapModel of(Nodes nodes, List<Item> items) {
        return new OverlapModel(
                List.copyOf(items), Likelihood.of(nodes, true, items), Likelihood.of(nodes, false, items));
    }

    /** {@code ln LR_joint}. */
    public double logRatio() {
        return present.log() - absent.log();
    }

    /** {@code ln P(results | D)}, the condition present or absent. */
    public double logProbability(boolean ifPresent) {
        return (ifPresent ? present : absent).log();
    }

    /** {@code ln lrAdded}: what the item adds given the rest (method M9). */
    public double logAdded(Item item) {
        return present.logAdded(item) - absent.logAdded(item);
    }

    public OverlapModel plus(Item item) {
        List<Item> all = new ArrayList<>(items);
        all.add(item);
        return new OverlapModel(List.copyOf(all), present.plus(item), absent.plus(item));
    }

    OverlapModel without(Item item) {
        List<Item> rest = new ArrayList<>(items);
        rest.remove(item);
        return new OverlapModel(List.copyOf(rest), present.without(item), absent.without(item));
    }

    /**
     * The joint likelihood once no finding argues against itself: while there is one, the worst is set aside and the
     * rest is computed again (method M4).
     */
    public OverlapModel settled() {
        OverlapModel joint = this;
        for (Optional<Item> worst = joint.worstReversal(); worst.isPresent(); worst = joint.worstReversal()) {
            joint = joint.without(worst.get());
        }
        return joint;
    }

    private Optional<Item> worstReversal() {
        Reversal worst = null;
        List<FamilyShare> families = present.families();
        for (int f = 0; f < families.size(); f++) {
            List<Item> members = families.get(f).items;
            for (int i = 0; i < members.size(); i++) {
                Item item = members.get(i);
                double ratio = absent.ratioWithout(f, i) / present.ratioWithout(f, i);
                if (!mayBeReversed(item, ratio)) {
                    continue;
                }
                double added = Math.log(ratio);
                if (item.isReversedBy(added)) {
                    worst = Reversal.worse(worst, new Reversal(item, added));
                }
            }
        }
        return Optional.ofNullable(worst).map(Reversal::item);
    }

    /** Spares the logarithm where the ratio is on the item's own side of 1. */
    private static boolean mayBeReversed(Item item, double ratio) {
        return item.logAlone > Item.TOLERANCE ? ratio < 1 : item.logAlone >= -Item.TOLERANCE || ratio > 1;
    }

    /** {@code d ln LR_joint / d logit Sn} of the item. Exact, in place of the method's central differences. */
    public double bySensitivity(Item item) {
        return present.slope(item) * item.thresholdByLogit(true);
    }

    /** {@code d ln LR_joint / d logit Sp} of the item. Exact, in place of the method's central differences. */
    public double bySpecificity(Item item) {
        return -absent.slope(item) * item.thresholdByLogit(false);
    }

    /** What one more result would do (method M10). */
    public Extension with(Item positive) {
        return new Extension(positive);
    }

    /** The joint likelihood with one more result of either kind. */
    public final class Extension {
        private final Item positive;
        private final Likelihood.Extended withPresent;
        private final Likelihood.Extended withAbsent;

        private Extension(Item positive) {
            this.positive = positive;
            withPresent = present.with(positive);
            withAbsent = absent.with(positive);
        }

        /** {@code P(+ | D+, results)}. */
        public double positiveIfPresent() {
            return withPresent.positive();
        }

        /** {@code P(+ | D-, results)}. */
        public double positiveIfAbsent() {
            return withAbsent.positive();
        }

        /** {@code ln LR_joint} with the result added, before any reversal is set aside. */
        public double logRatio(boolean asPositive) {
            return OverlapModel.this.logRatio() + added(asPositive);
        }

        /** Whether the added result, or any of the others beside it, would argue against itself. */
        public boolean hasReversal(boolean asPositive) {
            if (positive.read(asPositive).isReversedBy(added(asPositive))) {
                return true;
            }
            for (Item item : items) {
                double ratio = withAbsent.ratioWithout(item, asPositive) / withPresent.ratioWithout(item, asPositive);
                if (mayBeReversed(item, ratio) && item.isReversedBy(Math.log(ratio))) {
                    return true;
                }
            }
            return false;
        }

        private double added(boolean asPositive) {
            return withPresent.log(asPositive) - withAbsent.log(asPositive);
        }
    }
}
