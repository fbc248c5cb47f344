package lexicor.server.exchange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import lexicor.server.cases.CaseFiles.Outcome;

/** What the API takes and gives for exchange. */
final class ExchangeViews {
    private ExchangeViews() {}

    /**
     * What bringing files in would do.
     *
     * @param id to bring them in with
     */
    record CaseImport(String id, int added, int changed, int same, int refused, List<Outcome> cases) {}

    /**
     * A document on its way to the clinic's record system.
     *
     * @param state waiting, sent or refused
     * @param tries so far
     * @param error why the last try failed; absent otherwise
     */
    record Sending(
            long id,
            String code,
            String state,
            int tries,
            @Schema(nullable = true) String error,
            Instant madeAt,
            @Schema(nullable = true) Instant sentAt) {}

    /** The address of the record system, empty for none, and what is on its way. */
    record Outbox(String address, List<Sending> sendings) {}
}
