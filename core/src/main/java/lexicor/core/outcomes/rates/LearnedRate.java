package lexicor.core.outcomes.rates;

import lexicor.core.numbers.Interval;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * How often a condition turned out to be there among those who came with a complaint, drawn towards the starting value: a
 * beta-binomial with the starting value counting for {@link #WEIGHT} people (method M13).
 *
 * @param start the starting value, in (0, 1)
 * @param present in how many it was there
 * @param known in how many it is known
 * @param rate the posterior mean, between {@code start} and {@code present / known}
 * @param interval the equal-tailed 95 % interval of the posterior
 */
public record LearnedRate(double start, int present, int known, double rate, Interval interval) {
    /** For how many people the starting value counts; a working assumption. */
    public static final double WEIGHT = 20;

    private static final double TAIL = 0.025;

    /**
     * @throws IllegalArgumentException unless the starting value is within (0, 1) and {@code 0 <= present <= known}
     */
    public static LearnedRate of(double start, int present, int known) {
        if (!(start > 0 && start < 1) || present < 0 || present > known) {
            throw new IllegalArgumentException("expected a start within 0 and 1, and 0 <= present <= known, found "
                    + start + ", " + present + " of " + known);
        }
        double a = WEIGHT * start + present;
        double b = WEIGHT * (1 - start) + known - present;
        BetaDistribution posterior = new BetaDistribution(a, b);
        return new LearnedRate(
                start,
                present,
                known,
                a / (a + b),
                new Interval(
                        posterior.inverseCumulativeProbability(TAIL),
                        posterior.inverseCumulativeProbability(1 - TAIL)));
    }

    /** Whether the starting value lies outside what the cases allow. */
    public boolean isElsewhere() {
        return start < interval.low() || start > interval.high();
    }
}
