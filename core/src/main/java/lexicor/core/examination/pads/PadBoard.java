package lexicor.core.examination.pads;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.examination.Normal;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.Wording;

/**
 * What there is to tap for one place of a test, made from its readings: pads in the order of their keys, then dials for
 * what is measured.
 *
 * @param at the landmark or movement; empty where the test has one set of readings
 */
public record PadBoard(String at, String label, List<Pad> pads, List<Dial> dials) {
    private static final Map<String, List<String>> SITES_BY_REGION = Map.of(
            "shoulder", List.of("deep", "ac-joint", "bicipital-groove", "anterior", "posterior"),
            "neck", List.of("neck", "shoulder", "scapular", "arm", "forearm-hand"));
    private static final Map<String, Pad> FLAG_PADS = new LinkedHashMap<>();
    private static final Map<ReadingLeaf, Dial> DIALS = new EnumMap<>(ReadingLeaf.class);

    static {
        flag(APPREHENSION, "Fears it slipping", "");
        flag(RELIEF, "It eases", "");
        flag(CLUNK, "Clunk", "");
        flag(CREPITUS, "Grating", "");
        flag(DROPS, "Drops", "");
        flag(CANNOT_HOLD, "Cannot hold", "");
        flag(TENDER, "Tender", "");
        flag(SENSATION_REDUCED, "Feels less", "");
        dial(PAIN_SEVERITY, "Pain, 0 to 10", 1, 2, 4, 6, 8);
        dial(WEAKNESS_MRC, "Grade, 0 to 5", 1, 2, 3, 4, 5);
        dial(LAG_DEGREES, "Lag", 1, 0, 5, 10, 15, 20);
        dial(GAP_MM, "Gap", 5, 0, 5, 10, 15, 20, 25);
        dial(TRANSLATION_PERCENT, "Glide", 5, 10, 25, 30, 50);
        dial(ARC_START_DEG, "Pain starts at", 5, 60, 70, 80, 90, 120);
        dial(ARC_WORST_DEG, "Worst at", 5, 80, 90, 100, 110, 150);
        dial(ARC_END_DEG, "Pain stops at", 5, 100, 110, 120, 130, 170);
        dial(RANGE_ACTIVE_DEG, "Active range", 5);
        dial(RANGE_PASSIVE_DEG, "Passive range", 5);
        dial(SPINAL_LEVEL, "Level reached", 1);
        dial(ONSET_SECONDS, "Onset", 1);
        dial(THRESHOLD_MM, "Threshold", 1);
        dial(REFILL_SECONDS, "Refill", 1);
        dial(FORCE_N, "Force", 5);
        dial(GRIP_KG, "Grip", 1);
        dial(DISTANCE_MM, "Distance", 1);
        dial(RATIO, "Ratio", 0.01);
        dial(SCORE, "Score", 1);
    }

    /** The boards of a test, one for each of its places. */
    public static List<PadBoard> of(ClinicalTest test) {
        return test.places().stream()
                .map(at -> new PadBoard(at, placeLabel(test, at), pads(test, at), dials(test, at)))
                .toList();
    }

    private static String placeLabel(ClinicalTest test, String at) {
        return test.criteria().stream()
                .filter(c -> !at.isEmpty() && c.at().equals(at))
                .map(Criterion::label)
                .findFirst()
                .orElse("");
    }

    private static List<Pad> pads(ClinicalTest test, String at) {
        List<Pad> pads = new ArrayList<>();
        Pad nothing = nothing(test);
        // Where only numbers are taken there is nothing that could be absent.
        if (!nothing.sets().isEmpty()) {
            pads.add(nothing);
        }
        for (String reading : test.readings()) {
            switch (reading) {
                case "pain" -> pads.addAll(painPads(test));
                case "weakness" -> {
                    pads.add(pad("weak-a-little", "A little weak", "", WEAKNESS_GRADE, new Code("mild")));
                    pads.add(pad("weak-clearly", "Clearly weak", "", WEAKNESS_GRADE, new Code("marked")));
                }
                case "click" -> pads.addAll(clickPads());
                case "laxity" -> {
                    pads.add(pad("looser", "Looser", "than the other side", LAXITY_SIDE_DIFFERENCE, new Flag(true)));
                    pads.add(pad("no-end-point", "No firm end", "", LAXITY_END_POINT, new Code("none")));
                }
                case "holdsPosition" -> pads.add(pad("gives-way", "Gives way", "", HOLDS_POSITION, new Flag(false)));
                case "visible" -> pads.add(visiblePad(test, at));
                case "tingling" -> pads.addAll(tinglingPads());
                case "cheat" -> cheats(test).forEach(code -> pads.add(cheatPad(code)));
                default -> {
                    if (FLAG_PADS.containsKey(reading)) {
                        pads.add(FLAG_PADS.get(reading));
                    }
                }
            }
        }
        pads.add(pad("guarded", "Guarded", "could not relax", MARK_GUARDED, new Flag(true)));
        return List.copyOf(pads);
    }

    private static Pad nothing(ClinicalTest test) {
        Map<ReadingLeaf, ReadingValue> sets = new EnumMap<>(ReadingLeaf.class);
        Stream.of(ReadingLeaf.values())
                .filter(l -> !l.isMark() && test.offers(l))
                .filter(l -> l != PAIN_SITE && l != TINGLING_TERRITORY)
                .filter(l -> l != GAP_MM || test.readings().contains("visible"))
                .forEach(l -> Normal.valueOf(l).ifPresent(v -> sets.put(l, v)));
        return new Pad("nothing", "Nothing found", "", Map.copyOf(sets));
    }

    private static List<Pad> painPads(ClinicalTest test) {
        List<Pad> pads = new ArrayList<>();
        Map<ReadingLeaf, ReadingValue> theirs = Map.of(PAIN_PRESENT, new Flag(true), PAIN_FAMILIAR, new Flag(true));
        Map<ReadingLeaf, ReadingValue> another = Map.of(PAIN_PRESENT, new Flag(true), PAIN_FAMILIAR, new Flag(false));
        pads.add(new Pad("their-pain", "Their pain", "the familiar one", theirs));
        pads.add(new Pad("another-pain", "Another pain", "not familiar", another));
        sites(test)
                .forEach(site ->
                        pads.add(pad("site-" + site, "Pain " + Wording.code(site), "", PAIN_SITE, new Code(site))));
        return pads;
    }

    /** Places of pain are offered where a criterion asks for one. */
    private static Set<String> sites(ClinicalTest test) {
        Set<String> asked = codes(test, PAIN_SITE);
        Set<String> sites = new LinkedHashSet<>();
        if (!asked.isEmpty()) {
            sites.addAll(SITES_BY_REGION.getOrDefault(test.region(), List.of()));
            sites.addAll(asked);
        }
        return sites;
    }

    private static Set<String> cheats(ClinicalTest test) {
        return codes(test, CHEAT);
    }

    private static Set<String> codes(ClinicalTest test, ReadingLeaf leaf) {
        Set<String> codes = new java.util.TreeSet<>();
        test.criteria().stream()
                .flatMap(c -> c.positiveWhen().comparisons())
                .filter(c -> c.leaf() == leaf)
                .map(Comparison::operator)
                .filter(Operator.In.class::isInstance)
                .forEach(o -> codes.addAll(((Operator.In) o).codes()));
        return codes;
    }

    private static List<Pad> clickPads() {
        return List.of(
                new Pad(
                        "click-painful",
                        "Click with pain",
                        "",
                        Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(true))),
                new Pad(
                        "click-painless",
                        "Painless click",
                        "",
                        Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(false))));
    }

    private static List<Pad> tinglingPads() {
        return Stream.of("median", "ulnar", "radial", "other")
                .map(t -> new Pad(
                        "tingling-" + t,
                        "Tingling",
                        t.equals("other") ? "elsewhere" : t + " fingers",
                        Map.of(TINGLING_PRESENT, new Flag(true), TINGLING_TERRITORY, new Code(t))))
                .toList();
    }

    private static Pad visiblePad(ClinicalTest test, String at) {
        String label = test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .filter(c -> c.positiveWhen().comparisons().anyMatch(x -> x.leaf() == VISIBLE))
                .map(Criterion::label)
                .findFirst()
                .orElse("Sign seen");
        return pad("seen", label, "seen", VISIBLE, new Flag(true));
    }

    private static Pad cheatPad(String code) {
        String words = Wording.code(code);
        return pad(
                "cheat-" + code,
                Character.toUpperCase(words.charAt(0)) + words.substring(1),
                "",
                CHEAT,
                new Code(code));
    }

    private static List<Dial> dials(ClinicalTest test, String at) {
        Set<ReadingLeaf> read = test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .flatMap(c -> c.positiveWhen().comparisons())
                .map(Comparison::leaf)
                .collect(Collectors.toSet());
        return DIALS.values().stream()
                .filter(d -> d.leaf().kind() == Kind.QUANTITY && test.offers(d.leaf()))
                .map(d -> new Dial(d.leaf(), d.label(), d.step(), d.quick(), read.contains(d.leaf())))
                .sorted(Comparator.comparing(d -> !d.decides()))
                .toList();
    }

    private static Pad pad(String id, String label, String hint, ReadingLeaf leaf, ReadingValue value) {
        return new Pad(id, label, hint, Map.of(leaf, value));
    }

    private static void flag(ReadingLeaf leaf, String label, String hint) {
        FLAG_PADS.put(leaf.reading(), pad(leaf.leafName(), label, hint, leaf, new Flag(true)));
    }

    private static void dial(ReadingLeaf leaf, String label, double step, double... quick) {
        DIALS.put(leaf, new Dial(leaf, label, step, Arrays.stream(quick).boxed().toList(), false));
    }
}
