package lexicor.core.practice.debrief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Place;
import lexicor.core.planning.Circumstances;
import lexicor.core.planning.RunningOrder;
import lexicor.core.practice.StatedProbability;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.CaseToWeigh;

/**
 * What is said after a simulated patient (method M14, M20).
 *
 * @param judged each candidate, in the complaint's order
 * @param own the learner's scores at the end
 * @param program the program's
 * @param words the scores in plain words
 * @param points what could have been done otherwise, the gravest first
 * @param minutes that it would have taken
 * @param positions changes of position, and how many the best order of the same tests has
 * @param steps the tests done, with the bits that each was expected to tell
 * @param best the best order within the same minutes
 */
public record Debrief(
        List<Judged> judged,
        Scores own,
        Scores program,
        String words,
        List<Point> points,
        double minutes,
        Positions positions,
        List<TestStep> steps,
        List<TestStep> best) {

    /**
     * A candidate before, after and in truth.
     *
     * @param pretest where it starts in this setting
     * @param program by the program, from what was recorded
     * @param asFelt by the program, had everything that was done been recorded as it was felt
     * @param multiplied from what was recorded, every ratio multiplied
     */
    public record Judged(
            String condition,
            boolean present,
            double pretest,
            double before,
            double atEnd,
            double program,
            double asFelt,
            double multiplied) {}

    /** The mean over the candidates; 0 is best. */
    public record Scores(double brier, double bits) {}

    public record Positions(int changes, int best) {}

    /** A test with its expected bits when it was done. */
    public record TestStep(String test, double bits, double minutes) {}

    /** A probability nobody means quite so: the logarithmic score of a certainty that is wrong has no end. */
    private static final double SUREST = 0.999;

    /**
     * @param evidence the figures that the patient was made from
     * @param school the way of weighing in force
     */
    public static Debrief of(Encounter encounter, EvidenceBase evidence, School school) {
        Bedside bedside = new Bedside(encounter.patient(), evidence, school);
        Map<String, Boolean> answers = encounter.answers();
        Findings tapped = bedside.findings(encounter.tapped(), answers);
        List<Judged> judged = judged(encounter, bedside, tapped);
        Gains gains = new Gains(bedside, encounter);
        List<Point> points = new ArrayList<>(Safety.of(encounter, tapped));
        points.addAll(gains.forNothing);
        points.addAll(Misreadings.of(encounter));
        points.addAll(OrderOfWork.of(encounter));
        points.addAll(Judgement.of(encounter, evidence, tapped, judged));
        points.sort(Comparator.comparing(Point::kind));
        Scores own = scores(judged, true);
        Scores program = scores(judged, false);
        return new Debrief(
                judged,
                own,
                program,
                words(own, program),
                List.copyOf(points),
                ClinicClock.minutes(bedside.catalogue, encounter.deeds()),
                positions(encounter, bedside),
                List.copyOf(gains.done),
                List.copyOf(gains.best));
    }

    private static Positions positions(Encounter encounter, Bedside bedside) {
        List<String> best =
                RunningOrder.of(encounter.tests().stream()
                                .map(t -> bedside.catalogue.test(t).orElseThrow())
                                .toList())
                        .stream()
                        .map(t -> t.id())
                        .toList();
        return new Positions(
                ClinicClock.changes(bedside.catalogue, encounter.tests()),
                ClinicClock.changes(bedside.catalogue, best));
    }

    private static List<Judged> judged(Encounter encounter, Bedside bedside, Findings tapped) {
        Map<String, Boolean> answers = encounter.answers();
        Circumstances told = encounter.circumstances();
        List<Place> places = encounter.of(Did.class).map(Did::place).toList();
        CaseToWeigh recorded = bedside.toWeigh(tapped, answers, told);
        CaseToWeigh felt = bedside.toWeigh(bedside.findings(bedside.felt(places), answers), answers, told);
        WeighedCase program = Weighing.weigh(recorded, bedside.school);
        WeighedCase asFelt = Weighing.weigh(felt, bedside.school);
        Map<String, Double> multiplied = program.schools().get(School.INDEPENDENT);
        List<Judged> all = new ArrayList<>();
        encounter.patient().world().startingRates().forEach((c, pretest) -> {
            // One that needs an injury is no candidate where nobody was told of one.
            double known = program.condition(c).map(w -> w.pretest()).orElse(0.0);
            all.add(new Judged(
                    c,
                    encounter.patient().conditions().contains(c),
                    pretest,
                    encounter.before().getOrDefault(c, pretest),
                    encounter.atEnd().getOrDefault(c, pretest),
                    program.condition(c).map(w -> w.posttest()).orElse(known),
                    asFelt.condition(c).map(w -> w.posttest()).orElse(known),
                    multiplied.getOrDefault(c, known)));
        });
        return List.copyOf(all);
    }

    private static Scores scores(List<Judged> judged, boolean own) {
        List<StatedProbability> stated = judged.stream()
                .map(j -> new StatedProbability(
                        Math.min(SUREST, Math.max(1 - SUREST, own ? j.atEnd() : j.program())), j.present()))
                .toList();
        return new Scores(
                stated.stream().mapToDouble(StatedProbability::brier).average().orElse(0),
                stated.stream()
                        .mapToDouble(StatedProbability::logScoreBits)
                        .average()
                        .orElse(0));
    }

    private static String words(Scores own, Scores program) {
        double apart = own.brier() - program.brier();
        String beside = Math.abs(apart) < 0.01 ? "as near" : apart < 0 ? "nearer" : "not as near";
        return String.format(
                Locale.ROOT,
                "Your probabilities were %s to the truth %s the program's. Brier score %.3f (the program %.3f): the mean square of how"
                        + " far each was off, 0 is best and saying 50 %% to everything gives 0.250. Logarithmic score %.2f bits (%.2f):"
                        + " how surprised you were by the truth, and surprise grows without end for whoever was certain.",
                beside,
                beside.startsWith("as") || beside.startsWith("not as") ? "as" : "than",
                own.brier(),
                program.brier(),
                own.bits(),
                program.bits());
    }
}
