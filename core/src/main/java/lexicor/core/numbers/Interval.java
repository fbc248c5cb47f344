package lexicor.core.numbers;

/** A 95 % interval; 95 % is 1.96 standard deviations everywhere (method M2). */
public record Interval(double low, double high) {
    /** Standard deviations either side. */
    public static final double Z = 1.96;

    public static Interval onLogit(double centre, double sd) {
        return new Interval(Logit.inverse(centre - Z * sd), Logit.inverse(centre + Z * sd));
    }

    public static Interval onLog(double centre, double sd) {
        return new Interval(Math.exp(centre - Z * sd), Math.exp(centre + Z * sd));
    }

    /**
     * Wilson's score interval for a proportion (Wilson 1927; method M1).
     *
     * @param successes at least 0, need not be whole
     * @param n above 0
     */
    public static Interval wilson(double successes, double n) {
        double p = successes / n;
        double z2 = Z * Z;
        double centre = (p + z2 / (2 * n)) / (1 + z2 / n);
        double half = Z / (1 + z2 / n) * Math.sqrt(p * (1 - p) / n + z2 / (4 * n * n));
        return new Interval(Math.max(0, centre - half), Math.min(1, centre + half));
    }
}
