package lexicor.server.intake;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Ladder;
import lexicor.server.cases.CasePlan;
import lexicor.server.intake.IntakeViews.PlanChange;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Basis;

/** What a running order and an answer to a ladder have to be, for whatever patient. */
public final class PlanChecks {
    private PlanChecks() {}

    /** The tests in the order wished for, or arranged; refuses what the content does not have. */
    public static List<String> order(PlanChange change, Basis used) {
        List<String> tests = change.tests();
        if (tests == null) {
            throw Refusal.field("tests", "missing; expected a list, empty to follow the proposed order");
        }
        Set<String> seen = new HashSet<>();
        for (String id : tests) {
            if (id == null || used.catalogue().test(id).isEmpty()) {
                throw Refusal.field("tests", "there is no test " + id);
            }
            if (!seen.add(id)) {
                throw Refusal.field("tests", id + " is listed twice");
            }
        }
        for (String set : Optional.ofNullable(change.sets()).orElse(List.of())) {
            if (set == null || used.catalogue().set(set).isEmpty()) {
                throw Refusal.field("sets", "there is no set " + set);
            }
        }
        return change.arrange() ? CasePlan.inOrder(seen, used) : tests;
    }

    /**
     * Refuses a ladder that is not there, and what is no answer to its question.
     *
     * @param answer null to leave the ladder
     */
    public static void answer(Catalogue catalogue, String id, String answer) {
        Ladder ladder = catalogue.ladder(id).orElseThrow(() -> Refusal.notFound("There is no ladder " + id + "."));
        if (answer != null && !ladder.answers().containsKey(answer)) {
            throw Refusal.field("answer", "expected one of " + ladder.answers().keySet() + ", found " + answer);
        }
    }
}
