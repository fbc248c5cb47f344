package lexicor.core.outcomes.followed;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Setting;

/**
 * A case as it was followed up.
 *
 * @param patient a number that tells patients apart
 * @param day of the first visit
 * @param examiner whose case it is
 * @param candidates conditions that were thought of
 * @param reads what was found, each the first time it was decided
 * @param known what came out, one of a condition
 * @param foreseen what was thought before, one of a condition; those that came out before anybody examined are absent
 */
public record FollowedCase(
        long patient,
        LocalDate day,
        String complaint,
        Setting setting,
        String examiner,
        Set<String> candidates,
        List<Read> reads,
        List<Known> known,
        List<Foreseen> foreseen) {

    /** What came out of a condition. */
    public Optional<Known> known(String condition) {
        return known.stream().filter(k -> k.condition().equals(condition)).findFirst();
    }

    /** What was thought of a condition before. */
    public Optional<Foreseen> foreseen(String condition) {
        return foreseen.stream().filter(f -> f.condition().equals(condition)).findFirst();
    }
}
