package lexicor.core.outcomes.foresight;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Foreseen;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Slice;
import lexicor.core.weighing.School;

/**
 * What was thought at the last moment before it was known, held against what came out (method M13).
 *
 * @param outcomes how many conditions came out that something had been thought of
 * @param program what the program showed
 * @param schools every way to weigh on the same cases, the nearest to the truth first
 * @param hunches what examiners said, beside what the program showed of the same; empty where nobody said anything
 */
public record Foresight(int outcomes, Optional<Judged> program, List<OfSchool> schools, Optional<Hunched> hunches) {
    /** With fewer it is not said who was right; a working line. */
    public static final int FEWEST = 30;

    /**
     * @param area empty where somebody with a condition, or without, is missing
     * @param behind by how much it was further from the truth than the nearest, with the interval of that; for the nearest itself
     *     nothing
     */
    public record OfSchool(School school, double brier, Optional<RocArea> area, Optional<Bootstrap> behind) {}

    /**
     * @param examiners what they said
     * @param program what the program showed of the same people and conditions
     * @param difference the examiners' Brier score less the program's
     */
    public record Hunched(Judged examiners, Judged program, Bootstrap difference) {}

    private record Pair(FollowedCase of, Known known, Foreseen foreseen) {
        Prediction saying(double probability) {
            return new Prediction(of.patient(), known.condition(), probability, known.present());
        }
    }

    public static Foresight of(Collection<FollowedCase> cases, Slice slice) {
        List<Pair> pairs = cases.stream()
                .filter(slice::takes)
                .filter(c ->
                        slice.examiner().filter(e -> !e.equals(c.examiner())).isEmpty())
                .flatMap(c -> c.known().stream().filter(slice::takes).flatMap(k -> c.foreseen(k.condition()).stream()
                        .map(f -> new Pair(c, k, f))))
                .toList();
        if (pairs.isEmpty()) {
            return new Foresight(0, Optional.empty(), List.of(), Optional.empty());
        }
        return new Foresight(pairs.size(), Optional.of(Judged.of(shown(pairs))), schools(pairs), hunches(pairs, slice));
    }

    private static List<Prediction> shown(List<Pair> pairs) {
        return said(pairs, Foreseen::shown);
    }

    private static List<Prediction> said(List<Pair> pairs, Function<Foreseen, Double> what) {
        return pairs.stream().map(p -> p.saying(what.apply(p.foreseen()))).toList();
    }

    private static List<OfSchool> schools(List<Pair> pairs) {
        record Said(School school, List<Prediction> predictions, double brier) {}
        List<Said> all = Arrays.stream(School.values())
                // One that came later cannot be compared over cases that it has not seen.
                .filter(s ->
                        pairs.stream().allMatch(p -> p.foreseen().bySchool().containsKey(s)))
                .map(s -> {
                    List<Prediction> predictions = said(pairs, f -> f.bySchool().get(s));
                    return new Said(s, predictions, Prediction.brier(predictions));
                })
                .sorted(Comparator.comparingDouble(Said::brier))
                .toList();
        Said nearest = all.get(0);
        return all.stream()
                .map(s -> new OfSchool(
                        s.school(),
                        s.brier(),
                        Judged.area(s.predictions()),
                        s == nearest
                                ? Optional.empty()
                                : Optional.of(Bootstrap.of(s.predictions(), nearest.predictions()))))
                .toList();
    }

    private static Optional<Hunched> hunches(List<Pair> pairs, Slice slice) {
        List<Pair> hunched = pairs.stream()
                .filter(p -> p.foreseen().hunch().isPresent())
                .filter(p -> slice.examiner()
                        .filter(e ->
                                !e.equals(p.foreseen().hunch().orElseThrow().by()))
                        .isEmpty())
                .toList();
        if (hunched.isEmpty()) {
            return Optional.empty();
        }
        List<Prediction> own = said(hunched, f -> f.hunch().orElseThrow().probability());
        List<Prediction> shown = shown(hunched);
        return Optional.of(new Hunched(Judged.of(own), Judged.of(shown), Bootstrap.of(own, shown)));
    }
}
