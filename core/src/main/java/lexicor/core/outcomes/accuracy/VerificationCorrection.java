package lexicor.core.outcomes.accuracy;

import java.util.Optional;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;

/**
 * Sensitivity and specificity for everybody examined, although only some were verified (Begg and Greenes, Biometrics
 * 1983;39:207-215; method M13). It assumes that who was verified hung on the test's result alone, not on the condition itself:
 * then the chance of the condition given the result is the same in those not verified.
 *
 * @param sensitivity in [0, 1], with its 95 % interval on the logit
 * @param specificity in [0, 1], with its 95 % interval on the logit
 * @param halves whether 0.5 was added to the verified cells because one was empty
 */
public record VerificationCorrection(
        double sensitivity,
        Interval sensitivityInterval,
        double specificity,
        Interval specificityInterval,
        boolean halves) {
    private static final double HALF = 0.5;

    /**
     * With {@code a, b} of the verified positives with and without, {@code c, d} of the verified negatives, and {@code phi} the
     * share of positives among all: {@code logit Sn = logit phi + ln(a/(a+b)) - ln(c/(c+d))}, its variance
     * {@code N/(m+ m-) + b/(a(a+b)) + d/(c(c+d))}; the specificity alike.
     *
     * @return empty while one of the results has nobody, or nobody verified
     */
    public static Optional<VerificationCorrection> of(OwnTable table) {
        if (table.tp() + table.fp() == 0 || table.fn() + table.tn() == 0) {
            return Optional.empty();
        }
        boolean halves = Math.min(Math.min(table.tp(), table.fp()), Math.min(table.fn(), table.tn())) == 0;
        double more = halves ? HALF : 0;
        double a = table.tp() + more;
        double b = table.fp() + more;
        double c = table.fn() + more;
        double d = table.tn() + more;
        double positives = table.positives();
        double negatives = table.negatives();
        double odds = Math.log(positives / negatives);
        double sampling = (positives + negatives) / (positives * negatives);
        double sensitivity = odds + Math.log(a / (a + b)) - Math.log(c / (c + d));
        double specificity = -odds + Math.log(d / (c + d)) - Math.log(b / (a + b));
        return Optional.of(new VerificationCorrection(
                Logit.inverse(sensitivity),
                Interval.onLogit(sensitivity, Math.sqrt(sampling + b / (a * (a + b)) + d / (c * (c + d)))),
                Logit.inverse(specificity),
                Interval.onLogit(specificity, Math.sqrt(sampling + a / (b * (a + b)) + c / (d * (c + d)))),
                halves));
    }
}
