package lexicor.core.planning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import lexicor.core.catalogue.Ladder;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/** When a ladder fits, read off the findings that the packs name. */
public final class LadderStart {
    private LadderStart() {}

    /** Whether a finding offers the ladder, be it without an answer to its question. */
    public static boolean isOffered(Ladder ladder, Findings findings) {
        return any(ladder.startsFrom(), Outcome.POSITIVE, findings)
                || answer(ladder, findings).isPresent();
    }

    /** The answer to the ladder's question that the findings give, positives first; empty where none does. */
    public static Optional<String> answer(Ladder ladder, Findings findings) {
        return first(ladder, signs -> any(signs.positive(), Outcome.POSITIVE, findings))
                .or(() -> first(ladder, signs -> any(signs.negative(), Outcome.NEGATIVE, findings)));
    }

    private static Optional<String> first(Ladder ladder, Predicate<Ladder.Signs> given) {
        return ladder.answeredBy().entrySet().stream()
                .filter(e -> given.test(e.getValue()))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static boolean any(List<String> criteria, Outcome outcome, Findings findings) {
        return criteria.stream()
                .anyMatch(c -> findings.of(c).map(Finding::outcome).equals(Optional.of(outcome)));
    }
}
