package lexicor.server.reports;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import lexicor.server.reports.ReportViews.ReportView;
import lexicor.server.reports.ReportViews.Section;

/**
 * A report as it goes on paper or out of the program: what stands above its sections and below them, once for every form.
 *
 * @param fileName without its ending
 * @param code of the case; empty where it is the department's
 * @param heading the line of the case
 * @param look how large it is written
 * @param isDraft whether nobody has signed it off
 * @param signature empty on a draft
 */
record Paper(
        String fileName,
        String code,
        String title,
        String heading,
        Look look,
        boolean isDraft,
        List<Section> sections,
        String signature) {
    /** How large it is written: for a patient to read, as usual, or small enough for one sheet. */
    enum Look {
        LARGE("patient"),
        USUAL(""),
        ONE_SHEET("sheet");

        private final String style;

        Look(String style) {
            this.style = style;
        }

        String style() {
            return style;
        }
    }

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

    /**
     * @param dates whether dates are written; without them the visit's number stands alone
     * @param zone by which days are told apart
     */
    static Paper of(String code, ReportView report, boolean dates, ZoneId zone) {
        boolean signed = report.signedBy() != null;
        return new Paper(
                code + "-" + report.kind().id(),
                code,
                report.title(),
                "Case " + code + ", visit " + report.visit() + day(report.madeAt(), dates, zone),
                report.kind() == ReportKind.PATIENT ? Look.LARGE : Look.USUAL,
                !signed,
                report.sections(),
                signed ? "Signed off by " + report.signedBy() + day(report.signedAt(), dates, zone) : "");
    }

    /** A case as it stands at this moment, which nobody has signed. */
    static Paper now(String code, Composer composer, int visit, Instant now, ZoneId zone) {
        return new Paper(
                code + "-paper",
                code,
                composer.title(ReportKind.RECORD),
                "Case " + code + ", visit " + visit + day(now, true, zone),
                Look.ONE_SHEET,
                true,
                composer.forPaper(),
                "");
    }

    private static String day(Instant at, boolean dates, ZoneId zone) {
        return dates ? ", " + DAY.format(at.atZone(zone)) : "";
    }
}
