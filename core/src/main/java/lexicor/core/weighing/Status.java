package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** What became of a finding or cluster for one condition. */
public enum Status {
    COUNTED,
    /** The others have already said it: its joint effect ran against its own direction (method M4). */
    SET_ASIDE,
    /** A counted cluster speaks for it (method M5). */
    SUPERSEDED,
    /** A cluster that shares members with one that counts. */
    SHARES_TESTS,
    /** Another criterion of the same test that reads the same speaks, alone or through a cluster (method M3). */
    SAME_TEST,
    /** A negative that nobody said, beside a positive of its test that speaks for the condition (method M19). */
    NOT_ASKED,
    /** Only studies at high risk of bias, which are left out. */
    LEFT_OUT,
    /** No figure is checked against its source, and the department weighs checked ones alone. */
    UNCHECKED,
    NO_DATA,
    SENSITIVITY_ONLY,
    UNCLEAR,
    /** The chosen way to weigh does not count it; never so in the overlap-aware one. */
    OTHER_SCHOOL,
    /** A cluster not decided yet. */
    OPEN,
    /** A decided cluster that is believed beside its members (method M17). */
    SHARED,
    /** A cluster that only rules in and came out against the condition (method M5). */
    RULES_IN_ONLY;

    /** The name used in files and the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
