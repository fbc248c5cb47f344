package lexicor.core.weighing;

import com.fasterxml.jackson.annotation.JsonValue;
import lexicor.core.weighing.input.Candidate;

/** Where a posttest stands against the condition's lines, strictly (method M11). */
public enum Verdict {
    PUT_ASIDE("put aside"),
    /** Below its first line, and never put aside by bedside tests. */
    KEEP_IN_MIND("keep in mind"),
    UNDECIDED("undecided"),
    /** Beyond its act line, while something stands that has to be settled before it. */
    SETTLE_FIRST("settle first"),
    ACT("act");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    static Verdict of(double posttest, Candidate candidate) {
        if (posttest < candidate.ruleOutBelow()) {
            return candidate.mustNotMiss() ? KEEP_IN_MIND : PUT_ASIDE;
        }
        return posttest > candidate.actAbove() ? ACT : UNDECIDED;
    }

    /** The words used in files and the API. */
    @JsonValue
    public String words() {
        return words;
    }
}
