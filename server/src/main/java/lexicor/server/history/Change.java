package lexicor.server.history;

import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * A change of something of the department's, by names that people know.
 *
 * @param who empty where the program itself was at work
 * @param what was changed, for example a figure by its pair and study
 * @param about what it is about, so that it is found and the way leads there: {@link #TEST}, {@link #CRITERION} and so on
 * @param did added, changed, taken away and so on
 * @param lines what differs
 * @param why the reason given; empty where none was
 */
public record Change(
        Instant at,
        String who,
        String what,
        Map<String, String> about,
        String did,
        List<Revised.Line> lines,
        String why) {
    public static final String TEST = "test";
    public static final String CRITERION = "criterion";
    public static final String CONDITION = "condition";

    /** Kind and id of an entry of the content, with a space between. */
    public static final String ENTRY = "entry";

    private static final String ADDED = "added";
    private static final String CHANGED = "changed";
    private static final String TAKEN_AWAY = "taken away";

    /** What was stored, before and after. */
    public static Change of(Revised revised, String what, Map<String, String> about, String why) {
        String did = revised.before().isEmpty() ? ADDED : revised.after().isEmpty() ? TAKEN_AWAY : CHANGED;
        return new Change(revised.at(), revised.who(), what, about, did, revised.lines(), why);
    }

    /** The same in other words for what was done. */
    public Change did(String words) {
        return new Change(at, who, what, about, words, lines, why);
    }
}
