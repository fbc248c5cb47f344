package lexicor.server.practice;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.examination.Place;
import lexicor.core.practice.debrief.Debrief;
import lexicor.core.practice.debrief.Debrief.TestStep;
import lexicor.core.practice.debrief.Encounter;
import lexicor.server.practice.PracticeViews.DebriefPoint;
import lexicor.server.practice.PracticeViews.DebriefView;
import lexicor.server.practice.PracticeViews.JudgedView;
import lexicor.server.practice.PracticeViews.TestStepView;

/** What is said after a simulated patient, for the page. */
final class Debriefs {
    private final Attempt attempt;
    private final Catalogue catalogue;
    private final Encounter encounter;

    private Debriefs(Attempt attempt) {
        this.attempt = attempt;
        catalogue = attempt.catalogue();
        encounter = attempt.encounter();
    }

    static DebriefView of(Attempt attempt) {
        return new Debriefs(attempt).view();
    }

    private DebriefView view() {
        Debrief debrief = Debrief.of(
                encounter, attempt.basis().evidence(), attempt.basis().school());
        return new DebriefView(
                truth(),
                debrief.judged().stream().map(this::judged).toList(),
                debrief.own(),
                debrief.program(),
                debrief.words(),
                debrief.points().stream()
                        .map(p -> new DebriefPoint(
                                p.kind(),
                                p.words(),
                                p.place().map(Place::test).orElse(null),
                                p.place().map(Place::at).orElse(null),
                                p.place().map(Place::side).orElse(null)))
                        .toList(),
                debrief.minutes(),
                bits(debrief.steps()),
                bits(debrief.best()),
                debrief.positions().changes(),
                debrief.positions().best(),
                debrief.steps().stream().map(this::step).toList(),
                debrief.best().stream().map(this::step).toList(),
                attempt.isPeeked(),
                next(),
                encounter.isPlanRight().orElse(null));
    }

    private static double bits(List<TestStep> steps) {
        return steps.stream().mapToDouble(TestStep::bits).sum();
    }

    private String truth() {
        Set<String> there = encounter.patient().conditions();
        return there.isEmpty()
                ? "None of the candidates was there."
                : "There was: " + there.stream().map(this::name).collect(Collectors.joining(", and ")) + ".";
    }

    private String name(String condition) {
        return catalogue.conditionName(condition);
    }

    private JudgedView judged(Debrief.Judged j) {
        return new JudgedView(
                j.condition(),
                name(j.condition()),
                j.present(),
                j.pretest(),
                j.before(),
                j.atEnd(),
                j.program(),
                j.asFelt());
    }

    private TestStepView step(TestStep s) {
        return new TestStepView(s.test(), catalogue.test(s.test()).orElseThrow().name(), s.bits(), s.minutes());
    }

    private List<String> next() {
        return encounter.patient().conditions().stream()
                .flatMap(c -> catalogue.condition(c).stream())
                .map(c -> c.name() + ": " + c.onward())
                .toList();
    }
}
