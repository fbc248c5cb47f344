package lexicor.core.outcomes.foresight;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How right somebody, or a way to weigh, was.
 *
 * @param patients of how many people
 * @param area how well those with and without were told apart; empty where one of them is missing
 * @param conditions by condition, those said most too high first
 */
public record Judged(int patients, Calibration calibration, Optional<RocArea> area, List<OfCondition> conditions) {
    /**
     * @param said mean of what was said
     * @param was the share in whom it was there
     */
    public record OfCondition(String condition, int predictions, double said, double was, double brier) {}

    /**
     * @param all one or more
     */
    public static Judged of(List<Prediction> all) {
        return new Judged(
                (int) all.stream().mapToLong(Prediction::patient).distinct().count(),
                Calibration.of(all),
                area(all),
                all.stream()
                        .collect(Collectors.groupingBy(Prediction::condition, TreeMap::new, Collectors.toList()))
                        .entrySet()
                        .stream()
                        .map(e -> of(e.getKey(), e.getValue()))
                        .sorted(Comparator.comparingDouble(c -> c.was() - c.said()))
                        .toList());
    }

    /** How well those with and without were told apart; empty while there are fewer than two of each. */
    static Optional<RocArea> area(List<Prediction> all) {
        long with = all.stream().filter(Prediction::present).count();
        return Math.min(with, all.size() - with) < 2 ? Optional.empty() : Optional.of(RocArea.of(all));
    }

    private static OfCondition of(String condition, List<Prediction> some) {
        return new OfCondition(
                condition,
                some.size(),
                some.stream().mapToDouble(Prediction::probability).average().orElseThrow(),
                some.stream().mapToDouble(Prediction::outcome).average().orElseThrow(),
                Prediction.brier(some));
    }
}
