package lexicor.server.reports;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Wording;
import lexicor.server.reports.ReportViews.PeoplePicture;
import lexicor.server.reports.ReportViews.Section;
import lexicor.server.reports.ReportViews.Table;
import lexicor.server.standing.Percent;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Weighed.ReasonsView;

/** Composes a report from a case, in plain sentences. Nothing it writes claims a diagnosis. */
final class Composer {
    private static final int ALL = 100;
    private static final int IN_A_LETTER = 4;
    /** As many people as the patient's picture has, where they can show it. */
    private static final int HUNDRED = 100;

    private static final String NONE = "None.";

    private final CaseFacts facts;

    Composer(CaseFacts facts) {
        this.facts = facts;
    }

    String title(ReportKind kind) {
        return switch (kind) {
            case RECORD -> "Examination: " + facts.complaint();
            case REFERRAL -> "Referral: " + facts.complaint();
            case PATIENT -> "What we found at your visit";
        };
    }

    List<Section> sections(ReportKind kind, Recipient recipient) {
        return switch (kind) {
            case RECORD -> forTheRecord();
            case REFERRAL -> referral(recipient);
            case PATIENT -> forThePatient();
        };
    }

    /** The case on paper as it stands: the record, and what each finding says of the first candidate. */
    List<Section> forPaper() {
        List<Section> all = new ArrayList<>(forTheRecord());
        facts.conditions().stream()
                .findFirst()
                .ifPresent(c -> all.add(Section.ofText(
                        "ledger",
                        "What the findings say of " + c.name(),
                        lines(facts.ledger(c), "Not examined yet."))));
        return all;
    }

    private List<Section> forTheRecord() {
        List<Section> all = new ArrayList<>();
        all.add(Section.ofBody(
                "complaint", "Complaint", facts.complaint() + ".\n" + facts.background(), facts.hurtAreas()));
        all.add(Section.ofText("warnings", "Warning signs", lines(facts.warnings(), "None raised.")));
        table(all, "measures", "Measures", facts.measures());
        some(all, "history", "Patient reports", facts.recorded().told());
        table(all, "findings", "Findings", facts.recorded().findings());
        some(all, "decided", "Clusters and case definitions", facts.recorded().decided());
        some(
                all,
                "not-weighed",
                "Findings that were not weighed",
                facts.recorded().notWeighed());
        unknown(all);
        all.add(new Section(
                "candidates",
                "Candidates in order",
                "Each has its own probability; they need not add up. Before, then now. " + facts.bands(),
                null,
                facts.rails(ALL),
                null,
                null));
        some(all, "apart", "Not weighable", facts.notWeighable());
        all.add(Section.ofText("weighing", "How it was weighed", facts.weighing() + " " + facts.unchecked()));
        all.add(Section.ofText("not-tested", "Not tested, and why", lines(facts.notTested(), NONE)));
        all.add(Section.ofText("settle", "What would settle it", lines(facts.wouldSettle(), NONE)));
        all.add(Section.ofText("onward", "Onward step, subject to the local pathway", onward()));
        return all;
    }

    /** Nothing that was recorded is left out silently. */
    private void unknown(List<Section> all) {
        if (!facts.unknown().isEmpty()) {
            all.add(Section.ofText(
                    "unknown",
                    "Recorded, and not in the content in force; not weighed",
                    String.join("\n", facts.unknown())));
        }
    }

    private static void some(List<Section> all, String id, String heading, List<String> lines) {
        if (!lines.isEmpty()) {
            all.add(Section.ofText(id, heading, String.join("\n", lines)));
        }
    }

    private static void table(List<Section> all, String id, String heading, Table table) {
        all.add(table.rows().isEmpty() ? Section.ofText(id, heading, NONE) : Section.ofTable(id, heading, "", table));
    }

    private String onward() {
        return lines(facts.onward(), "No candidate is over its line to act; none follows from the numbers alone.");
    }

    private List<Section> referral(Recipient recipient) {
        List<Section> all = new ArrayList<>();
        all.add(Section.ofText(
                "greeting",
                "To " + recipient.words(),
                "Thank you for seeing the patient with the code "
                        + facts.given().view().code() + "."));
        all.add(Section.ofBody(
                "complaint", "Complaint", facts.complaint() + ". " + facts.background(), facts.hurtAreas()));
        all.add(Section.ofText("warnings", "Warning signs", lines(facts.warnings(), "None was raised.")));
        all.add(Section.ofText("findings", "Findings on the " + facts.involved() + " side", findings()));
        unknown(all);
        table(all, "measures", "Measures", facts.measures());
        all.add(new Section(
                "candidates",
                "Where that leaves the candidates",
                standing(),
                null,
                facts.rails(IN_A_LETTER),
                null,
                null));
        all.add(Section.ofText("question", "What we ask", question(recipient)));
        all.add(Section.ofText("not-tested", "Not tested, and why", lines(facts.notTested(), NONE)));
        return all;
    }

    private String findings() {
        List<String> sentences = new ArrayList<>();
        List<String> positive = facts.recorded().named(Outcome.POSITIVE);
        List<String> negative = facts.recorded().named(Outcome.NEGATIVE);
        List<String> unclear = facts.recorded().named(Outcome.UNCLEAR);
        if (!positive.isEmpty()) {
            sentences.add("Positive: " + Words.list(positive) + ".");
        }
        if (!negative.isEmpty()) {
            sentences.add("Negative: " + Words.list(negative) + ".");
        }
        if (!unclear.isEmpty()) {
            sentences.add("Unclear, not weighed: " + Words.list(unclear) + ".");
        }
        sentences.addAll(facts.recorded().decided());
        return lines(sentences, "No test has a clear outcome yet.");
    }

    private String standing() {
        List<String> sentences = new ArrayList<>();
        facts.ranked().stream().limit(IN_A_LETTER).forEach(c -> sentences.add(standing(c)));
        sentences.addAll(facts.notWeighable());
        sentences.add("These are probabilities, not diagnoses. " + facts.bands() + " " + facts.unchecked());
        return String.join("\n", sentences);
    }

    private static String standing(ConditionStanding c) {
        return String.format(
                Locale.ROOT,
                "%s: %s before testing, %s with these findings (a new clinic may find %s to %s); %s.",
                c.name(),
                Percent.of(c.pretest()),
                Percent.of(c.posttest()),
                Percent.of(c.lowNewClinic()),
                Percent.of(c.highNewClinic()),
                CaseFacts.verdict(c));
    }

    private String question(Recipient recipient) {
        String leading =
                facts.ranked().stream().findFirst().map(facts::midSentence).orElse("the candidates above");
        String asked =
                switch (recipient) {
                    case IMAGING ->
                        "Would you image the " + facts.involved() + " side, with " + leading
                                + " as the first question?";
                    case NERVE_STUDIES ->
                        "Would you examine conduction on the " + facts.involved() + " side, with " + leading
                                + " as the first question?";
                    case SURGEON -> "Would you give your opinion on " + leading + " and on whether it needs surgery?";
                    case PHYSICIAN -> "Would you review the patient with " + leading + " in mind?";
                };
        List<String> onward = facts.onward();
        return onward.isEmpty() ? asked : asked + "\n" + String.join("\n", onward);
    }

    private List<Section> forThePatient() {
        List<Section> all = new ArrayList<>();
        all.add(Section.ofText(
                "hello",
                "Your visit",
                "You came because of "
                        + Wording.midSentence(facts.given().view().complaintName()) + " on the "
                        + facts.involved()
                        + " side. We looked, felt, and did tests by hand on both sides. No single test can say for sure what"
                        + " is wrong; together they make some explanations more likely and others less."));
        all.add(Section.ofText("today", "What we examined today, and what it showed", today()));
        facts.ranked().stream()
                .filter(c -> c.weighed() && c.posttest() > c.pretest())
                .findFirst()
                .ifPresent(c -> all.add(likely(c)));
        all.add(Section.ofText(
                "next",
                "What comes next",
                "Your therapist talks over the next step with you."
                        + (facts.warnings().isEmpty()
                                ? ""
                                : " Something came up that should be looked at soon: "
                                        + String.join(" ", facts.warnings()))));
        all.add(Section.ofText(
                "come-back",
                "Come back sooner, or seek help at once",
                "If the hand becomes cold, pale or numb, if the arm becomes weak, if you have a fever with a hot, swollen"
                        + " joint, or if the pain gets much worse."));
        return all;
    }

    private String today() {
        List<String> lines = new ArrayList<>();
        List<String> positive = facts.recorded().tests(true);
        List<String> negative = facts.recorded().tests(false);
        if (!positive.isEmpty()) {
            lines.add("These tests showed something: " + Words.list(positive) + ".");
        }
        if (!negative.isEmpty()) {
            lines.add("These showed nothing out of the ordinary: " + Words.list(negative) + ".");
        }
        return lines(lines, "No test has a clear result yet.");
    }

    /** What today's findings point to, in people; how many of a hundred stands last, and as no headline. */
    private Section likely(ConditionStanding c) {
        ReasonsView reasons = facts.given().weighed().reasons().get(c.id());
        int before = (int) Math.round(HUNDRED * c.pretest());
        int after = (int) Math.round(HUNDRED * c.posttest());
        int outOf = HUNDRED;
        if (Math.min(before, after) == 0 || Math.max(before, after) == HUNDRED) {
            outOf = reasons.before().outOf();
            before = reasons.before().with();
            after = reasons.after().with();
        }
        int without = outOf - after;
        return new Section(
                "likely",
                "What this points to",
                String.format(
                                Locale.ROOT,
                                "Of the explanations that we tested today, your findings fit best with %s. That is not a diagnosis:"
                                        + " something else can be behind it, or something besides. Of %d people with the same"
                                        + " complaint and your findings, about %d have it and %s; of %d with the complaint alone, about"
                                        + " %d have it.",
                                facts.midSentence(c),
                                outOf,
                                after,
                                without == 1 ? "1 does not" : without + " do not",
                                outOf,
                                before)
                        + first(c),
                null,
                List.of(),
                new PeoplePicture(c.name(), outOf, before, after),
                null);
    }

    /** What has to be looked for before anything is done about it; empty where nothing has to. */
    private String first(ConditionStanding c) {
        if (c.settle() == null) {
            return "";
        }
        return " Before anything is done about it, this has to be looked for: "
                + String.join(
                        "; ",
                        c.settle().first().stream()
                                .map(f -> facts.midSentence(f.condition(), f.name()))
                                .toList())
                + ".";
    }

    private static String lines(List<String> lines, String none) {
        return lines.isEmpty() ? none : String.join("\n", lines);
    }
}
