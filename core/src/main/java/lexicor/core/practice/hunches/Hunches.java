package lexicor.core.practice.hunches;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.numbers.Interval;

/**
 * Somebody's hunches over many patients.
 *
 * @param patients how many patients they are of
 * @param tenths the calibration: of those stated about so, how many had it; tenths without hunches are left out
 * @param sentence what the plot says, in plain words
 * @param brier mean of the squared distances from the truth, and the program's
 * @param regions by region of the condition
 * @param conditions those stated most too high first, those most too low last
 * @param weeks by the Monday that a week begins with
 */
public record Hunches(
        int patients,
        int hunches,
        List<Tenth> tenths,
        String sentence,
        double brier,
        double programBrier,
        List<Group> regions,
        List<Group> conditions,
        List<Week> weeks) {

    /**
     * A tenth of the scale.
     *
     * @param said mean of what was stated
     * @param was how many of them had it, as a share
     * @param low Wilson 95 % bounds of that
     */
    public record Tenth(double from, double to, int hunches, double said, double was, double low, double high) {}

    /**
     * Hunches of one region or one condition.
     *
     * @param said mean of what was stated; above {@code was} is too high
     */
    public record Group(String of, int hunches, double said, double was, double brier) {}

    public record Week(LocalDate monday, int patients, double brier, double programBrier) {}

    private static final int TENTHS = 10;
    /** Fewer say nothing. */
    private static final int FEWEST = 10;

    private static final int FEWEST_OF_A_CONDITION = 3;
    private static final double FINE = 0.15;

    /**
     * @param zone in which weeks begin
     */
    public static Hunches of(List<Hunch> all, ZoneId zone) {
        List<Tenth> tenths = tenths(all);
        return new Hunches(
                (int) all.stream().mapToLong(Hunch::patient).distinct().count(),
                all.size(),
                tenths,
                sentence(tenths, all.size()),
                brier(all, Hunch::stated),
                brier(all, Hunch::program),
                groups(all, Hunch::region, 1),
                groups(all, Hunch::condition, FEWEST_OF_A_CONDITION),
                weeks(all, zone));
    }

    private static double brier(List<Hunch> some, Function<Hunch, Double> stated) {
        return some.stream()
                .mapToDouble(h -> Math.pow(stated.apply(h) - (h.present() ? 1 : 0), 2))
                .average()
                .orElse(0);
    }

    private static double was(List<Hunch> some) {
        return some.stream().mapToDouble(h -> h.present() ? 1 : 0).average().orElse(0);
    }

    private static double said(List<Hunch> some) {
        return some.stream().mapToDouble(Hunch::stated).average().orElse(0);
    }

    private static List<Tenth> tenths(List<Hunch> all) {
        Map<Integer, List<Hunch>> by = all.stream()
                .collect(Collectors.groupingBy(
                        h -> Math.min(TENTHS - 1, (int) (h.stated() * TENTHS)), TreeMap::new, Collectors.toList()));
        List<Tenth> tenths = new ArrayList<>();
        by.forEach((tenth, some) -> {
            double had = some.stream().filter(Hunch::present).count();
            Interval band = Interval.wilson(had, some.size());
            tenths.add(new Tenth(
                    (double) tenth / TENTHS,
                    (tenth + 1.0) / TENTHS,
                    some.size(),
                    said(some),
                    was(some),
                    band.low(),
                    band.high()));
        });
        return List.copyOf(tenths);
    }

    /** The tenth that is furthest off and surely so; where none is, the surest that has enough. */
    private static String sentence(List<Tenth> tenths, int hunches) {
        List<Tenth> enough = tenths.stream().filter(t -> t.hunches() >= FEWEST).toList();
        if (enough.isEmpty()) {
            return hunches == 0
                    ? "No hunches yet. They are asked for before the first test and at the end of every patient."
                    : "Too few to say anything yet: " + FEWEST + " about the same are needed.";
        }
        Optional<Tenth> off = enough.stream()
                .filter(t -> t.said() < t.low() || t.said() > t.high())
                .max(Comparator.comparingDouble(t -> Math.abs(t.said() - t.was())));
        Tenth told = off.orElseGet(() -> enough.get(enough.size() - 1));
        String so = String.format(
                Locale.ROOT,
                "When you say %d %%, it is so %s (%d hunches).",
                Math.round(100 * told.said()),
                timesInTen(told.was()),
                told.hunches());
        if (off.isEmpty()) {
            return so + " Nothing is further off than chance would have it.";
        }
        return so + (told.said() > told.was() ? " That is too high." : " That is too low.");
    }

    /** In tens, and towards the ends in hundreds, where tens would say too little. */
    private static String timesInTen(double share) {
        boolean fine = share < FINE || share > 1 - FINE;
        int of = fine ? 100 : TENTHS;
        long times = Math.round(of * share);
        return times == 0 ? "never" : times == of ? "always" : times + (times == 1 ? " time in " : " times in ") + of;
    }

    private static List<Group> groups(List<Hunch> all, Function<Hunch, String> of, int fewest) {
        return all.stream().collect(Collectors.groupingBy(of, TreeMap::new, Collectors.toList())).entrySet().stream()
                .filter(e -> e.getValue().size() >= fewest)
                .map(e -> new Group(
                        e.getKey(),
                        e.getValue().size(),
                        said(e.getValue()),
                        was(e.getValue()),
                        brier(e.getValue(), Hunch::stated)))
                .sorted(Comparator.comparingDouble((Group g) -> g.was() - g.said()))
                .toList();
    }

    private static List<Week> weeks(List<Hunch> all, ZoneId zone) {
        List<Week> weeks = new ArrayList<>();
        all.stream()
                .collect(Collectors.groupingBy(
                        h -> h.at().atZone(zone).toLocalDate().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)),
                        TreeMap::new,
                        Collectors.toList()))
                .forEach((monday, some) -> weeks.add(new Week(
                        monday,
                        (int) some.stream().mapToLong(Hunch::patient).distinct().count(),
                        brier(some, Hunch::stated),
                        brier(some, Hunch::program))));
        return List.copyOf(weeks);
    }
}
