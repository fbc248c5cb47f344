package lexicor.server.reports;

import java.util.List;
import lexicor.server.problems.CleanText;
import lexicor.server.reports.ReportViews.PeoplePicture;
import lexicor.server.reports.ReportViews.RailLine;
import lexicor.server.reports.ReportViews.Section;
import lexicor.server.reports.ReportViews.Table;
import lexicor.server.standing.Percent;
import org.springframework.web.util.HtmlUtils;

/** A report as a page by itself, for the screen, for paper and for PDF. */
final class ReportHtml {
    private static final String STYLE =
            """
            @page { size: A4; margin: 13mm 15mm 13mm 15mm; }
            body { font-family: 'Atkinson Hyperlegible Next', sans-serif; font-size: 8.8pt; line-height: 1.25; color: #17252a; }
            main { display: block; }
            h1 { font-size: 16pt; margin: 0 0 2pt 0; }
            h2 { font-size: 10.5pt; margin: 6pt 0 1pt 0; page-break-after: avoid; }
            .patient h2 { font-size: 14pt; }
            p { margin: 0 0 2pt 0; }
            table { border-collapse: collapse; width: 100%; }
            th { text-align: left; font-weight: normal; border-bottom: 1pt solid #17252a; }
            td, th { padding: 0.5pt 6pt 0.5pt 0; vertical-align: top; }
            td { border-bottom: 0.5pt solid #d5cdbf; }
            .rail td { border: 0; padding: 0 6pt 0 0; white-space: nowrap; }
            .rail td:first-child { white-space: normal; }
            .foot { border-top: 1pt solid #17252a; margin-top: 8pt; padding-top: 2pt; font-size: 8.5pt; }
            .draft { font-weight: bold; border: 1pt solid #8a4b08; padding: 2pt 4pt; }
            @page sheet { size: A4; margin: 8mm 12mm 8mm 12mm; }
            .sheet { page: sheet; margin: 0; font-size: 7.3pt; line-height: 1.16; }
            .sheet h1 { font-size: 13pt; }
            .sheet h2 { font-size: 8.6pt; margin: 3pt 0 0 0; }
            .sheet p { margin: 0 0 1pt 0; }
            .sheet td, .sheet th { padding: 0 6pt 0 0; }
            .sheet svg { height: 12px; display: block; }
            .patient { font-size: 12.5pt; line-height: 1.45; }
            """;

    private final StringBuilder html = new StringBuilder();

    private ReportHtml() {}

    static String of(Paper paper) {
        return new ReportHtml().page(paper);
    }

    private String page(Paper paper) {
        html.append(
                        "<!DOCTYPE html>\n<html lang=\"en\" xmlns=\"http://www.w3.org/1999/xhtml\"><head><meta charset=\"utf-8\"/><title>")
                .append(text(paper.title()))
                .append("</title><meta name=\"description\" content=\"")
                .append(text(paper.code().isEmpty() ? paper.title() : "A report of case " + paper.code()))
                .append("\"/><style>")
                .append(STYLE)
                .append("</style></head><body")
                .append(
                        paper.look() == Paper.Look.USUAL
                                ? ""
                                : " class=\"" + paper.look().style() + "\"")
                .append("><main><h1>")
                .append(text(paper.title()))
                .append("</h1>");
        paragraph(paper.heading() + ".");
        if (paper.isDraft()) {
            html.append("<p class=\"draft\">Draft, not signed off.</p>");
        }
        paper.sections().forEach(this::section);
        html.append("<div class=\"foot\">");
        if (!paper.signature().isEmpty()) {
            paragraph(paper.signature() + ".");
        }
        paragraph(Words.foot());
        return html.append("</div></main></body></html>").toString();
    }

    private void section(Section section) {
        html.append("<h2>").append(text(section.heading())).append("</h2>");
        section.text().lines().forEach(this::paragraph);
        if (section.table() != null) {
            table(section.table());
        }
        if (section.hurts() != null) {
            html.append("<p>").append(BodySvg.of(section.hurts())).append("</p>");
        }
        if (!section.rails().isEmpty()) {
            rails(section.rails());
        }
        if (section.people() != null) {
            people(section.people());
        }
    }

    private void table(Table table) {
        html.append("<table><thead><tr>");
        table.heads()
                .forEach(h -> html.append("<th scope=\"col\">").append(text(h)).append("</th>"));
        html.append("</tr></thead><tbody>");
        table.rows().forEach(row -> {
            html.append("<tr>");
            row.forEach(cell -> html.append("<td>").append(text(cell)).append("</td>"));
            html.append("</tr>");
        });
        html.append("</tbody></table>");
    }

    private void rails(List<RailLine> rails) {
        html.append(
                "<table class=\"rail\"><thead><tr><th scope=\"col\">Candidate</th><th scope=\"col\">Before, now"
                        + " (in a new clinic)</th><th scope=\"col\">On a log-odds rail, 0.1 % to 99.9 %</th></tr></thead><tbody>");
        for (RailLine r : rails) {
            html.append("<tr><td>")
                    .append(r.rank())
                    .append(". ")
                    .append(text(r.name()))
                    .append(", ")
                    .append(text(r.verdict()))
                    .append("</td><td>")
                    .append(text(Percent.of(r.pretest()) + " before, " + Percent.of(r.posttest()) + " now ("
                            + Percent.of(r.lowNewClinic()) + " to " + Percent.of(r.highNewClinic()) + ")"))
                    .append("</td><td>")
                    .append(RailSvg.of(r))
                    .append("</td></tr>");
        }
        html.append("</tbody></table>");
    }

    private void people(PeoplePicture people) {
        html.append("<table class=\"rail\"><thead><tr><th scope=\"col\">At the start: ")
                .append(people.before())
                .append(" of ")
                .append(people.outOf())
                .append("</th><th scope=\"col\">With these findings: ")
                .append(people.after())
                .append(" of ")
                .append(people.outOf())
                .append("</th></tr></thead><tbody><tr><td>")
                .append(PeopleSvg.of(people.outOf(), people.before()))
                .append("</td><td>")
                .append(PeopleSvg.of(people.outOf(), people.after()))
                .append("</td></tr></tbody></table>");
        paragraph("Filled squares: people who have it. Open rings: people who do not.");
    }

    private void paragraph(String text) {
        html.append("<p>").append(text(text)).append("</p>");
    }

    private static String text(String text) {
        return HtmlUtils.htmlEscape(CleanText.cleaned(text), "UTF-8");
    }
}
