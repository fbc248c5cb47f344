package lexicor.server.history;

import java.util.List;

/** A feature that keeps things of the department whose changes can be read. */
public interface HistorySource {
    /** What they are, as a heading. */
    String subject();

    List<Revised> changes();

    /** Whether it is for leads and auditors alone. */
    default boolean isForOverseers() {
        return false;
    }
}
