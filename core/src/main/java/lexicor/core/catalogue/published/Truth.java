package lexicor.core.catalogue.published;

import java.util.List;

/** Whether a rule holds, where some readings may be missing (Kleene's three values). */
public enum Truth {
    HOLDS,
    FAILS,
    UNKNOWN;

    public static Truth of(boolean holds) {
        return holds ? HOLDS : FAILS;
    }

    /** Fails as soon as one part does; unknown while that is not settled. */
    public static Truth all(List<Truth> parts) {
        if (parts.contains(FAILS)) {
            return FAILS;
        }
        return parts.contains(UNKNOWN) ? UNKNOWN : HOLDS;
    }

    /** Holds as soon as one part does; unknown while that is not settled. */
    public static Truth any(List<Truth> parts) {
        if (parts.contains(HOLDS)) {
            return HOLDS;
        }
        return parts.contains(UNKNOWN) ? UNKNOWN : FAILS;
    }

    /** Holds as soon as so many parts do; fails as soon as so many cannot any more. */
    public static Truth atLeast(int count, List<Truth> parts) {
        long holding = parts.stream().filter(t -> t == HOLDS).count();
        long open = parts.stream().filter(t -> t == UNKNOWN).count();
        return holding >= count ? HOLDS : holding + open < count ? FAILS : UNKNOWN;
    }

    public Truth not() {
        return this == HOLDS ? FAILS : this == FAILS ? HOLDS : UNKNOWN;
    }
}
