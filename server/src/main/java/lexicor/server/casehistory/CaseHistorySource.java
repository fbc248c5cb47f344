package lexicor.server.casehistory;

import java.util.List;
import lexicor.server.history.Revised;

/** A feature that keeps things of a case whose changes are part of the case's history. */
public interface CaseHistorySource {
    /** What they are, as a heading. */
    String subject();

    List<Revised> changes(long caseId);
}
