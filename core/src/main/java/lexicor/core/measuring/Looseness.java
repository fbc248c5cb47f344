package lexicor.core.measuring;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import lexicor.core.examination.Outcome;

/** How loose a shoulder is in one direction, from the outcomes of the tests for it on the affected side. */
public enum Looseness {
    LOOSER("looser than the other side"),
    BOTH_SIDES("loose on both sides alike, or not clear"),
    FIRM("not loose"),
    NOT_TESTED("not tested yet");

    private final String words;

    Looseness(String words) {
        this.words = words;
    }

    /** The name used in the API. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String words() {
        return words;
    }

    /** The loosest that any of the tests found; the same looseness on both sides comes as unclear. */
    public static Looseness of(List<Outcome> outcomes) {
        if (outcomes.contains(Outcome.POSITIVE)) {
            return LOOSER;
        }
        if (outcomes.contains(Outcome.UNCLEAR)) {
            return BOTH_SIDES;
        }
        return outcomes.contains(Outcome.NEGATIVE) ? FIRM : NOT_TESTED;
    }

    /**
     * The directions read together, in one sentence.
     *
     * @param byDirection in the order they are named
     * @param general the criterion for looseness of all joints
     */
    public static String sentence(Map<String, Looseness> byDirection, Outcome general) {
        List<String> loose = named(byDirection, LOOSER);
        List<String> open = named(byDirection, NOT_TESTED);
        StringBuilder words = new StringBuilder();
        if (open.size() == byDirection.size()) {
            words.append("No direction tested yet.");
        } else if (loose.isEmpty()) {
            words.append("No direction is looser than on the other side.");
        } else {
            words.append("Looser than the other side: ")
                    .append(String.join(" and ", loose))
                    .append(loose.size() > 1 ? ", more than one direction." : ".");
        }
        words.append(
                switch (general) {
                    case POSITIVE ->
                        loose.isEmpty()
                                ? " Joints are loose in general: general looseness rather than this shoulder."
                                : " Joints are loose in general as well, so part of it may be general looseness.";
                    case NEGATIVE -> loose.isEmpty() ? "" : " Joints are not loose in general: this shoulder.";
                    default -> " The general score remains to be taken.";
                });
        if (!open.isEmpty() && open.size() < byDirection.size()) {
            words.append(" To be tested: ").append(String.join(", ", open)).append('.');
        }
        return words.toString();
    }

    private static List<String> named(Map<String, Looseness> byDirection, Looseness looseness) {
        return byDirection.entrySet().stream()
                .filter(e -> e.getValue() == looseness)
                .map(Map.Entry::getKey)
                .collect(Collectors.toList());
    }
}
