package lexicor.core.evidence;

import com.fasterxml.jackson.annotation.JsonValue;
import lexicor.core.numbers.GaussHermite;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;

/**
 * The accuracy of a criterion for a condition, from one study or pooled over several (method M2).
 *
 * @param method how it was pooled
 * @param logitSensitivity the value weighed with
 * @param logitSpecificity the value weighed with
 * @param estimate covariance of those two: how well the average is known
 * @param between covariance between studies; zero for one study
 * @param predictive covariance for a new clinic
 * @param shown what is displayed as sensitivity and specificity, with 95 % intervals
 * @param people diseased and healthy over the studies used; a judgement has none
 */
public record Accuracy(
        Method method,
        double logitSensitivity,
        double logitSpecificity,
        Covariance estimate,
        Covariance between,
        Covariance predictive,
        Shown shown,
        double people) {
    /** What the studies do not tell of: patients and examiners differ by as much again as clinics do; a working assumption (M23). */
    private static final double BEYOND_THE_STUDIES = 2;

    /** How well a judgement is believed on either margin, the differences between clinics in it; a working assumption (M24). */
    private static final double JUDGED_VARIANCE = 0.36;

    /** The model for the number of studies. */
    public enum Method {
        STUDY("study"),
        UNIVARIATE("univariate"),
        BIVARIATE("bivariate"),
        /** No study: a judgement in words (method M24). */
        JUDGED("judged");

        private final String id;

        Method(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** Displayed figures. */
    public record Shown(
            double sensitivity, Interval sensitivityInterval, double specificity, Interval specificityInterval) {}

    /**
     * A judgement of how often a sign is there with the condition and without (method M24): believed less than one study of sixty
     * people, and of nobody.
     *
     * @param with share of those who have the condition, strictly between 0 and 1
     * @param without share of the others, strictly between 0 and 1
     */
    public static Accuracy judged(double with, double without) {
        Covariance estimate = Covariance.diagonal(JUDGED_VARIANCE, JUDGED_VARIANCE);
        double sd = Math.sqrt(JUDGED_VARIANCE);
        return new Accuracy(
                Method.JUDGED,
                Logit.of(with),
                -Logit.of(without),
                estimate,
                Covariance.ZERO,
                estimate,
                new Shown(
                        with,
                        Interval.onLogit(Logit.of(with), sd),
                        1 - without,
                        Interval.onLogit(-Logit.of(without), sd)),
                0);
    }

    /** The same, of so many people that were studied. */
    Accuracy studiedIn(double studied) {
        return new Accuracy(method, logitSensitivity, logitSpecificity, estimate, between, predictive, shown, studied);
    }

    /** The sensitivity weighed with, strictly between 0 and 1. */
    public double sensitivity() {
        return Logit.inverse(logitSensitivity);
    }

    /** The specificity weighed with, strictly between 0 and 1. */
    public double specificity() {
        return Logit.inverse(logitSpecificity);
    }

    /** {@code ln LR+ = ln(Sn / (1 - Sp))}. */
    public double logPositiveRatio() {
        return Logit.logInverse(logitSensitivity) - Logit.logInverse(-logitSpecificity);
    }

    /** {@code ln LR- = ln((1 - Sn) / Sp)}. */
    public double logNegativeRatio() {
        return Logit.logInverse(-logitSensitivity) - Logit.logInverse(logitSpecificity);
    }

    /** 95 % interval of the likelihood ratio by the delta method on the estimate's covariance (method M2). */
    public Interval ratioInterval(boolean positive) {
        return ratioInterval(positive, estimate);
    }

    /** The same for a new clinic: by the delta method on the predictive covariance (method M2). */
    public Interval newClinicRatio(boolean positive) {
        return ratioInterval(positive, predictive);
    }

    private Interval ratioInterval(boolean positive, Covariance of) {
        double sn = sensitivity();
        double sp = specificity();
        double sd = positive ? Math.sqrt(of.quadraticForm(1 - sn, sp)) : Math.sqrt(of.quadraticForm(-sn, -(1 - sp)));
        return Interval.onLog(positive ? logPositiveRatio() : logNegativeRatio(), sd);
    }

    /**
     * Sensitivity and specificity as they are believed, {@code E[expit(N(mu, 2 V))]} each by itself, V the predictive variance: on
     * average over new clinics, and over patients and examiners that no study knows. What one thin, flattering study promises is less
     * than what a large one does; a strong finding stays strong, and each on its side (method M23).
     */
    Accuracy sober() {
        double sensitivity = meanLogit(logitSensitivity, BEYOND_THE_STUDIES * predictive.sensitivity());
        double specificity = meanLogit(logitSpecificity, BEYOND_THE_STUDIES * predictive.specificity());
        double printed = logitSensitivity + logitSpecificity;
        double believed = sensitivity + specificity;
        if (printed * believed < 0) {
            // Where nearly nothing is known the means can cross: what speaks for it would be believed to speak against.
            // Then it says nothing.
            double between = (sensitivity - specificity) / 2;
            sensitivity = between;
            specificity = -between;
        }
        return new Accuracy(method, sensitivity, specificity, estimate, this.between, predictive, shown, people);
    }

    private static double meanLogit(double logit, double variance) {
        GaussHermite nodes = GaussHermite.of(41);
        double[] weights = nodes.weights();
        double mean = 0;
        for (int i = 0; i < weights.length; i++) {
            mean += weights[i] * Logit.inverse(logit + Math.sqrt(variance) * nodes.at(i));
        }
        return Logit.of(mean);
    }

    /** 95 % interval of the sensitivity in a new clinic. */
    public Interval newClinicSensitivity() {
        return Interval.onLogit(logitSensitivity, Math.sqrt(predictive.sensitivity()));
    }

    /** 95 % interval of the specificity in a new clinic. */
    public Interval newClinicSpecificity() {
        return Interval.onLogit(logitSpecificity, Math.sqrt(predictive.specificity()));
    }
}
