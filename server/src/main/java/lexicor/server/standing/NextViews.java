package lexicor.server.standing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.planning.Advice;
import lexicor.core.planning.Restraint;
import lexicor.core.planning.Stage;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.WeighedCase;
import lexicor.server.standing.Standing.AdviceView;
import lexicor.server.standing.Standing.Effect;
import lexicor.server.standing.Standing.NextTestView;

/** The tests that could be done next, and the one that is advised, as the pages show them. */
final class NextViews {
    private static final int EFFECTS_SHOWN = 3;

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final WeighedCase result;
    private final Set<String> done;

    /**
     * @param done the tests of which something is recorded
     */
    NextViews(Catalogue catalogue, EvidenceBase evidence, WeighedCase result, Set<String> done) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.result = result;
        this.done = done;
    }

    /** Those that would tell most. */
    List<NextTestView> most(List<NextTest> reachable, int shown) {
        return reachable.stream()
                .filter(t -> t.gain() > 0)
                .limit(shown)
                .map(this::view)
                .toList();
    }

    /**
     * What is advised, in the order of work (method M10).
     *
     * @param left those that are better left
     */
    AdviceView advice(List<NextTest> reachable, OpenPlan planned, List<Restraint.Left> left) {
        List<String> open = new ArrayList<>(planned.tests());
        left.forEach(l -> open.remove(l.test()));
        List<NextTest> inTime = reachable.stream()
                .filter(t -> !planned.leftOut()
                        .contains(catalogue.testOf(t.id()).orElseThrow().id()))
                .toList();
        Advice advice = Advice.of(catalogue, result, inTime, open);
        return new AdviceView(
                advice.test().map(this::view).orElse(null),
                advice.first()
                        .map(s -> inTime.stream().anyMatch(t -> t.gain() > 0)
                                ? waits(s, advice.open().size())
                                : NOTHING_TELLS)
                        .orElse(null),
                advice.open().stream().findFirst().orElse(null));
    }

    private static final String NOTHING_TELLS =
            "No figure or judgement would move anything: this comes next in the order.";

    private static String waits(Stage stage, int open) {
        String comes =
                switch (stage) {
                    case LOOK -> "Looking comes first";
                    case FEEL -> "Feeling comes first";
                    case MOVE -> "Range comes first";
                    case MEASURE -> "Strength and sensation come first";
                    case PROVOKE -> "Other tests come first";
                };
        return comes + ": " + (open == 1 ? "one planned test is open." : open + " planned tests are open.");
    }

    private NextTestView view(NextTest next) {
        ClinicalTest test = catalogue.testOf(next.id()).orElseThrow();
        List<Effect> effects = result.conditions().stream()
                .map(c -> new Effect(
                        c.id(),
                        catalogue.condition(c.id()).orElseThrow().name(),
                        c.posttest(),
                        next.ifPositive().get(c.id()),
                        next.ifNegative().get(c.id())))
                .filter(e -> e.ifPositive() != e.ifNegative())
                .sorted(Comparator.comparingDouble(e -> e.ifNegative() - e.ifPositive()))
                .limit(EFFECTS_SHOWN)
                .toList();
        return new NextTestView(
                next.id(),
                test.id(),
                test.name(),
                catalogue.criterion(next.id()).orElseThrow().label(),
                test.position(),
                test.minutes(),
                test.provocation(),
                next.gain(),
                next.gainPerMinute().isPresent() ? next.gainPerMinute().getAsDouble() : null,
                test.after().stream().filter(t -> !done.contains(t)).findFirst().orElse(null),
                result.conditions().stream()
                        .filter(c -> next.gainFor(c.id()) > 0)
                        .allMatch(c -> evidence.isJudged(next.id(), c.id())),
                effects);
    }
}
