package lexicor.core.weighing.listed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Relations.Kin;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.examination.DefinitionState;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.listed.ListedCondition.Group;
import lexicor.core.weighing.model.Item;

/**
 * Every candidate in one list (method M18): weighed ones at or above their rule-out line by probability; those found positive though
 * nothing can be weighed, or whose definition is met, the most positives first; by probability those that nothing has touched and those
 * that rose and are still below their line; last what fell below its line, and what was examined and found negative alone. Nothing is
 * left out.
 */
public final class ConditionList {
    private final Catalogue catalogue;
    private final Findings findings;
    private final Map<String, Double> earlier;
    private final Map<String, Double> ruleOut = new HashMap<>();

    private ConditionList(
            Catalogue catalogue, Findings findings, List<Candidate> candidates, Map<String, Double> earlier) {
        this.catalogue = catalogue;
        this.findings = findings;
        this.earlier = earlier;
        candidates.forEach(c -> ruleOut.put(c.id(), c.ruleOutBelow()));
    }

    /**
     * @param standsAt where it stands, today or where it was last examined
     */
    private record Placed(WeighedCondition condition, ListedCondition listed, double standsAt, boolean asWeighed) {
        /** Those that are found stand above the raised, the untouched in one line with the raised, all else in its own part. */
        int part() {
            if (asWeighed) {
                return 0;
            }
            return switch (listed.group()) {
                case WEIGHED -> 0;
                case FOUND -> 1;
                case RAISED, UNTOUCHED -> 2;
                case FELL -> 3;
                case NEGATIVE -> 4;
            };
        }
    }

    /**
     * @param ranked every candidate, weighed
     */
    public static List<ListedCondition> of(
            Catalogue catalogue, Findings findings, List<Candidate> candidates, List<WeighedCondition> ranked) {
        return of(catalogue, findings, candidates, ranked, Map.of());
    }

    /**
     * The same at a later visit: what nothing of this visit tells of stands where it was last found to stand.
     *
     * @param earlier where candidates stood when they were last examined at a visit before, by condition
     */
    public static List<ListedCondition> of(
            Catalogue catalogue,
            Findings findings,
            List<Candidate> candidates,
            List<WeighedCondition> ranked,
            Map<String, Double> earlier) {
        return new ConditionList(catalogue, findings, candidates, earlier).list(ranked);
    }

    private List<ListedCondition> list(List<WeighedCondition> ranked) {
        List<Placed> placed = new ArrayList<>(ranked.stream()
                .map(this::placed)
                .sorted(Comparator.comparingInt(Placed::part)
                        .thenComparingInt(p -> p.listed().group() == Group.FOUND
                                ? -p.listed().aimed().positive()
                                : 0)
                        .thenComparingDouble(p -> -p.standsAt()))
                .toList());
        List<ListedCondition> list = new ArrayList<>();
        for (Placed p : placed) {
            ListedCondition l = p.listed();
            list.add(new ListedCondition(
                    l.id(), list.size() + 1, l.group(), l.aimed(), l.bySign(), l.definitionMet(), l.under()));
        }
        return withKinTogether(list);
    }

    private Placed placed(WeighedCondition c) {
        ListedCondition listed = listed(c);
        Double last = listed.group() == Group.UNTOUCHED ? earlier.get(c.id()) : null;
        return last == null
                ? new Placed(c, listed, c.posttest(), false)
                : new Placed(c, listed, last, last >= ruleOut.get(c.id()));
    }

    private ListedCondition listed(WeighedCondition c) {
        Aimed aimed = Aimed.at(c.id(), catalogue, findings);
        boolean met = DefinitionState.of(catalogue, c.id(), findings).stream()
                .anyMatch(d -> d.state() == DefinitionState.State.MET);
        return new ListedCondition(c.id(), 0, group(c, aimed, met), aimed, bySign(c.id()), met, Optional.empty());
    }

    private Group group(WeighedCondition c, Aimed aimed, boolean definitionMet) {
        boolean weighed = isWeighed(c);
        if (weighed && c.posttest() >= ruleOut.get(c.id())) {
            return Group.WEIGHED;
        }
        if (definitionMet || !weighed && aimed.positive() > 0) {
            return Group.FOUND;
        }
        if (weighed) {
            return c.posttest() < c.pretest() ? Group.FELL : Group.RAISED;
        }
        return aimed.negative() > 0 ? Group.NEGATIVE : Group.UNTOUCHED;
    }

    /** Whether something recorded has a figure or a judgement that weighs for it. */
    public static boolean isWeighed(WeighedCondition c) {
        return c.ledger().stream()
                .anyMatch(r -> r.lrAlone().isPresent() && !(r.kind() == Item.Kind.CLUSTER && isSilent(r)));
    }

    private static boolean isSilent(LedgerRow row) {
        return switch (row.status()) {
            case RULES_IN_ONLY, OTHER_SCHOOL -> true;
            default -> false;
        };
    }

    private Optional<String> bySign(String condition) {
        return catalogue.judged().stream()
                .filter(j -> j.defining() && j.condition().equals(condition))
                .map(JudgedSign::criterion)
                .filter(id -> findings.of(id)
                        .filter(f -> f.outcome() == Outcome.POSITIVE)
                        .isPresent())
                .findFirst();
    }

    /** A part stands under its whole where both are weighed and the whole stands higher; its place in the list stays its own. */
    private List<ListedCondition> withKinTogether(List<ListedCondition> list) {
        List<ListedCondition> together = new ArrayList<>(list);
        for (Kin kin : catalogue.relations().kin()) {
            int whole = indexOf(together, kin.whole());
            int part = indexOf(together, kin.part());
            boolean below = whole >= 0 && part > whole;
            if (below
                    && together.get(part).under().isEmpty()
                    && together.get(whole).under().isEmpty()
                    && together.get(whole).isWeighed()
                    && together.get(part).isWeighed()) {
                ListedCondition moved = together.remove(part).under(kin.whole());
                int at = whole + 1;
                while (at < together.size() && together.get(at).under().equals(Optional.of(kin.whole()))) {
                    at++;
                }
                together.add(at, moved);
            }
        }
        return List.copyOf(together);
    }

    private static int indexOf(List<ListedCondition> list, String id) {
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }
}
