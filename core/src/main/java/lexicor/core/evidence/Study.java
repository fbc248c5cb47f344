package lexicor.core.evidence;

import lexicor.core.numbers.Interval;

/** What one study found for one criterion and condition. */
public sealed interface Study {
    /** Size taken for a group whose size is not known (method M1). */
    double ASSUMED_SIZE = 30;

    /** A cell with less of a person than this is empty: its logit would have no variance that can be reckoned with. */
    double EMPTY_BELOW = 1e-3;

    boolean highRiskOfBias();

    /** Whether a group's size was not known and {@link #ASSUMED_SIZE} is used in its place. */
    boolean sizeAssumed();

    /**
     * A study of people with and without the condition, as its four cells. Cells need not be whole: a study that prints
     * proportions and group sizes has {@code tp = Sn * diseased}.
     */
    record TwoByTwo(double tp, double fn, double fp, double tn, boolean highRiskOfBias, boolean sizeAssumed)
            implements Study {
        public TwoByTwo {
            if (!(tp >= 0 && fn >= 0 && fp >= 0 && tn >= 0) || !(tp + fn > 0) || !(fp + tn > 0)) {
                throw new IllegalArgumentException("cells must be 0 or more and both groups not empty");
            }
        }

        /** Sensitivity as printed, uncorrected. */
        public double sensitivity() {
            return tp / (tp + fn);
        }

        /** Specificity as printed, uncorrected. */
        public double specificity() {
            return tn / (tn + fp);
        }

        /** Wilson 95 % interval (method M1). */
        public Interval sensitivityInterval() {
            return Interval.wilson(tp, tp + fn);
        }

        /** Wilson 95 % interval (method M1). */
        public Interval specificityInterval() {
            return Interval.wilson(tn, tn + fp);
        }

        /** All people in the study. */
        public double people() {
            return tp + fn + fp + tn;
        }

        /** The cells used for weighing: 0.5 is added to all four where any of them is empty (method M1). */
        TwoByTwo corrected() {
            return Math.min(Math.min(tp, fn), Math.min(fp, tn)) < EMPTY_BELOW
                    ? new TwoByTwo(tp + 0.5, fn + 0.5, fp + 0.5, tn + 0.5, highRiskOfBias, sizeAssumed)
                    : this;
        }

        /** Positive likelihood ratio of the corrected cells with Simel's interval (1991; method M1). */
        public Ratio positiveRatio() {
            TwoByTwo c = corrected();
            return Ratio.of(
                    c.sensitivity() / (1 - c.specificity()),
                    1 / c.tp - 1 / (c.tp + c.fn) + 1 / c.fp - 1 / (c.fp + c.tn));
        }

        /** Negative likelihood ratio of the corrected cells with Simel's interval (1991; method M1). */
        public Ratio negativeRatio() {
            TwoByTwo c = corrected();
            return Ratio.of(
                    (1 - c.sensitivity()) / c.specificity(),
                    1 / c.fn - 1 / (c.tp + c.fn) + 1 / c.tn - 1 / (c.fp + c.tn));
        }
    }

    /** A study of people with the condition alone: kept and shown, never weighed (method M1). */
    record SensitivityOnly(double tp, double fn, boolean highRiskOfBias, boolean sizeAssumed) implements Study {}

    /** A likelihood ratio and its 95 % interval. */
    record Ratio(double value, Interval interval) {
        private static Ratio of(double value, double logVariance) {
            return new Ratio(value, Interval.onLog(Math.log(value), Math.sqrt(Math.max(0, logVariance))));
        }
    }
}
