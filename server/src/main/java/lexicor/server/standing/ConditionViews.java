package lexicor.server.standing;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Condition;
import lexicor.core.examination.DefinitionState;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.Aimed;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.server.standing.Standing.AimedView;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.DefinitionView;
import lexicor.server.standing.Standing.LastView;

/**
 * The candidates as the pages show them. Those that something recorded has a figure for come in their order, and so do those
 * that an earlier visit examined, by where they stood then; the others stand apart behind them (method M18).
 */
final class ConditionViews {
    private record Placed(WeighedCondition condition, Aimed aimed, Optional<LastStanding> last) {
        boolean isWeighed() {
            return aimed.figures();
        }

        boolean isInRanking() {
            return isWeighed() || last.isPresent();
        }

        /** While nothing was weighed, only what was examined without figures stands apart. */
        boolean isApart(boolean begun) {
            return begun ? !isInRanking() : aimed.tests() > 0;
        }

        double place() {
            return isWeighed() || last.isEmpty()
                    ? condition.posttest()
                    : last.get().posttest();
        }
    }

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

    private ConditionViews() {}

    /**
     * @param earlier where candidates stood at earlier visits, by condition
     */
    static List<ConditionStanding> of(
            BedsideCase bedside, Basis basis, List<WeighedCondition> ranked, Map<String, LastStanding> earlier) {
        List<Placed> placed = new ArrayList<>();
        for (WeighedCondition c : ranked) {
            Aimed aimed = Aimed.at(c.id(), basis.catalogue(), bedside.findings(), basis.evidence());
            placed.add(new Placed(
                    c, aimed, aimed.isExamined() ? Optional.empty() : Optional.ofNullable(earlier.get(c.id()))));
        }
        boolean begun = placed.stream().anyMatch(Placed::isInRanking);
        // What is equal keeps the order of the ranking.
        placed.sort(Comparator.<Placed>comparingInt(p -> p.isApart(begun) ? 1 : 0)
                .thenComparing(Comparator.comparingDouble(Placed::place).reversed()));
        List<ConditionStanding> views = new ArrayList<>();
        RivalViews rivals = new RivalViews(basis.catalogue(), ranked);
        placed.forEach(p -> views.add(view(p, views.size() + 1, p.isApart(begun), rivals, bedside, basis)));
        return List.copyOf(views);
    }

    private static ConditionStanding view(
            Placed p, int rank, boolean apart, RivalViews rivals, BedsideCase bedside, Basis basis) {
        WeighedCondition c = p.condition();
        Condition condition = basis.catalogue().condition(c.id()).orElseThrow();
        return new ConditionStanding(
                c.id(),
                condition.name(),
                rank,
                c.pretest(),
                c.posttest(),
                c.average().low(),
                c.average().high(),
                c.newClinic().low(),
                c.newClinic().high(),
                p.aimed().isExamined() ? c.probabilityFirst() : null,
                c.verdict(),
                c.borderline(),
                condition.ruleOut(),
                condition.act(),
                (int) c.ledger().stream()
                        .filter(r -> r.status() == Status.COUNTED)
                        .count(),
                p.isWeighed(),
                apart,
                rivals.of(c),
                new AimedView(
                        p.aimed().positive(), p.aimed().negative(), p.aimed().unclear(), words(p.aimed())),
                DefinitionState.of(basis.catalogue(), c.id(), bedside.findings()).stream()
                        .map(ConditionViews::definition)
                        .toList(),
                p.last().map(l -> last(l, basis)).orElse(null));
    }

    /** What the tests aimed at a condition came to, where nothing recorded has a figure for it. */
    private static String words(Aimed aimed) {
        if (aimed.figures()) {
            return "";
        }
        if (aimed.tests() == 0) {
            return "Not examined yet.";
        }
        if (aimed.tests() == 1) {
            String came = aimed.positive() == 1 ? "positive" : aimed.unclear() == 1 ? "unclear" : "negative";
            return "The one test aimed at this is " + came + "; it has no published figures.";
        }
        return aimed.positive() + " of " + aimed.tests() + " tests aimed at this are positive"
                + (aimed.unclear() > 0 ? ", " + aimed.unclear() + " unclear" : "") + "; none has published figures.";
    }

    private static LastView last(LastStanding l, Basis basis) {
        String day = DAY.format(l.on().atZone(basis.department().zone()));
        return new LastView(
                l.visit(), l.on(), l.posttest(), "not tested today, last " + Percent.of(l.posttest()) + " on " + day);
    }

    private static String words(DefinitionState s) {
        String of = s.definition().name() + " (" + s.definition().source() + ")";
        return switch (s.state()) {
            case MET -> "Meets the definition of " + of + ".";
            case NOT_MET -> "Does not meet the definition of " + of + ".";
            case OPEN ->
                "The definition of " + of + " is open: " + s.met() + " of " + s.parts()
                        + (s.parts() == 1 ? " part" : " parts") + " met.";
        };
    }

    private static DefinitionView definition(DefinitionState s) {
        return new DefinitionView(
                s.definition().id(),
                s.definition().name(),
                s.definition().source(),
                s.definition().note(),
                s.state(),
                s.met(),
                s.parts(),
                words(s));
    }
}
