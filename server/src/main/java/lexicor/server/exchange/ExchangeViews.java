package lexicor.server.exchange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import lexicor.server.casefiles.CaseFiles.Outcome;

/** What the API takes and gives for exchange. */
final class ExchangeViews {
    private ExchangeViews() {}

    /**
     * A file that is being brought in.
     *
     * @param id to bring it in, ask for it or stop it with
     * @param state looking, looked, bringing, done, stopped or failed
     * @param done how many cases were looked at, or brought in
     * @param of how many there are; 0 until they are counted
     * @param problem why it failed; empty otherwise
     * @param doubts what looks like somebody's name or the like: it is brought in if it is meant
     * @param blocked tests that a precaution forbids and that have readings without a written reason: it takes one
     * @param cases what becomes or became of each, those that are refused first; empty while it is under way
     */
    record CaseImportView(
            String id,
            CaseImport.State state,
            int done,
            int of,
            int added,
            int changed,
            int same,
            int refused,
            String problem,
            List<String> doubts,
            List<String> blocked,
            List<Outcome> cases) {}

    /**
     * What is answered to a look.
     *
     * @param sure that what looks like a name is meant
     * @param reason for going ahead with blocked tests
     */
    record BringIn(@Schema(nullable = true) Boolean sure, @Schema(nullable = true) String reason) {}

    /**
     * A document on its way to the clinic's record system.
     *
     * @param state waiting, sent, refused or withdrawn
     * @param tries so far
     * @param error why the last try failed; absent otherwise
     */
    record Sending(
            long id,
            String code,
            @Schema(allowableValues = {"waiting", "sent", "refused", "withdrawn"}) String state,
            int tries,
            @Schema(nullable = true) String error,
            Instant madeAt,
            @Schema(nullable = true) Instant sentAt) {}

    /** The address of the record system, empty for none, and what is on its way. */
    record Outbox(String address, List<Sending> sendings) {}
}
