package lexicor.core.examination;

/** Whether a rule holds, where some readings may be missing (Kleene's three values). */
enum Truth {
    HOLDS,
    FAILS,
    UNKNOWN;

    static Truth of(boolean holds) {
        return holds ? HOLDS : FAILS;
    }

    Truth not() {
        return this == HOLDS ? FAILS : this == FAILS ? HOLDS : UNKNOWN;
    }
}
