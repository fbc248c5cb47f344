package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.numbers.Logit;

/** Where a probability seems to have been taken from: a specificity, or ratios multiplied as if tests were independent. */
final class Judgement {
    /** How near to a specificity a probability has to be, and how far from the program's; working lines. */
    private static final double NEAR = 0.02;

    private static final double FAR = 0.12;
    /** The same for multiplying, on the log-odds scale. */
    private static final double NEAR_LOGIT = 0.25;

    private static final double FAR_LOGIT = 0.7;
    private static final double CERTAIN = 0.98;

    private final Encounter encounter;
    private final EvidenceBase evidence;
    private final Findings tapped;
    private final List<Point> points = new ArrayList<>();

    private Judgement(Encounter encounter, EvidenceBase evidence, Findings tapped) {
        this.encounter = encounter;
        this.evidence = evidence;
        this.tapped = tapped;
    }

    static List<Point> of(Encounter encounter, EvidenceBase evidence, Findings tapped, List<Debrief.Judged> judged) {
        Judgement all = new Judgement(encounter, evidence, tapped);
        judged.forEach(all::judge);
        return all.points;
    }

    private void judge(Debrief.Judged j) {
        Optional<Finding> read = tapped.all().stream()
                .filter(f -> f.outcome() == Outcome.POSITIVE && isReadAsProbability(f, j))
                .findFirst();
        if (read.isPresent()) {
            specificity(read.get(), j);
        } else if (isMultiplied(j)) {
            multiplied(j);
        } else if (isSureAndWrong(j)) {
            say(
                    name(j) + ": " + percent(j.atEnd()) + " leaves no room for doubt, and it was "
                            + (j.present() ? "there." : "not there."),
                    Optional.empty());
        }
    }

    private boolean isReadAsProbability(Finding f, Debrief.Judged j) {
        return evidence.accuracy(f.criterion(), j.condition())
                        .filter(a -> Math.abs(a.shown().specificity() - j.atEnd()) <= NEAR)
                        .isPresent()
                && Math.abs(j.program() - j.atEnd()) >= FAR;
    }

    private void specificity(Finding f, Debrief.Judged j) {
        Accuracy accuracy = evidence.accuracy(f.criterion(), j.condition()).orElseThrow();
        Optional<ClinicalTest> test = encounter.patient().world().catalogue().testOf(f.criterion());
        say(
                String.format(
                        Locale.ROOT,
                        "%s: %s is about the specificity of %s (%s), not the chance of having it. Of people like this one %s have it"
                                + " to begin with; after all that was recorded it is %s.",
                        name(j),
                        percent(j.atEnd()),
                        encounter.patient().world().catalogue().findingName(f.criterion()),
                        percent(accuracy.shown().specificity()),
                        percent(j.pretest()),
                        percent(j.program())),
                test);
    }

    private boolean isMultiplied(Debrief.Judged j) {
        double own = Logit.of(clamped(j.atEnd()));
        double multiplied = Logit.of(clamped(j.multiplied()));
        double program = Logit.of(clamped(j.program()));
        return Math.abs(own - multiplied) <= NEAR_LOGIT && Math.abs(multiplied - program) >= FAR_LOGIT;
    }

    private void multiplied(Debrief.Judged j) {
        say(
                name(j) + ": " + percent(j.atEnd()) + " is what comes of multiplying every ratio ("
                        + percent(j.multiplied())
                        + "). Tests that provoke the same tissue fail together and share their causes; weighed so, it is "
                        + percent(j.program()) + ".",
                Optional.empty());
    }

    private static boolean isSureAndWrong(Debrief.Judged j) {
        return j.present() ? j.atEnd() <= 1 - CERTAIN : j.atEnd() >= CERTAIN;
    }

    private static double clamped(double p) {
        return Math.min(0.999, Math.max(0.001, p));
    }

    private String name(Debrief.Judged j) {
        return encounter
                .patient()
                .world()
                .catalogue()
                .condition(j.condition())
                .map(Condition::name)
                .orElse(j.condition());
    }

    static String percent(double p) {
        return p > 0 && p < 0.01 ? "under 1 %" : p < 1 && p > 0.99 ? "over 99 %" : Math.round(p * 100) + " %";
    }

    private void say(String words, Optional<ClinicalTest> test) {
        points.add(test.map(t -> Point.of(Point.Kind.JUDGEMENT, words, t, encounter))
                .orElseGet(() -> Point.of(Point.Kind.JUDGEMENT, words)));
    }
}
