package lexicor.core.examination;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/** Readings in plain words. */
public final class Wording {
    private record Words(String name, String whenTrue, String whenFalse) {}

    private static final Map<ReadingLeaf, Words> WORDS = new EnumMap<>(ReadingLeaf.class);
    private static final Map<String, String> CODES = Map.ofEntries(
            Map.entry("deep", "deep in the joint"),
            Map.entry("ac-joint", "on top of the AC joint"),
            Map.entry("bicipital-groove", "in the bicipital groove"),
            Map.entry("anterior", "at the front"),
            Map.entry("posterior", "at the back"),
            Map.entry("wrist-flexes", "the wrist bent"),
            Map.entry("elbow-drops-back", "the elbow dropped back"),
            Map.entry("mild", "a little weak"),
            Map.entry("marked", "clearly weak"),
            Map.entry("firm", "a firm end point"));

    static {
        word(ReadingLeaf.PAIN_PRESENT, "pain", "pain", "no pain");
        word(ReadingLeaf.PAIN_FAMILIAR, "pain", "the familiar pain", "no familiar pain");
        word(ReadingLeaf.APPREHENSION, "fear of slipping", "fears it slipping", "no fear");
        word(ReadingLeaf.RELIEF, "relief", "eased", "not eased");
        word(ReadingLeaf.CLICK_PRESENT, "click", "a click", "no click");
        word(ReadingLeaf.CLICK_PAINFUL, "click", "a painful click", "no painful click");
        word(ReadingLeaf.CLUNK, "clunk", "a clunk", "no clunk");
        word(ReadingLeaf.CREPITUS, "grating", "grating", "no grating");
        word(
                ReadingLeaf.LAXITY_SIDE_DIFFERENCE,
                "looseness",
                "looser than the other side",
                "no looser than the other side");
        word(ReadingLeaf.DROPS, "drop", "drops", "does not drop");
        word(ReadingLeaf.CANNOT_HOLD, "hold", "cannot hold it", "holds it");
        word(ReadingLeaf.HOLDS_POSITION, "hold", "holds the position", "does not hold the position");
        word(ReadingLeaf.VISIBLE, "sign", "seen", "not seen");
        word(ReadingLeaf.TENDER, "tenderness", "tender", "not tender");
        word(ReadingLeaf.TINGLING_PRESENT, "tingling", "tingling", "no tingling");
        word(ReadingLeaf.SENSATION_REDUCED, "sensation", "feels less", "feels the same");
        name(ReadingLeaf.PAIN_SITE, "place of pain");
        name(ReadingLeaf.WEAKNESS_GRADE, "strength");
        name(ReadingLeaf.WEAKNESS_MRC, "strength grade");
        name(ReadingLeaf.FORCE_N, "force");
        name(ReadingLeaf.GRIP_KG, "grip");
        name(ReadingLeaf.LAXITY_END_POINT, "end point");
        name(ReadingLeaf.TRANSLATION_PERCENT, "glide");
        name(ReadingLeaf.GAP_MM, "gap");
        name(ReadingLeaf.LAG_DEGREES, "lag");
        name(ReadingLeaf.ARC_START_DEG, "start of pain");
        name(ReadingLeaf.ARC_WORST_DEG, "worst pain");
        name(ReadingLeaf.ARC_END_DEG, "end of pain");
        name(ReadingLeaf.RANGE_ACTIVE_DEG, "active range");
        name(ReadingLeaf.RANGE_PASSIVE_DEG, "passive range");
        name(ReadingLeaf.SPINAL_LEVEL, "level of the thumb");
        name(ReadingLeaf.CHEAT, "cheat");
        name(ReadingLeaf.TINGLING_TERRITORY, "which fingers tingle");
        name(ReadingLeaf.ONSET_SECONDS, "onset");
        name(ReadingLeaf.THRESHOLD_MM, "threshold");
        name(ReadingLeaf.REFILL_SECONDS, "refill");
        name(ReadingLeaf.DISTANCE_MM, "distance");
        name(ReadingLeaf.RATIO, "ratio");
        name(ReadingLeaf.SCORE, "score");
        name(ReadingLeaf.PAIN_SEVERITY, "pain score");
        name(ReadingLeaf.PINCH_KG, "pinch");
        name(ReadingLeaf.MARK_GUARDED, "guarded");
        name(ReadingLeaf.MARK_CHEATED, "got round it");
        name(ReadingLeaf.MARK_CONFIRMED, "negative confirmed");
        name(ReadingLeaf.MARK_CANNOT_TELL, "can't tell");
        name(ReadingLeaf.MARK_NOT_DONE, "not done");
    }

    private Wording() {}

    private static void word(ReadingLeaf leaf, String name, String whenTrue, String whenFalse) {
        WORDS.put(leaf, new Words(name, whenTrue, whenFalse));
    }

    private static void name(ReadingLeaf leaf, String name) {
        word(leaf, name, name, "no " + name);
    }

    static String name(ReadingLeaf leaf) {
        return WORDS.get(leaf).name();
    }

    /** What a leaf stands for, other than any other leaf: what is so where a flag is set, or what a value is of. */
    public static String label(ReadingLeaf leaf) {
        Words words = WORDS.get(leaf);
        return leaf.kind() == Kind.FLAG ? words.whenTrue() : words.name();
    }

    /** A code in words. */
    public static String code(String code) {
        return CODES.getOrDefault(code, code.replace('-', ' '));
    }

    /** The readings that decided, each once, numbers with their unit. A seen sign goes by the criterion's label. */
    static String describe(Criterion criterion, List<Comparison> decisive, SideReadings own) {
        return decisive.stream()
                .map(c -> RuleEvaluator.ruledOutBy(c.leaf(), own).orElse(c.leaf()))
                .sorted(Comparator.comparing(leaf -> !own.has(leaf)))
                .map(leaf -> describe(criterion, leaf, own))
                .distinct()
                .limit(3)
                .collect(Collectors.joining(", "));
    }

    private static String describe(Criterion criterion, ReadingLeaf leaf, SideReadings own) {
        ReadingValue value = own.get(leaf).orElse(null);
        Words words = WORDS.get(leaf);
        if (value instanceof Quantity q) {
            String unit = leaf.unit();
            return words.name() + " " + plain(q.value()) + (unit.isEmpty() ? "" : " " + unit);
        }
        if (value instanceof Code c) {
            return c.value().equals("none") ? words.whenFalse() : code(c.value());
        }
        if (leaf == ReadingLeaf.VISIBLE) {
            boolean seen = value instanceof Flag f && f.value();
            return criterion.label().toLowerCase(java.util.Locale.ROOT) + (seen ? ": seen" : ": not seen");
        }
        boolean yes = value instanceof Flag f ? f.value() : leaf == ReadingLeaf.HOLDS_POSITION;
        return leaf.kind() != Kind.FLAG ? "no " + words.name() : yes ? words.whenTrue() : words.whenFalse();
    }

    private static String plain(double v) {
        return BigDecimal.valueOf(v)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
