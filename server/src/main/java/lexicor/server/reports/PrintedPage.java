package lexicor.server.reports;

import java.util.List;
import lexicor.server.reports.ReportViews.Section;
import lexicor.server.reports.ReportViews.Table;

/** A page of the department's as PDF, by the same pen as a case's reports. */
public final class PrintedPage {
    private PrintedPage() {}

    /**
     * @param text paragraphs, one a line
     * @param heads of the table; empty where there is none
     */
    public record Part(String heading, String text, List<String> heads, List<List<String>> rows) {
        private Section section() {
            return heads.isEmpty()
                    ? Section.ofText("", heading, text)
                    : Section.ofTable("", heading, text, new Table(heads, rows));
        }
    }

    /** The page; what every report says at its foot stands below it. */
    public static byte[] pdf(String title, String heading, List<Part> parts) {
        return ReportPdf.of(ReportHtml.of(new Paper(
                "",
                "",
                title,
                heading,
                Paper.Look.USUAL,
                false,
                parts.stream().map(Part::section).toList(),
                "")));
    }
}
