package lexicor.core.measuring;

import java.util.Optional;

/**
 * A short movement read from its active and its passive range, against the other side. What each suggests is a prompt; it is
 * never weighed.
 */
public enum RangePattern {
    FULL("full range", ""),
    ACTIVE_SHORT("active short, passive full", "weakness or pain rather than stiffness"),
    BOTH_SHORT("active and passive short", "the joint or its capsule, or guarding; the end feel helps to tell");

    private final String words;
    private final String suggests;

    RangePattern(String words, String suggests) {
        this.words = words;
        this.suggests = suggests;
    }

    /**
     * Empty while it cannot be told: no active range of both sides, or a short one whose passive range was not measured.
     *
     * @param shortDegrees a side that lacks this much or more is short
     * @param moreIsWorse whether the degrees count what is missing
     */
    public static Optional<RangePattern> of(
            RangeReading involved, RangeReading other, double shortDegrees, boolean moreIsWorse) {
        Optional<Double> active = loss(involved.active(), other.active(), moreIsWorse);
        // Where the other side was full actively, nobody measures it passively as well.
        Optional<Double> passive = loss(involved.passive(), other.passive().or(other::active), moreIsWorse);
        boolean stiff = passive.filter(p -> p >= shortDegrees).isPresent();
        if (stiff) {
            return Optional.of(BOTH_SHORT);
        }
        if (active.isEmpty()) {
            return passive.map(p -> FULL);
        }
        if (active.get() < shortDegrees) {
            return Optional.of(FULL);
        }
        return passive.map(p -> ACTIVE_SHORT);
    }

    /** What the involved side lacks against the other, in degrees; below 0 where it goes further. */
    public static Optional<Double> loss(Optional<Double> involved, Optional<Double> other, boolean moreIsWorse) {
        return involved.flatMap(i -> other.map(o -> moreIsWorse ? i - o : o - i));
    }

    public String words() {
        return words;
    }

    /** What it suggests; empty where there is nothing to explain. */
    public String suggests() {
        return suggests;
    }
}
