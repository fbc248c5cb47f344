package lexicor.core.catalogue.packs;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.AgeOdds;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Sex;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads the odds of conditions by age band and sex (method M25). */
final class AgesReader {
    private static final double LEAST = 0.001;
    private static final double MOST = 1000;

    private AgesReader() {}

    static void read(Entry file, Content content, Problems problems) {
        Map<String, AgeOdds.ByAge> ages = new LinkedHashMap<>();
        Map<String, AgeOdds.BySex> sexes = new LinkedHashMap<>();
        List<AgeBand> bands = Arrays.asList(AgeBand.values());
        List<Sex> both = Arrays.asList(Sex.values());
        each(
                file,
                "ages",
                problems,
                entry -> once(
                        entry,
                        ages,
                        new AgeOdds.ByAge(odds(entry, AgeBand.class, bands, AgeBand::id), entry.text("because"))));
        each(
                file,
                "sex",
                problems,
                entry -> once(
                        entry, sexes, new AgeOdds.BySex(odds(entry, Sex.class, both, Sex::id), entry.text("because"))));
        problems.collect(file::done);
        content.ages = new AgeOdds(ages, sexes);
    }

    private static void each(Entry file, String list, Problems problems, Consumer<Entry> read) {
        file.children(list)
                .forEach(listed -> problems.collect(() -> {
                    Entry entry = listed.named(list + "." + listed.text("condition"));
                    read.accept(entry);
                    entry.done();
                }));
    }

    private static <T> void once(Entry entry, Map<String, T> known, T odds) {
        String condition = entry.text("condition");
        if (known.put(condition, odds) != null) {
            throw entry.problem("condition", condition + " is given twice");
        }
    }

    /** Where nothing is known of a band, it does not move the odds. */
    private static <T extends Enum<T>> Map<T, Double> odds(
            Entry entry, Class<T> type, List<T> all, Function<T, String> id) {
        Map<T, Double> odds = new EnumMap<>(type);
        all.forEach(
                each -> entry.optionalNumber(id.apply(each), LEAST, MOST).ifPresent(factor -> odds.put(each, factor)));
        return odds;
    }
}
