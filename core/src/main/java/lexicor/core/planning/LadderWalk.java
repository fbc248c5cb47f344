package lexicor.core.planning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Ladder;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * How far a ladder has been walked, read off the findings alone: each step is an ordinary test.
 *
 * @param taken the steps with an outcome, from the first
 * @param current the test to do now; empty at the end
 * @param end where it ended; empty while a test is still to be done
 */
public record LadderWalk(Ladder ladder, List<Step> taken, Optional<Current> current, Optional<Ladder.Step.End> end) {
    /** A test that was done and what it came to, positive or negative. */
    public record Step(String test, Outcome outcome) {}

    /**
     * The test that the ladder asks for.
     *
     * @param unclear whether it was done without a clear outcome, so that it leads nowhere yet
     */
    public record Current(String test, boolean unclear) {}

    /**
     * @param answer one of the ladder's answers
     * @throws IllegalArgumentException if the ladder has no such answer
     */
    public static LadderWalk of(Catalogue catalogue, Ladder ladder, String answer, Findings findings) {
        String rung = ladder.answers().get(answer);
        if (rung == null) {
            throw new IllegalArgumentException(ladder.id() + " has no answer " + answer);
        }
        List<Step> taken = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        while (seen.add(rung)) {
            Ladder.Rung at = ladder.rungs().get(rung);
            Optional<Outcome> outcome = outcome(catalogue, at.test(), findings);
            if (outcome.filter(o -> o != Outcome.UNCLEAR).isEmpty()) {
                return new LadderWalk(
                        ladder, taken, Optional.of(new Current(at.test(), outcome.isPresent())), Optional.empty());
            }
            taken.add(new Step(at.test(), outcome.get()));
            Ladder.Step step = outcome.get() == Outcome.POSITIVE ? at.positive() : at.negative();
            if (step instanceof Ladder.Step.End end) {
                return new LadderWalk(ladder, taken, Optional.empty(), Optional.of(end));
            }
            rung = ((Ladder.Step.To) step).rung();
        }
        throw new IllegalArgumentException(ladder.id() + " leads back to its rung " + rung);
    }

    /** A test is positive if any of its criteria is, unclear if any is, negative if one is and none of the others. */
    private static Optional<Outcome> outcome(Catalogue catalogue, String test, Findings findings) {
        Set<Outcome> outcomes = new HashSet<>();
        catalogue.test(test).orElseThrow().criterionIds().forEach(c -> findings.of(c)
                .ifPresent(f -> outcomes.add(f.outcome())));
        for (Outcome first : List.of(Outcome.POSITIVE, Outcome.UNCLEAR, Outcome.NEGATIVE)) {
            if (outcomes.contains(first)) {
                return Optional.of(first);
            }
        }
        return Optional.empty();
    }
}
