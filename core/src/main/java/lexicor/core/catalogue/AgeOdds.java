package lexicor.core.catalogue;

import java.util.Map;
import java.util.Optional;

/**
 * Odds of a condition in an age band or sex, against the average adult who comes with the same complaint (method M25).
 *
 * @param ages by condition
 * @param sexes by condition
 */
public record AgeOdds(Map<String, ByAge> ages, Map<String, BySex> sexes) {
    public static final AgeOdds NONE = new AgeOdds(Map.of(), Map.of());

    /**
     * @param because where it is known from, and how well
     */
    public record ByAge(Map<AgeBand, Double> odds, String because) {
        public ByAge {
            odds = Map.copyOf(odds);
        }
    }

    /**
     * @param because where it is known from, and how well
     */
    public record BySex(Map<Sex, Double> odds, String because) {
        public BySex {
            odds = Map.copyOf(odds);
        }
    }

    /**
     * One step of a pretest.
     *
     * @param odds what the odds are multiplied by, above 0
     */
    public record Step(double odds, String because) {}

    public AgeOdds {
        ages = Map.copyOf(ages);
        sexes = Map.copyOf(sexes);
    }

    /** What an age band does to a condition's odds; empty where nothing is known. */
    public Optional<Step> of(String condition, AgeBand band) {
        return Optional.ofNullable(ages.get(condition))
                .filter(a -> a.odds().containsKey(band))
                .map(a -> new Step(a.odds().get(band), a.because()));
    }

    /** What a sex does to a condition's odds; empty where nothing is known. */
    public Optional<Step> of(String condition, Sex sex) {
        return Optional.ofNullable(sexes.get(condition))
                .filter(s -> s.odds().containsKey(sex))
                .map(s -> new Step(s.odds().get(sex), s.because()));
    }
}
