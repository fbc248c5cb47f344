package lexicor.server.layer;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What the API takes and gives for imports. */
final class ImportViews {
    private ImportViews() {}

    /**
     * What an import would do, or is doing.
     *
     * @param id to apply it with, or to ask how far it is
     * @param state previewed, applying, applied or failed
     * @param lines everything that is not the same already, the refused first; at most the first thousand
     * @param done rows and entries stored so far
     * @param message why it failed; absent otherwise
     */
    record ImportView(
            String id,
            String state,
            int added,
            int changed,
            int same,
            int refused,
            List<ImportLine> lines,
            int done,
            @Schema(nullable = true) String message) {}

    /**
     * A line of a table, or an entry.
     *
     * @param file empty for a table by itself
     * @param line in the table, the header being 1; absent for an entry
     * @param status new, changed or refused
     * @param column where something is wrong with one
     * @param why what is wrong, or what changes
     */
    record ImportLine(
            String file,
            @Schema(nullable = true) Long line,
            String name,
            String status,
            @Schema(nullable = true) String column,
            String why) {}

    /** Why an import is applied, for the history. */
    record ImportReason(String why, @Schema(nullable = true) Boolean sure) {}
}
