package lexicor.core.weighing;

import java.util.Locale;
import lexicor.core.catalogue.ClusterRule.Stratum;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Covariance;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.evidence.Logit;

/**
 * A finding or a decided cluster with what its joint likelihood needs: its thresholds under the condition's presence and
 * absence, its result and its family (method M4, M5).
 */
final class Item {
    final LedgerRow.Kind kind;
    final String id;
    final String family;
    final boolean positive;
    final double logitSensitivity;
    final double logitSpecificity;
    final Covariance estimate;
    final Covariance predictive;
    final double people;
    final double logAlone;
    /** Threshold {@code a} under D+, then under D-. */
    private final double[] threshold;

    private Item(
            LedgerRow.Kind kind,
            String id,
            String family,
            boolean positive,
            double logitSensitivity,
            double logitSpecificity,
            Covariance estimate,
            Covariance predictive,
            double people,
            double logAlone) {
        this.kind = kind;
        this.id = id;
        this.family = family;
        this.positive = positive;
        this.logitSensitivity = logitSensitivity;
        this.logitSpecificity = logitSpecificity;
        this.estimate = estimate;
        this.predictive = predictive;
        this.people = people;
        this.logAlone = logAlone;
        threshold = new double[] {NormalTable.probit(logitSensitivity), NormalTable.probit(-logitSpecificity)};
    }

    static Item of(String id, String family, boolean positive, Weighable evidence) {
        return of(LedgerRow.Kind.FINDING, id, family, positive, evidence);
    }

    static Item of(LedgerRow.Kind kind, String id, String family, boolean positive, Weighable evidence) {
        Accuracy a = evidence.accuracy();
        return new Item(
                kind,
                id,
                family,
                positive,
                a.logitSensitivity(),
                a.logitSpecificity(),
                a.estimate(),
                a.predictive(),
                a.people(),
                positive ? a.logPositiveRatio() : a.logNegativeRatio());
    }

    /** A stratum's likelihood ratio as a symmetric test, read positive or negative (method M5). */
    static Item of(String id, String family, Stratum stratum) {
        double logLr = Math.log(stratum.lr());
        double variance = stratum.logSd() * stratum.logSd();
        Covariance covariance = new Covariance(variance, variance, variance);
        double logit = Math.abs(logLr);
        return new Item(LedgerRow.Kind.CLUSTER, id, family, logLr >= 0, logit, logit, covariance, covariance, 0, logLr);
    }

    /** The same finding with a result of either kind. */
    Item read(boolean asPositive) {
        if (asPositive == positive) {
            return this;
        }
        double log = asPositive
                ? Logit.logInverse(logitSensitivity) - Logit.logInverse(-logitSpecificity)
                : Logit.logInverse(-logitSensitivity) - Logit.logInverse(logitSpecificity);
        return new Item(
                kind, id, family, asPositive, logitSensitivity, logitSpecificity, estimate, predictive, people, log);
    }

    double threshold(boolean present) {
        return threshold[present ? 0 : 1];
    }

    /** {@code d threshold / d logit} of the margin that the hypothesis uses; the specificity's runs the other way. */
    double thresholdByLogit(boolean present) {
        double p = Logit.inverse(present ? logitSensitivity : logitSpecificity);
        double slope = p * (1 - p) / NormalTable.density(threshold(present));
        return present ? slope : -slope;
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%s %s", id, positive ? "+" : "-");
    }
}
