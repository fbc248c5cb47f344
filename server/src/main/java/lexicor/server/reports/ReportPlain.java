package lexicor.server.reports;

import java.util.List;
import java.util.Locale;
import lexicor.server.reports.ReportViews.Section;
import lexicor.server.standing.Percent;

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
                        boolean afterSentence = row.get(i - 1).endsWith(".");
                        text.append(i == 1 || afterSentence ? " " : "; ")
                                .append(
                                        afterSentence
                                                ? heads.get(i)
                                                : heads.get(i).toLowerCase(Locale.ROOT))
                                .append(": ")
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
                .append(Percent.of(r.pretest()))
                .append(" before, ")
                .append(Percent.of(r.posttest()))
                .append(" now (in a new clinic ")
                .append(Percent.of(r.lowNewClinic()))
                .append(" to ")
                .append(Percent.of(r.highNewClinic()))
                .append("), ")
                .append(r.verdict())
                .append('\n'));
    }
}
