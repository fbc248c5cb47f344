package lexicor.core.catalogue;

import static lexicor.core.catalogue.ReadingLeaf.Kind.CODE;
import static lexicor.core.catalogue.ReadingLeaf.Kind.CODES;
import static lexicor.core.catalogue.ReadingLeaf.Kind.FLAG;
import static lexicor.core.catalogue.ReadingLeaf.Kind.QUANTITY;
import static lexicor.core.catalogue.ReadingLeaf.Kind.TEXT;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The smallest thing that is recorded of a test: one flag, one code or one measured number. A reading such as
 * {@code pain} has several leaves ({@code pain.present}, {@code pain.familiar}, {@code pain.site}, ...).
 */
public enum ReadingLeaf {
    PAIN_PRESENT("pain.present", FLAG),
    PAIN_FAMILIAR("pain.familiar", FLAG),
    PAIN_SITE("pain.site", CODES),
    PAIN_SEVERITY("pain.severity", 0, 10, "of 10"),
    WEAKNESS_GRADE("weakness.grade", CODE),
    WEAKNESS_MRC("weakness.mrc", 0, 5, "of 5"),
    APPREHENSION("apprehension", FLAG),
    APPREHENSION_SEVERITY("apprehension.severity", 0, 10, "of 10"),
    /** Where on the way it comes. */
    APPREHENSION_ANGLE_DEG("apprehension.angleDeg", 0, 180, "degrees"),
    RELIEF("relief", FLAG),
    /** Not only does it not ease, it gets worse. */
    RELIEF_WORSE("relief.worse", FLAG),
    CLICK_PRESENT("click.present", FLAG),
    CLICK_PAINFUL("click.painful", FLAG),
    CLUNK("clunk", FLAG),
    CREPITUS("crepitus", FLAG),
    LAXITY_SIDE_DIFFERENCE("laxity.sideDifference", FLAG),
    LAXITY_END_POINT("laxity.endPoint", CODE),
    TRANSLATION_PERCENT("translationPercent", 0, 150, "% of the head"),
    GAP_MM("gapMm", 0, 500, "mm"),
    LAG_DEGREES("lagDegrees", 0, 180, "degrees"),
    ARC_START_DEG("arc.startDeg", 0, 200, "degrees"),
    ARC_WORST_DEG("arc.worstDeg", 0, 200, "degrees"),
    ARC_END_DEG("arc.endDeg", 0, 200, "degrees"),
    RANGE_ACTIVE_DEG("rangeDeg.active", -40, 220, "degrees"),
    RANGE_PASSIVE_DEG("rangeDeg.passive", -40, 220, "degrees"),
    SPINAL_LEVEL("spinalLevel", 1, 19, "level"),
    DROPS("drops", FLAG),
    CANNOT_HOLD("cannotHold", FLAG),
    HOLDS_POSITION("holdsPosition", FLAG),
    CHEAT("cheat", CODES),
    VISIBLE("visible", FLAG),
    TENDER("tender", FLAG),
    TINGLING_PRESENT("tingling.present", FLAG),
    /** The patient's own tingling, or another one. */
    TINGLING_FAMILIAR("tingling.familiar", FLAG),
    /** The parts of the hand that tingle. */
    TINGLING_FINGERS("tingling.fingers", CODES),
    /** The nerve territories; they follow from the fingers where those are recorded. */
    TINGLING_TERRITORY("tingling.territory", CODES),
    ONSET_SECONDS("onsetSeconds", 0, 600, "s"),
    SENSATION_REDUCED("sensationReduced", FLAG),
    THRESHOLD_MM("thresholdMm", 0, 50, "mm"),
    REFILL_SECONDS("refillSeconds", 0, 120, "s"),
    FORCE_N("forceN", 0, 2000, "N"),
    GRIP_KG("gripKg", 0, 120, "kg"),
    PINCH_KG("pinchKg", 0, 40, "kg"),
    DISTANCE_MM("distanceMm", 0, 1000, "mm"),
    RATIO("ratio", 0, 10, ""),
    SCORE("score", 0, 100, ""),
    REGROWTH_NERVE("regrowth.nerve", TEXT),
    REGROWTH_LANDMARK("regrowth.landmark", TEXT),
    REGROWTH_LIMB_POSITION("regrowth.limbPosition", TEXT),
    /** The patient guarded or could not relax: a negative is then unreliable. */
    MARK_GUARDED("mark.guarded", FLAG),
    /** The patient got round the test with another muscle: a negative is then unreliable. */
    MARK_CHEATED("mark.cheated", FLAG),
    /** The examiner stands by a negative in spite of a mark. */
    MARK_CONFIRMED("mark.confirmed", FLAG),
    /** What is measured there was seen or felt to be as usual, and not measured. */
    MARK_NORMAL("mark.normal", FLAG),
    MARK_CANNOT_TELL("mark.cannotTell", FLAG),
    MARK_NOT_DONE("mark.notDone", FLAG),
    /** Named observations of the test, ticked for the record. */
    MARK_SEEN("mark.seen", CODES),
    /** What somebody wrote about the test. */
    MARK_NOTE("mark.note", TEXT);

    /** What a leaf holds. */
    public enum Kind {
        FLAG,
        CODE,
        /** Several codes at once. */
        CODES,
        QUANTITY,
        TEXT
    }

    private static final Map<String, ReadingLeaf> BY_NAME =
            Arrays.stream(values()).collect(Collectors.toMap(ReadingLeaf::leafName, Function.identity()));

    private final String leafName;
    private final Kind kind;
    private final double low;
    private final double high;
    private final String unit;

    ReadingLeaf(String leafName, Kind kind) {
        this.leafName = leafName;
        this.kind = kind;
        this.low = Double.NaN;
        this.high = Double.NaN;
        this.unit = "";
    }

    ReadingLeaf(String leafName, double low, double high, String unit) {
        this.leafName = leafName;
        this.kind = QUANTITY;
        this.low = low;
        this.high = high;
        this.unit = unit;
    }

    public static Optional<ReadingLeaf> named(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    /** Whether a test may list this reading, for example {@code pain} or {@code gapMm}. */
    public static boolean isReading(String name) {
        return Arrays.stream(values()).anyMatch(l -> !l.isMark() && l.reading().equals(name));
    }

    /** The name used in packs, files and the API, for example {@code pain.familiar}. */
    public String leafName() {
        return leafName;
    }

    /** The reading that the leaf belongs to, for example {@code pain}. */
    public String reading() {
        int dot = leafName.indexOf('.');
        return dot < 0 ? leafName : leafName.substring(0, dot);
    }

    public Kind kind() {
        return kind;
    }

    /**
     * What it is an observation of, so that two criteria which ask for the same are told apart from two that ask for different things
     * (method M3); empty for what only says how or how soon.
     */
    public Optional<String> observes() {
        return switch (this) {
            case ARC_START_DEG, ARC_WORST_DEG, ARC_END_DEG -> Optional.of("pain");
            case FORCE_N, GRIP_KG, PINCH_KG, CANNOT_HOLD -> Optional.of("weakness");
            case HOLDS_POSITION, LAG_DEGREES -> Optional.of("lag");
            case TRANSLATION_PERCENT -> Optional.of("laxity");
            case LAXITY_END_POINT -> Optional.of("endPoint");
            case ONSET_SECONDS -> Optional.empty();
            default -> isMark() ? Optional.empty() : Optional.of(reading());
        };
    }

    /** Lowest possible value of a quantity, in {@link #unit()}. */
    public double low() {
        return low;
    }

    /** Highest possible value of a quantity, in {@link #unit()}. */
    public double high() {
        return high;
    }

    public String unit() {
        return unit;
    }

    /** Marks say how the test went rather than what was found; every test has them. */
    public boolean isMark() {
        return leafName.startsWith("mark.");
    }
}
