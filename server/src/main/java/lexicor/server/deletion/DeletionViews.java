package lexicor.server.deletion;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;

/** What the API takes and gives for a case's end. */
final class DeletionViews {
    private DeletionViews() {}

    /**
     * A deleted case that is not gone for good yet.
     *
     * @param until when it will be
     */
    record DeletedCase(long id, String code, Instant deletedAt, String deletedBy, String reason, Instant until) {}

    record DeletionRequest(String reason, @Schema(nullable = true) Boolean sure) {}

    /** A deletion that waits to be confirmed. */
    record DeletionAsked(UUID confirmation, int retentionDays) {}
}
