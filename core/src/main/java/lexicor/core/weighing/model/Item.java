package lexicor.core.weighing.model;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import lexicor.core.catalogue.published.ClusterRule.Stratum;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Covariance;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * A finding or a decided cluster with what its joint likelihood needs: its thresholds under the condition's presence and
 * absence, its result and its family (method M4, M5).
 */
public final class Item {
    /** What it is: a finding, or a decided cluster of them. */
    public enum Kind {
        FINDING("finding"),
        CLUSTER("cluster");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public final Kind kind;
    public final String id;
    public final String family;
    public final boolean positive;
    public final double logitSensitivity;
    public final double logitSpecificity;
    public final Covariance estimate;
    public final Covariance predictive;
    public final double people;
    public final double logAlone;
    /** Whether it is a judgement in words, with no study behind it (method M24). */
    public final boolean judged;
    /** Differences in ln below this are none (method M4). */
    public static final double TOLERANCE = 1e-9;

    /** Threshold {@code a} under D+, then under D-. */
    private final double[] threshold;
    /** The same at its sober figures; null for one that is, and where figures and sober figures are one. */
    private final Item sober;

    private Item(
            Kind kind,
            String id,
            String family,
            boolean positive,
            double logitSensitivity,
            double logitSpecificity,
            Covariance estimate,
            Covariance predictive,
            double people,
            double logAlone,
            boolean judged,
            Item sober) {
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
        this.judged = judged;
        this.sober = sober;
        threshold = new double[] {NormalTable.probit(logitSensitivity), NormalTable.probit(-logitSpecificity)};
    }

    public static Item of(String id, String family, boolean positive, Weighable evidence) {
        return of(Kind.FINDING, id, family, positive, evidence);
    }

    public static Item of(Kind kind, String id, String family, boolean positive, Weighable evidence) {
        Item sober = of(kind, id, family, positive, evidence.sober(), evidence.isJudged(), null);
        return of(kind, id, family, positive, evidence.accuracy(), evidence.isJudged(), sober);
    }

    private static Item of(
            Kind kind, String id, String family, boolean positive, Accuracy a, boolean judged, Item sober) {
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
                positive ? a.logPositiveRatio() : a.logNegativeRatio(),
                judged,
                sober);
    }

    /** The same at its sober figures (method M23); a stratum's ratio stays as it is. */
    public Item sober() {
        return sober == null ? this : sober;
    }

    /** A stratum's likelihood ratio as a symmetric test, read positive or negative (method M5). */
    public static Item of(String id, String family, Stratum stratum) {
        double logLr = Math.log(stratum.lr());
        double variance = stratum.logSd() * stratum.logSd();
        Covariance covariance = new Covariance(variance, variance, variance);
        double logit = Math.abs(logLr);
        return new Item(
                Kind.CLUSTER, id, family, logLr >= 0, logit, logit, covariance, covariance, 0, logLr, false, null);
    }

    /** The same finding with a result of either kind. */
    public Item read(boolean asPositive) {
        if (asPositive == positive) {
            return this;
        }
        double log = asPositive
                ? Logit.logInverse(logitSensitivity) - Logit.logInverse(-logitSpecificity)
                : Logit.logInverse(-logitSensitivity) - Logit.logInverse(logitSpecificity);
        return new Item(
                kind,
                id,
                family,
                asPositive,
                logitSensitivity,
                logitSpecificity,
                estimate,
                predictive,
                people,
                log,
                judged,
                sober == null ? null : sober.read(asPositive));
    }

    public double threshold(boolean present) {
        return threshold[present ? 0 : 1];
    }

    /** {@code d threshold / d logit} of the margin that the hypothesis uses; the specificity's runs the other way. */
    double thresholdByLogit(boolean present) {
        double p = Logit.inverse(present ? logitSensitivity : logitSpecificity);
        double slope = p * (1 - p) / NormalTable.density(threshold(present));
        return present ? slope : -slope;
    }

    /** Whether a joint effect runs against the item's own direction (method M4). */
    public boolean isReversedBy(double logAdded) {
        if (Math.abs(logAlone) <= TOLERANCE) {
            return Math.abs(logAdded) > TOLERANCE;
        }
        return logAlone > 0 ? logAdded < -TOLERANCE : logAdded > TOLERANCE;
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%s %s", id, positive ? "+" : "-");
    }
}
