package lexicor.server.reports;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** What the API takes and gives for reports. */
final class ReportViews {
    private ReportViews() {}

    /**
     * A report as it stands.
     *
     * @param kind record, referral or patient
     * @param recipient whom a referral goes to: imaging, nerve-studies, surgeon or physician; absent otherwise
     * @param sections as edited
     * @param original the texts as composed from the case, section by section
     * @param signedBy absent while it is a draft
     */
    record ReportView(
            long id,
            long version,
            ReportKind kind,
            @Schema(nullable = true) Recipient recipient,
            int visit,
            String title,
            List<Section> sections,
            List<String> original,
            String madeBy,
            Instant madeAt,
            @Schema(nullable = true) String signedBy,
            @Schema(nullable = true) Instant signedAt) {}

    /**
     * A part of a report.
     *
     * @param text paragraphs, one a line; what can be edited
     * @param table worked out from the case; absent where there is none
     * @param rails the candidates on their rails
     * @param people the picture of whole people; absent where there is none
     * @param hurts where it hurt on the drawn body, each a side, a full stop and an area; absent where nobody tapped on it
     */
    record Section(
            String id,
            String heading,
            String text,
            @Schema(nullable = true) Table table,
            List<RailLine> rails,
            @Schema(nullable = true) PeoplePicture people,
            @Schema(nullable = true) List<String> hurts) {
        static Section ofText(String id, String heading, String text) {
            return new Section(id, heading, text, null, List.of(), null, null);
        }

        /** A text with the body as it was tapped on. */
        static Section ofBody(String id, String heading, String text, List<String> hurts) {
            return new Section(id, heading, text, null, List.of(), null, hurts);
        }

        static Section ofTable(String id, String heading, String text, Table table) {
            return new Section(id, heading, text, table, List.of(), null, null);
        }

        Section withText(String edited) {
            return new Section(id, heading, edited, table, rails, people, hurts);
        }
    }

    /** Heads and rows of a table. */
    record Table(List<String> heads, List<List<String>> rows) {}

    /** A candidate on its rail. */
    record RailLine(
            int rank,
            String name,
            double pretest,
            double posttest,
            double low,
            double high,
            double lowNewClinic,
            double highNewClinic,
            double ruleOut,
            double act,
            String verdict) {}

    /** So many of so many, before and after. */
    record PeoplePicture(String of, int outOf, int before, int after) {}

    /**
     * A report to be composed.
     *
     * @param visit whose findings and measures it reports; absent for the latest
     */
    record NewReport(
            ReportKind kind, @Schema(nullable = true) Recipient recipient, @Schema(nullable = true) Integer visit) {}

    /**
     * Edited texts, one a section.
     *
     * @param sure whether a text that looks like personal details was asked about and holds none
     */
    record ReportEdit(long version, List<String> texts, @Schema(nullable = true) Boolean sure) {}

    /** Signs a report off over the version last seen. */
    record ReportSigning(long version) {}
}
