package lexicor.core.honesty;

/** What a made-up clinic is like, from mild to harsh. */
public enum Scenario {
    MILD("mild: nothing else provokes", 0, 0.15, 0.10, 0.5, 0.10, false, 0),
    MODERATE("moderate", 0.20, 0.35, 0.25, 1, 0.20, false, 0.05),
    CLEAN_CONTROLS("others provoke, studies had clean controls", 0.25, 0.35, 0.25, 1, 0.20, true, 0.05),
    HARSH("harsh: all of it, doubled", 0.40, 0.70, 0.50, 2, 0.40, true, 0.10);

    private final String words;
    /** How often, on average, a condition turns a test positive that nobody has studied for it. */
    final double provokes;
    /** How much patients differ in how easily anything hurts, on the probit scale. */
    final double irritability;
    /** How much examiners differ in what they call positive, on the probit scale. */
    final double leniency;
    /** How much clinics differ from the pooled figures, as a factor on what the figures leave open. */
    final double clinics;
    /** How often a test repeats the result of the one before it in its family. */
    final double copying;
    /** Whether the studies' controls had none of the other conditions. */
    final boolean cleanControls;
    /** How many patients have something painful that is no candidate. */
    final double unlisted;

    Scenario(
            String words,
            double provokes,
            double irritability,
            double leniency,
            double clinics,
            double copying,
            boolean cleanControls,
            double unlisted) {
        this.words = words;
        this.provokes = provokes;
        this.irritability = irritability;
        this.leniency = leniency;
        this.clinics = clinics;
        this.copying = copying;
        this.cleanControls = cleanControls;
        this.unlisted = unlisted;
    }

    /** What sets it apart, in words. */
    public String words() {
        return words;
    }
}
