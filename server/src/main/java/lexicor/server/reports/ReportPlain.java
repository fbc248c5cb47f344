package lexicor.server.reports;

import java.util.List;
import lexicor.server.reports.ReportViews.Section;

/** A report as plain text, to be pasted elsewhere. */
final class ReportPlain {
    private ReportPlain() {}

    static String of(Paper paper) {
        StringBuilder text = new StringBuilder(paper.title())
                .append('\n')
                .append(paper.heading())
                .append(paper.isDraft() ? "\nDraft, not signed off.\n" : "\n");
        paper.sections().forEach(s -> section(text, s));
        if (!paper.signature().isEmpty()) {
            text.append('\n').append(paper.signature()).append('\n');
        }
        return text.append('\n').append(Words.foot()).append('\n').toString();
    }

    private static void section(StringBuilder text, Section section) {
        text.append('\n').append(section.heading()).append('\n');
        section.text().lines().forEach(l -> text.append("  ").append(l).append('\n'));
        if (section.table() != null) {
            List<String> heads = section.table().heads();
            section.table().rows().forEach(row -> {
                text.append("  ").append(row.get(0)).append(':');
                for (int i = 1; i < row.size(); i++) {
                    if (!row.get(i).isEmpty()) {
                        text.append(i == 1 ? " " : "; ")
                                .append(heads.get(i).toLowerCase(java.util.Locale.ROOT))
                                .append(' ')
                                .append(row.get(i));
                    }
                }
                text.append('\n');
            });
        }
        section.rails().forEach(r -> text.append("  ")
                .append(r.rank())
                .append(". ")
                .append(r.name())
                .append(": ")
                .append(Words.percent(r.pretest()))
                .append(" to ")
                .append(Words.percent(r.posttest()))
                .append(" (")
                .append(Words.percent(r.low()))
                .append(" to ")
                .append(Words.percent(r.high()))
                .append("), ")
                .append(r.verdict())
                .append('\n'));
    }
}
