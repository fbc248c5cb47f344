package lexicor.core.outcomes.agreement;

import java.util.Optional;
import lexicor.core.numbers.Interval;

/**
 * Agreement of two examiners on a yes or no (method M21).
 *
 * @param both positive to both
 * @param first positive to the first alone
 * @param second positive to the second alone
 * @param neither negative to both
 */
public record Kappa(int both, int first, int second, int neither) {
    private static final double ALL = 1 - 1e-12;

    /** A coefficient from -1 to 1 and its 95 % interval, held to that range. */
    public record Coefficient(double value, Interval interval) {
        private static Coefficient of(double value, double sd) {
            return new Coefficient(
                    value, new Interval(Math.max(-1, value - Interval.Z * sd), Math.min(1, value + Interval.Z * sd)));
        }
    }

    public Kappa {
        if (both < 0 || first < 0 || second < 0 || neither < 0 || both + first + second + neither == 0) {
            throw new IllegalArgumentException("expected counts of 0 or more, and one patient or more");
        }
    }

    public int patients() {
        return both + first + second + neither;
    }

    /** The share in whom the two agreed. */
    public double observed() {
        return (both + neither) / (double) patients();
    }

    /**
     * Cohen's kappa (1960) with the large-sample error of Fleiss, Cohen and Everitt (Psychol Bull 1969); empty where chance alone
     * would have them agree on everybody, as when both call everybody negative.
     */
    public Optional<Coefficient> cohen() {
        double n = patients();
        double p11 = both / n;
        double p10 = first / n;
        double p01 = second / n;
        double p00 = neither / n;
        double byFirst = p11 + p10;
        double bySecond = p11 + p01;
        double chance = byFirst * bySecond + (1 - byFirst) * (1 - bySecond);
        if (chance >= ALL) {
            return Optional.empty();
        }
        double kappa = (observed() - chance) / (1 - chance);
        double rest = 1 - kappa;
        double agreeing = p11 * Math.pow(1 - (byFirst + bySecond) * rest, 2)
                + p00 * Math.pow(1 - (2 - byFirst - bySecond) * rest, 2);
        // Off the diagonal the margins cross: the column of the one with the row of the other.
        double disagreeing =
                rest * rest * (p10 * Math.pow(bySecond + 1 - byFirst, 2) + p01 * Math.pow(1 - bySecond + byFirst, 2));
        double last = Math.pow(kappa - chance * rest, 2);
        double variance = (agreeing + disagreeing - last) / (n * (1 - chance) * (1 - chance));
        return Optional.of(Coefficient.of(kappa, Math.sqrt(Math.max(0, variance))));
    }

    /**
     * Prevalence- and bias-adjusted kappa (Byrt, Bishop and Carlin, J Clin Epidemiol 1993): {@code 2 po - 1}, its interval from
     * Wilson's of the share agreed on.
     */
    public Coefficient adjusted() {
        Interval share = Interval.wilson((double) both + neither, patients());
        return new Coefficient(2 * observed() - 1, new Interval(2 * share.low() - 1, 2 * share.high() - 1));
    }
}
