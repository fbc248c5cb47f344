package lexicor.server.standing;

import java.util.Locale;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.weighing.explain.Doubts.Doubt;

/** A reason for doubt in plain words. */
final class DoubtSentence {
    private DoubtSentence() {}

    static String of(Doubt doubt, Catalogue catalogue) {
        if (doubt instanceof Doubt.OneSmallStudy d) {
            String people = d.people().isPresent()
                    ? String.format(Locale.ROOT, "of %.0f people", d.people().getAsDouble())
                    : "whose size is not known";
            return String.format(
                    Locale.ROOT,
                    "%.0f %% of the weight rests on one study %s (%s).",
                    100 * d.share(),
                    people,
                    name(d.finding(), catalogue));
        }
        if (doubt instanceof Doubt.OneJudgement d) {
            return String.format(
                    Locale.ROOT,
                    "%.0f %% of the weight rests on a judgement, with no study behind it (%s).",
                    100 * d.share(),
                    name(d.finding(), catalogue));
        }
        if (doubt instanceof Doubt.FirstDescriptionsOnly) {
            return "Everything that counts comes from studies at high risk of bias, first descriptions as a rule; "
                    + "later studies tend to find less.";
        }
        if (doubt instanceof Doubt.PretestAtTheEdge d) {
            return String.format(
                    Locale.ROOT,
                    d.pretest() < 0.5
                            ? "It began at %.1f %%: where a condition is so rare, even a strong positive leaves much doubt."
                            : "It began at %.1f %%: where a condition is so common, even a strong negative leaves much doubt.",
                    100 * d.pretest());
        }
        Doubt.Contradictory d = (Doubt.Contradictory) doubt;
        return String.format(
                Locale.ROOT,
                "\u201c%s\u201d positive and \u201c%s\u201d negative contradict each other: together they come up in at most "
                        + "%.1f in 100, with the condition or without. Do one of them again.",
                name(d.pair().positive(), catalogue),
                name(d.pair().negative(), catalogue),
                100 * d.pair().chance());
    }

    private static String name(String id, Catalogue catalogue) {
        return StatusSentence.name(id, catalogue);
    }
}
