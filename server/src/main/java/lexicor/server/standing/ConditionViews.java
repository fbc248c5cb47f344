package lexicor.server.standing;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.examination.DefinitionState;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.Pretest;
import lexicor.core.weighing.listed.Aimed;
import lexicor.core.weighing.listed.ConditionList;
import lexicor.core.weighing.listed.ListedCondition;
import lexicor.server.standing.Standing.AimedView;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.DefinitionView;
import lexicor.server.standing.Standing.LastView;
import lexicor.server.standing.Standing.StartView;

/** The candidates as the pages show them: one list, whole (method M18). */
final class ConditionViews {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

    private final BedsideCase bedside;
    private final Basis basis;
    private final Map<String, LastStanding> earlier;
    private final Map<String, WeighedCondition> ranked;
    private final Map<String, Pretest> began = new HashMap<>();
    private final RivalViews rivals;
    private final SettleViews settle;

    private ConditionViews(
            BedsideCase bedside,
            Basis basis,
            List<WeighedCondition> all,
            Map<String, LastStanding> earlier,
            SettleViews settle) {
        this.bedside = bedside;
        this.basis = basis;
        this.earlier = earlier;
        this.settle = settle;
        ranked = all.stream().collect(Collectors.toMap(WeighedCondition::id, Function.identity()));
        for (Candidate c : bedside.conditions()) {
            began.put(c.id(), c.began().orElseGet(() -> Pretest.of(c.pretest())));
        }
        rivals = new RivalViews(basis.catalogue(), all);
    }

    /**
     * @param earlier where candidates stood at earlier visits, by condition
     */
    static List<ConditionStanding> of(
            BedsideCase bedside,
            Basis basis,
            List<WeighedCondition> all,
            Map<String, LastStanding> earlier,
            SettleViews settle) {
        return new ConditionViews(bedside, basis, all, earlier, settle).list(all);
    }

    private List<ConditionStanding> list(List<WeighedCondition> all) {
        Map<String, Double> stood = new HashMap<>();
        earlier.forEach((id, last) -> stood.put(id, last.posttest()));
        return ConditionList.of(basis.catalogue(), bedside.findings(), bedside.conditions(), all, stood).stream()
                .map(this::view)
                .toList();
    }

    private ConditionStanding view(ListedCondition listed) {
        WeighedCondition c = ranked.get(listed.id());
        Catalogue catalogue = basis.catalogue();
        Condition condition = catalogue.condition(c.id()).orElseThrow();
        boolean examined = listed.group() != ListedCondition.Group.UNTOUCHED
                || listed.aimed().tests() > 0;
        Optional<LastStanding> last = examined ? Optional.empty() : Optional.ofNullable(earlier.get(c.id()));
        return new ConditionStanding(
                c.id(),
                condition.name(),
                listed.place(),
                c.pretest(),
                c.posttest(),
                c.average().low(),
                c.average().high(),
                c.newClinic().low(),
                c.newClinic().high(),
                examined ? c.probabilityFirst() : null,
                c.verdict(),
                c.borderline(),
                condition.ruleOut(),
                condition.act(),
                (int) c.ledger().stream()
                        .filter(r -> r.status() == Status.COUNTED)
                        .count(),
                listed.isWeighed(),
                listed.group(),
                listed.under().orElse(null),
                marked(listed),
                settle.of(c),
                PretestWords.of(began.get(c.id())),
                start(began.get(c.id())),
                rivals.of(c),
                new AimedView(
                        listed.aimed().positive(),
                        listed.aimed().negative(),
                        listed.aimed().unclear(),
                        listed.isWeighed() ? "" : words(listed.aimed(), c)),
                DefinitionState.of(catalogue, c.id(), bedside.findings()).stream()
                        .map(ConditionViews::definition)
                        .toList(),
                last.map(l -> last(l, basis)).orElse(null));
    }

    private static StartView start(Pretest pretest) {
        return new StartView(pretest.baseRate(), pretest.steps(), pretest.isHeld());
    }

    private String marked(ListedCondition listed) {
        List<String> marks = new ArrayList<>();
        listed.bySign()
                .ifPresent(id ->
                        marks.add("diagnosed by its sign (" + basis.catalogue().findingName(id) + ")"));
        if (listed.definitionMet()) {
            marks.add("meets its definition");
        }
        return marks.isEmpty() ? null : String.join("; ", marks);
    }

    /** What the tests aimed at a condition came to, where nothing recorded can be weighed for it. */
    private static String words(Aimed aimed, WeighedCondition c) {
        if (aimed.tests() == 0) {
            return "Not examined yet.";
        }
        boolean sensitivity = c.ledger().stream().anyMatch(r -> r.status() == Status.SENSITIVITY_ONLY);
        boolean unchecked = c.ledger().stream().anyMatch(r -> r.status() == Status.UNCHECKED);
        boolean leftOut = c.ledger().stream().anyMatch(r -> r.status() == Status.LEFT_OUT);
        String none = unchecked
                ? "no figure of it is checked"
                : leftOut
                        ? "its figures or judgements are left out"
                        : sensitivity ? "no specificity is published" : "none has published figures";
        if (aimed.tests() == 1) {
            String came = aimed.positive() == 1 ? "positive" : aimed.unclear() == 1 ? "unclear" : "negative";
            return "The one test aimed at this is " + came + "; "
                    + (none.startsWith("none") ? "it has no published figures" : none) + ".";
        }
        return aimed.positive() + " of " + aimed.tests() + " tests aimed at this are positive"
                + (aimed.unclear() > 0 ? ", " + aimed.unclear() + " unclear" : "") + "; " + none + ".";
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
