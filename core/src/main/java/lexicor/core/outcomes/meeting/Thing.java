package lexicor.core.outcomes.meeting;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/**
 * One thing that a department could change.
 *
 * @param words what is so, and what to do about it, in plain words
 * @param weight how far off it is, in log-odds, times the root of how many people it rests on; for ordering alone
 * @param of the criterion or cluster that it is about, or the complaint; empty where it is about none
 * @param condition the condition that it is about; empty where it is about none
 */
public record Thing(Kind kind, String words, double weight, String of, String condition) {
    /** What can be changed. */
    public enum Kind {
        /** Ask for answers that are late. */
        WAITING,
        /** Look at some of the negatives as well. */
        VERIFY_NEGATIVES,
        /** A condition is thought more likely, or less, than it turned out. */
        FORESIGHT,
        /** A test does otherwise here than it was published. */
        OWN_ACCURACY,
        /** A test that is done often and tells nothing here. */
        SAYS_NOTHING,
        /** A base rate that the own cases contradict. */
        BASE_RATE,
        /** Another way to weigh would have been nearer to the truth. */
        WAY_TO_WEIGH;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
