package lexicor.server.casefiles;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lexicor.core.catalogue.Catalogue;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OutcomeEntry;
import lexicor.server.cases.records.CaseRecord;

/** What was noted of how a case came out, for its file; another room keeps it. */
public interface NotedOutcomes {
    List<OutcomeEntry> of(long caseId, Function<Instant, Moment> moment);

    /** What is wrong with an entry that no Lexicor writes; empty where nothing is. */
    Optional<String> objection(OutcomeEntry entry, Catalogue catalogue);

    /** Keeps those that are not there yet, in somebody's name. */
    void store(CaseRecord stored, List<OutcomeEntry> entries, Function<Moment, Instant> times, String person);
}
