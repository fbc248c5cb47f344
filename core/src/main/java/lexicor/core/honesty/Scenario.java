package lexicor.core.honesty;

/** What a made-up clinic is like: four of one kind from mild to harsh, and two that are drawn otherwise, so that nothing is fitted to one. */
public enum Scenario {
    MILD("mild: nothing else provokes", Rivals.AS_LISTED, 0, 0.15, 0.10, 0.5, Copying.THE_ONE_BEFORE, 0.10, false, 0),
    MODERATE("moderate", Rivals.AS_LISTED, 0.20, 0.35, 0.25, 1, Copying.THE_ONE_BEFORE, 0.20, false, 0.05),
    CLEAN_CONTROLS(
            "others provoke, studies had clean controls",
            Rivals.AS_LISTED,
            0.25,
            0.35,
            0.25,
            1,
            Copying.THE_ONE_BEFORE,
            0.20,
            true,
            0.05),
    HARSH("harsh: all of it, doubled", Rivals.AS_LISTED, 0.40, 0.70, 0.50, 2, Copying.THE_ONE_BEFORE, 0.40, true, 0.10),
    OTHERWISE(
            "otherwise: a third of all pairs provoke, later signs follow the first",
            Rivals.A_THIRD,
            0.25,
            0.35,
            0.25,
            1,
            Copying.THE_FIRST,
            0.20,
            false,
            0.05),
    OTHERWISE_HARSH(
            "harsh otherwise: two thirds provoke, the first sign decides",
            Rivals.TWO_THIRDS,
            0.40,
            0.35,
            0.25,
            1,
            Copying.THE_FIRST,
            0.40,
            true,
            0.10);

    /** Which conditions turn a test positive that nobody has studied for it. */
    enum Rivals {
        /** Most of what the packs list as provoking, and little else. */
        AS_LISTED(0.6, 0.08),
        /** Any pair alike, whatever is listed. */
        A_THIRD(1 / 3.0, 1 / 3.0),
        TWO_THIRDS(2 / 3.0, 2 / 3.0);

        final double listed;
        final double unlisted;

        Rivals(double listed, double unlisted) {
            this.listed = listed;
            this.unlisted = unlisted;
        }
    }

    /** Whose result a sign may repeat. */
    enum Copying {
        /** The one before it in its test, or else in its family. */
        THE_ONE_BEFORE,
        /** The first of its test, of its family, or else of the whole examination: the examiner has made up their mind. */
        THE_FIRST
    }

    private final String words;
    final Rivals rivals;
    /** How often, on average, a condition turns a test positive that nobody has studied for it, where it does at all. */
    final double provokes;
    /** How much patients differ in how easily anything hurts, on the probit scale. */
    final double irritability;
    /** How much examiners differ in what they call positive, on the probit scale. */
    final double leniency;
    /** How much clinics differ from the pooled figures, as a factor on what the figures leave open. */
    final double clinics;

    final Copying copies;
    /** How often a sign repeats the result of another of its family. */
    final double copying;
    /** Whether the studies' controls had none of the other conditions. */
    final boolean cleanControls;
    /** How many patients have something painful that is no candidate. */
    final double unlisted;

    Scenario(
            String words,
            Rivals rivals,
            double provokes,
            double irritability,
            double leniency,
            double clinics,
            Copying copies,
            double copying,
            boolean cleanControls,
            double unlisted) {
        this.words = words;
        this.rivals = rivals;
        this.provokes = provokes;
        this.irritability = irritability;
        this.leniency = leniency;
        this.clinics = clinics;
        this.copies = copies;
        this.copying = copying;
        this.cleanControls = cleanControls;
        this.unlisted = unlisted;
    }

    /** What sets it apart, in words. */
    public String words() {
        return words;
    }
}
