package lexicor.core.planning;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.Ladder;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * When a ladder fits, read off a finding. The packs ask each ladder's question in words; these are the criteria that answer
 * it. A ladder without a criterion here is offered by its candidates alone.
 */
public final class LadderStart {
    /** An outcome that starts a ladder with an answer. */
    private record Sign(String ladder, String criterion, Outcome outcome, String answer) {}

    private static final List<Sign> SIGNS = List.of(
            positive(
                    "painful-passive-pronation",
                    "wrist-movements/pain-on-passive-pronation-dorsal",
                    "back of the wrist"),
            positive("painful-passive-pronation", "wrist-movements/pain-on-passive-pronation-volar", "palm side"),
            positive("thumb-side-wrist", "eichhoff/pain", "yes"),
            positive("thumb-side-wrist", "finkelstein/pain", "yes"),
            negative("thumb-side-wrist", "eichhoff/pain", "no"),
            negative("thumb-side-wrist", "finkelstein/pain", "no"),
            positive("median-tingling", "phalen/median-symptoms-60s", "yes"),
            positive("median-tingling", "median-tinel-wrist/median-tingling", "yes"),
            negative("median-tingling", "phalen/median-symptoms-60s", "no"),
            negative("median-tingling", "median-tinel-wrist/median-tingling", "no"),
            positive("unstable-shoulder", "apprehension/apprehension", "clear"),
            negative("unstable-shoulder", "apprehension/apprehension", "none"));

    private LadderStart() {}

    /** The answer to the ladder's question that the findings give; empty where none does. */
    public static Optional<String> answer(Ladder ladder, Findings findings) {
        return SIGNS.stream()
                .filter(s -> s.ladder.equals(ladder.id()))
                .filter(s -> findings.of(s.criterion).map(Finding::outcome).equals(Optional.of(s.outcome)))
                .map(Sign::answer)
                .findFirst();
    }

    private static Sign positive(String ladder, String criterion, String answer) {
        return new Sign(ladder, criterion, Outcome.POSITIVE, answer);
    }

    private static Sign negative(String ladder, String criterion, String answer) {
        return new Sign(ladder, criterion, Outcome.NEGATIVE, answer);
    }
}
