package lexicor.server.history;

import java.util.List;

/** A feature that keeps things of the department whose changes can be read. */
public interface HistorySource {
    /** What they are, as a heading. */
    String subject();

    /**
     * The latest changes, the latest first.
     *
     * @param most how many at the most; the database gives no more
     */
    List<Change> latest(int most);

    /** Whether it is for leads and auditors alone. */
    default boolean isForOverseers() {
        return false;
    }
}
