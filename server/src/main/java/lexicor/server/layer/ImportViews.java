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
     * @param added how many rows and entries are new
     * @param missing how many of the department's rows the file has no more; they stay unless they are ticked
     * @param remarks how the file was read, in sentences
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
            int missing,
            List<String> remarks,
            List<ImportLine> lines,
            int done,
            @Schema(nullable = true) String message) {}

    /**
     * A row of a table, or an entry.
     *
     * @param file empty for a table by itself
     * @param line in the table as a spreadsheet counts, the heads being 1; absent for an entry
     * @param status new, changed, refused, or missing for a row of the department's that the file has no more
     * @param column where something is wrong with one
     * @param why what is wrong and what would do, or what changes
     * @param fingerprint of a missing row, to tick it by
     */
    record ImportLine(
            String file,
            @Schema(nullable = true) Long line,
            String name,
            String status,
            @Schema(nullable = true) String column,
            String why,
            @Schema(nullable = true) String fingerprint) {
        static final String NEW = "new";
        static final String CHANGED = "changed";
        static final String REFUSED = "refused";
        static final String MISSING = "missing";

        static ImportLine of(String file, Long line, String name, String status, String what) {
            return new ImportLine(file, line, name, status, null, what, null);
        }

        static ImportLine refused(String file, Long line, String name, String column, String why) {
            return new ImportLine(file, line, name, REFUSED, column, why, null);
        }

        static ImportLine missing(String file, String name, String fingerprint, String what) {
            return new ImportLine(file, null, name, MISSING, null, what, fingerprint);
        }
    }

    /**
     * Why an import is applied, for the history.
     *
     * @param goes fingerprints of the missing rows that are to go; absent for none
     */
    record ImportReason(
            String why, @Schema(nullable = true) Boolean sure, @Schema(nullable = true) List<String> goes) {}
}
