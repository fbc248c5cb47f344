package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;

/** Readings in plain words, where a test has no words of its own for them. */
public final class Wording {
    /**
     * @param name what the reading is of
     * @param whenTrue what is so where it is there
     * @param whenFalse what is so where it is not
     * @param missing what is asked where it was not recorded
     */
    record Words(String name, String whenTrue, String whenFalse, String missing) {}

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
        sign(PAIN_PRESENT, "pain", "pain", "no pain");
        sign(
                PAIN_FAMILIAR,
                "pain",
                "the familiar pain",
                "another pain, not the familiar one",
                "is it the familiar pain?");
        sign(APPREHENSION, "apprehension", "apprehension", "no apprehension");
        sign(RELIEF, "relief", "eased", "not eased", "did it ease?");
        sign(RELIEF_WORSE, "worsening", "got worse", "no worse");
        value(APPREHENSION_SEVERITY, "apprehension score", "how strong is the apprehension?");
        value(APPREHENSION_ANGLE_DEG, "apprehension from", "at which angle does it come?");
        sign(CLICK_PRESENT, "click", "a click", "no click");
        sign(CLICK_PAINFUL, "click", "a painful click", "a painless click", "does the click hurt?");
        sign(CLUNK, "clunk", "a clunk", "no clunk");
        sign(CREPITUS, "grating", "grating", "no grating");
        sign(LAXITY_SIDE_DIFFERENCE, "looseness", "loose", "not loose");
        sign(DROPS, "drop", "drops", "does not drop");
        sign(CANNOT_HOLD, "hold", "cannot hold it", "holds it");
        sign(HOLDS_POSITION, "hold", "holds the position", "does not hold the position");
        sign(VISIBLE, "sign", "seen", "not seen");
        sign(TENDER, "tenderness", "tender", "not tender");
        sign(TINGLING_PRESENT, "tingling", "tingling", "no tingling");
        sign(
                TINGLING_FAMILIAR,
                "tingling",
                "the familiar tingling",
                "another tingling, not the familiar one",
                "is it the familiar tingling?");
        sign(SENSATION_REDUCED, "sensation", "feels less", "feels the same");
        value(PAIN_SITE, "pain site", "where is the pain?");
        value(WEAKNESS_GRADE, "strength", "is it weak?");
        value(WEAKNESS_MRC, "strength grade", "strength not graded");
        value(FORCE_N, "force", "force not measured");
        value(GRIP_KG, "grip", "grip not measured");
        value(PINCH_KG, "pinch", "pinch not measured");
        value(LAXITY_END_POINT, "end point", "end point not noted");
        value(TRANSLATION_PERCENT, "glide", "how far does it glide?");
        value(GAP_MM, "gap", "gap not measured");
        value(LAG_DEGREES, "lag", "lag not measured");
        value(ARC_START_DEG, "pain from", "at which angle does the pain start?");
        value(ARC_WORST_DEG, "worst at", "at which angle is it worst?");
        value(ARC_END_DEG, "pain up to", "at which angle does it stop?");
        value(RANGE_ACTIVE_DEG, "active range", "active range not measured");
        value(RANGE_PASSIVE_DEG, "passive range", "passive range not measured");
        value(SPINAL_LEVEL, "thumb reaches", "which level does the thumb reach?");
        value(CHEAT, "way round it", "was there a way round it?");
        value(TINGLING_TERRITORY, "nerve territory", "which fingers tingle?");
        value(TINGLING_FINGERS, "tingling in", "which fingers tingle?");
        value(ONSET_SECONDS, "after", "after how many seconds?");
        value(THRESHOLD_MM, "two points felt apart at", "not measured");
        value(REFILL_SECONDS, "refill after", "after how many seconds does it refill?");
        value(DISTANCE_MM, "distance", "distance not measured");
        value(RATIO, "ratio", "ratio not measured");
        value(SCORE, "score", "score not taken");
        value(PAIN_SEVERITY, "pain score", "how bad is the pain?");
        value(REGROWTH_NERVE, "nerve tapped", "which nerve?");
        value(REGROWTH_LANDMARK, "measured from", "from which landmark?");
        value(REGROWTH_LIMB_POSITION, "limb", "how did the limb lie?");
        value(MARK_SEEN, "also seen", "");
        value(MARK_NOTE, "note", "");
        sign(MARK_GUARDED, "guarded", "guarded or could not relax", "relaxed");
        sign(MARK_CHEATED, "got round it", "got round it with another muscle", "did not get round it");
        sign(MARK_NORMAL, "found normal without measuring", "found normal, not measured", "not found normal");
        sign(MARK_CONFIRMED, "negative confirmed", "negative confirmed", "negative not confirmed");
        sign(MARK_CANNOT_TELL, "can't tell", "could not tell", "could tell");
        sign(MARK_NOT_DONE, "not done", "not done", "done");
    }

    private Wording() {}

    private static void sign(ReadingLeaf leaf, String name, String whenTrue, String whenFalse) {
        sign(leaf, name, whenTrue, whenFalse, name + " not recorded");
    }

    private static void sign(ReadingLeaf leaf, String name, String whenTrue, String whenFalse, String missing) {
        WORDS.put(leaf, new Words(name, whenTrue, whenFalse, missing));
    }

    private static void value(ReadingLeaf leaf, String name, String missing) {
        WORDS.put(leaf, new Words(name, name, "no " + name, missing));
    }

    static Words of(ReadingLeaf leaf) {
        return WORDS.get(leaf);
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

    /** A code in words; empty where it has no words but its own. */
    static Optional<String> knownCode(String code) {
        return Optional.ofNullable(CODES.get(code));
    }

    /** A number with its unit, a level of the spine by its name. */
    public static String quantity(ReadingLeaf leaf, double value) {
        if (leaf == SPINAL_LEVEL) {
            return SpinalLevel.name(value);
        }
        String unit = leaf.unit();
        return plain(value) + (unit.isEmpty() ? "" : " " + unit);
    }

    /** The same text in the middle of a sentence: initials and proper names at its start keep their capital. */
    public static String midSentence(String text) {
        boolean ordinary = text.length() > 1
                && Character.isUpperCase(text.charAt(0))
                && (Character.isLowerCase(text.charAt(1)) || text.startsWith("A "));
        return ordinary ? Character.toLowerCase(text.charAt(0)) + text.substring(1) : text;
    }

    /** The same text at the start of a sentence. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** A number with two digits after the point at most. */
    public static String plain(double v) {
        return BigDecimal.valueOf(v)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
