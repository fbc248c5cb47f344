package lexicor.core.outcomes.followed;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is known of a condition from everything noted of it: the strongest reference that gave an answer speaks; of two alike the
 * later day, then the later note (method M13).
 *
 * @param reference the one that speaks
 * @param since the day of the first reference that gave an answer, from which on nobody examined without knowing
 * @param notedAt when the first answer was noted
 */
public record Known(String condition, boolean present, Reference reference, LocalDate since, Instant notedAt) {
    private static final Comparator<Noted> STRONGEST = Comparator.comparing(Noted::reference)
            .thenComparing(Noted::on, Comparator.reverseOrder())
            .thenComparing(Noted::at, Comparator.reverseOrder());

    /**
     * @param all of one condition
     * @return empty where no reference gave an answer
     */
    public static Optional<Known> of(List<Noted> all) {
        List<Noted> answers =
                all.stream().filter(n -> n.cameOut() != CameOut.NOT_KNOWN).toList();
        return answers.stream()
                .min(STRONGEST)
                .map(n -> new Known(
                        n.condition(),
                        n.cameOut() == CameOut.PRESENT,
                        n.reference(),
                        answers.stream()
                                .map(Noted::on)
                                .min(Comparator.naturalOrder())
                                .orElseThrow(),
                        answers.stream()
                                .map(Noted::at)
                                .min(Comparator.naturalOrder())
                                .orElseThrow()));
    }
}
