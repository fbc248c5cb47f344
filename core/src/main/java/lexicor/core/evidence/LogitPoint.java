package lexicor.core.evidence;

import lexicor.core.evidence.Study.TwoByTwo;

/** One study on the logit scale, ready to pool: zero cells and high risk of bias are already dealt with. */
record LogitPoint(double sensitivity, double specificity, double sensitivityVariance, double specificityVariance) {
    private static final double FULL_SHIFT = Math.log(3) / 2;
    private static final double ADDED_VARIANCE = 0.25;

    static LogitPoint of(TwoByTwo study, HighBias highBias) {
        TwoByTwo c = study.corrected();
        LogitPoint printed = new LogitPoint(
                Math.log(c.tp() / c.fn()), Math.log(c.tn() / c.fp()), 1 / c.tp() + 1 / c.fn(), 1 / c.tn() + 1 / c.fp());
        return study.highRiskOfBias() && highBias == HighBias.CORRECTED ? printed.deflated() : printed;
    }

    /** Lowered towards a useless test (Sn = 1 - Sp, where the two logits add to 0) but never past it. */
    private LogitPoint deflated() {
        double shift = Math.max(0, Math.min(FULL_SHIFT, (sensitivity + specificity) / 2));
        return new LogitPoint(
                sensitivity - shift,
                specificity - shift,
                sensitivityVariance + ADDED_VARIANCE,
                specificityVariance + ADDED_VARIANCE);
    }
}
