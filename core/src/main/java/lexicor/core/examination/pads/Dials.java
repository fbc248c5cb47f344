package lexicor.core.examination.pads;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.examination.Wording;

/** The dials of one place of a test, each named after what it measures there. */
final class Dials {
    private static final Map<ReadingLeaf, Dial> DIALS = new EnumMap<>(ReadingLeaf.class);
    private static final Set<ReadingLeaf> RANGES = Set.of(RANGE_ACTIVE_DEG, RANGE_PASSIVE_DEG);

    static {
        dial(PAIN_SEVERITY, "Pain, 0 to 10", 1, 2, 4, 6, 8);
        dial(APPREHENSION_SEVERITY, "Apprehension, 0 to 10", 1, 2, 4, 6, 8);
        dial(APPREHENSION_ANGLE_DEG, "Apprehension from", 5, 60, 90, 110);
        dial(WEAKNESS_MRC, "Grade, 0 to 5", 1, 2, 3, 4, 5);
        dial(LAG_DEGREES, "Lag", 1, 0, 5, 10, 15, 20);
        dial(GAP_MM, "Gap", 5, 20, 10, 30, 0);
        dial(TRANSLATION_PERCENT, "Glide", 5, 10, 25, 30, 50);
        dial(ARC_START_DEG, "Pain starts at", 5, 60, 70, 80, 90, 120);
        dial(ARC_WORST_DEG, "Worst at", 5, 80, 90, 100, 110, 150);
        dial(ARC_END_DEG, "Pain stops at", 5, 100, 110, 120, 130, 170);
        dial(RANGE_ACTIVE_DEG, "active", 5);
        dial(RANGE_PASSIVE_DEG, "passive", 5);
        dial(SPINAL_LEVEL, "Level reached", 1);
        dial(ONSET_SECONDS, "Onset", 1);
        dial(THRESHOLD_MM, "Two points felt apart at", 1);
        dial(REFILL_SECONDS, "Refill", 1);
        dial(FORCE_N, "Force", 5);
        dial(GRIP_KG, "Grip", 1);
        dial(PINCH_KG, "Pinch", 1);
        dial(DISTANCE_MM, "Distance", 1);
        dial(RATIO, "Ratio", 0.01);
        dial(SCORE, "Score", 1);
    }

    private Dials() {}

    static List<Dial> of(ClinicalTest test, String at, Catalogue catalogue) {
        Set<ReadingLeaf> read = test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .flatMap(c -> c.positiveWhen().comparisons())
                .map(Comparison::leaf)
                .collect(Collectors.toSet());
        return DIALS.values().stream()
                .filter(d -> test.offers(d.leaf()) && isNamed(test, d.leaf()))
                .map(d ->
                        new Dial(d.leaf(), label(d, test, at, catalogue), d.step(), d.quick(), read.contains(d.leaf())))
                .sorted(Comparator.comparing(d -> !d.decides()))
                .toList();
    }

    /**
     * Where a test has words for one of the two ranges, the other is not offered; an angle at which apprehension comes only where a test
     * says which angle that is, since most do not move through any.
     */
    private static boolean isNamed(ClinicalTest test, ReadingLeaf leaf) {
        Map<ReadingLeaf, Words> words = test.particulars().words();
        if (leaf == APPREHENSION_ANGLE_DEG) {
            return words.containsKey(leaf);
        }
        return !RANGES.contains(leaf)
                || words.containsKey(leaf)
                || RANGES.stream().noneMatch(words::containsKey);
    }

    private static String label(Dial dial, ClinicalTest test, String at, Catalogue catalogue) {
        ReadingLeaf leaf = dial.leaf();
        Optional<String> own =
                Optional.ofNullable(test.particulars().words().get(leaf)).map(Words::yes);
        if (own.isPresent() || !RANGES.contains(leaf)) {
            return own.orElse(dial.label());
        }
        String movement = catalogue.measures() == null
                ? ""
                : catalogue.measures().measures().stream()
                        .filter(m -> m.feeds().contains(new Measure.Feeds(test.id(), at))
                                && m.readings().contains(leaf))
                        .map(Measure::name)
                        .findFirst()
                        .orElse(test.placeLabel(at));
        return movement.isEmpty() ? Wording.capital(dial.label()) + " range" : movement + ", " + dial.label();
    }

    private static void dial(ReadingLeaf leaf, String label, double step, double... quick) {
        DIALS.put(leaf, new Dial(leaf, label, step, Arrays.stream(quick).boxed().toList(), false));
    }
}
