package lexicor.core.weighing.listed;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Optional;

/**
 * A candidate's place in the list (method M18).
 *
 * @param place from 1
 * @param aimed what the tests aimed at it came to
 * @param bySign the positive sign that is the condition, as a criterion's id; empty where none is
 * @param definitionMet whether a case definition of it is met
 * @param under the weighed condition that it is part of and stands below, so that it is shown under it; empty where there is none
 */
public record ListedCondition(
        String id,
        int place,
        Group group,
        Aimed aimed,
        Optional<String> bySign,
        boolean definitionMet,
        Optional<String> under) {
    /** Why a candidate stands where it does, in the order of the list. */
    public enum Group {
        /** Weighed, at or above its rule-out line. */
        WEIGHED,
        /** Found positive though nothing can be weighed, or its definition is met. */
        FOUND,
        /** Weighed and raised, still below its rule-out line. */
        RAISED,
        /** Nothing recorded tells of it, or nothing that is clear: a starting assumption that nothing has moved. */
        UNTOUCHED,
        /** Weighed, and fallen below its rule-out line. */
        FELL,
        /** Examined and found negative, without figures. */
        NEGATIVE;

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Whether something recorded weighed for it. */
    public boolean isWeighed() {
        return group == Group.WEIGHED || group == Group.RAISED || group == Group.FELL;
    }

    /** The same under another condition. */
    ListedCondition under(String whole) {
        return new ListedCondition(id, place, group, aimed, bySign, definitionMet, Optional.of(whole));
    }
}
