package lexicor.core.examination.pads;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.FingerMap;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.examination.Normal;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.Wording;

/** The pads of one place of a test. */
final class Pads {
    /** Signs with one pad each, and what it says where the test has no words of its own. */
    private static final Map<String, String> SIGNS = Map.of(
            "apprehension", "Apprehension",
            "clunk", "Clunk",
            "crepitus", "Grating",
            "drops", "Drops",
            "cannotHold", "Cannot hold",
            "tender", "Tender",
            "sensationReduced", "Feels less");

    /** Numbers of a sign, which are answered where it is not there. */
    private static final Set<ReadingLeaf> OF_A_SIGN = Set.of(
            PAIN_SEVERITY,
            WEAKNESS_MRC,
            APPREHENSION_SEVERITY,
            APPREHENSION_ANGLE_DEG,
            ARC_START_DEG,
            ARC_WORST_DEG,
            ARC_END_DEG,
            ONSET_SECONDS);

    private final ClinicalTest test;
    private final String at;
    private final FingerMap fingers;
    private final List<Pad> pads = new ArrayList<>();

    private Pads(ClinicalTest test, String at, FingerMap fingers) {
        this.test = test;
        this.at = at;
        this.fingers = fingers;
    }

    static List<Pad> of(ClinicalTest test, String at, FingerMap fingers) {
        Pads board = new Pads(test, at, fingers);
        board.lay();
        return List.copyOf(board.pads);
    }

    private void lay() {
        Pad nothing = nothing();
        // Where nothing is asked but what has no usual value there is nothing that could be absent.
        if (!nothing.sets().isEmpty()) {
            pads.add(nothing);
        }
        if (isMovement() && nothing.sets().size() > 1) {
            add("full-range", "Full range", "not measured", MARK_NORMAL, new Flag(true));
        }
        test.readings().forEach(this::reading);
        sites();
        if (test.readings().contains("tingling")) {
            tinglingPlaces();
        }
        cheats();
        add("guarded", "Guarded", "could not relax", MARK_GUARDED, new Flag(true));
    }

    private void reading(String reading) {
        switch (reading) {
            case "pain" -> {
                ownOrAnother("their-pain", "Their pain", PAIN_PRESENT, PAIN_FAMILIAR, true);
                ownOrAnother("another-pain", "Another pain", PAIN_PRESENT, PAIN_FAMILIAR, false);
            }
            case "tingling" -> {
                ownOrAnother("their-tingling", "Their tingling", TINGLING_PRESENT, TINGLING_FAMILIAR, true);
                ownOrAnother("another-tingling", "Another tingling", TINGLING_PRESENT, TINGLING_FAMILIAR, false);
            }
            case "weakness" -> {
                add("weak-a-little", "A little weak", "", WEAKNESS_GRADE, new Code("mild"));
                add("weak-clearly", "Clearly weak", "", WEAKNESS_GRADE, new Code("marked"));
            }
            case "click" -> {
                pads.add(sign(
                        "click-painful",
                        "Click with pain",
                        "",
                        Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(true))));
                pads.add(sign(
                        "click-painless",
                        "Painless click",
                        "",
                        Map.of(CLICK_PRESENT, new Flag(true), CLICK_PAINFUL, new Flag(false))));
            }
            case "laxity" -> {
                add("looser", "Loose", "", LAXITY_SIDE_DIFFERENCE, new Flag(true));
                add("no-end-point", "No firm end point", "", LAXITY_END_POINT, new Code("none"));
                add("firm-end-point", "Firm end point", "", LAXITY_END_POINT, new Code("firm"));
            }
            case "relief" -> {
                add("relief", words(RELIEF).map(Words::yes).orElse("It eases"), "", RELIEF, new Flag(true));
                add("no-relief", words(RELIEF).map(Words::no).orElse("Does not ease"), "", RELIEF, new Flag(false));
                pads.add(sign(
                        "gets-worse", "Gets worse", "", Map.of(RELIEF, new Flag(false), RELIEF_WORSE, new Flag(true))));
            }
            case "holdsPosition" ->
                add(
                        "gives-way",
                        words(HOLDS_POSITION).map(Words::no).orElse("Gives way"),
                        "",
                        HOLDS_POSITION,
                        new Flag(false));
            case "visible" -> visible();
            default -> {
                if (SIGNS.containsKey(reading)) {
                    ReadingLeaf leaf = ReadingLeaf.named(reading).orElseThrow();
                    add(reading, words(leaf).map(Words::yes).orElse(SIGNS.get(reading)), "", leaf, new Flag(true));
                }
            }
        }
    }

    private void ownOrAnother(String id, String label, ReadingLeaf sign, ReadingLeaf familiar, boolean own) {
        Map<ReadingLeaf, ReadingValue> sets = Map.of(sign, new Flag(true), familiar, new Flag(own));
        pads.add(sign(id, label, own ? "the familiar one" : "not familiar", sets));
    }

    /** A sign goes by the criterion that is this sign alone, or else by the test's own words. */
    private void visible() {
        Optional<String> alone = test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .filter(c -> c.positiveWhen().comparisons().allMatch(x -> x.leaf() == VISIBLE))
                .map(Criterion::label)
                .findFirst();
        Optional<Words> own = words(VISIBLE);
        String label = alone.or(() -> own.map(Words::yes))
                .or(() -> test.criteria().stream()
                        .filter(c -> c.at().equals(at))
                        .filter(c -> c.positiveWhen().comparisons().anyMatch(x -> x.leaf() == VISIBLE))
                        .map(Criterion::label)
                        .findFirst())
                .orElse("Sign seen");
        add("seen", label, "", VISIBLE, new Flag(true));
        if (test.particulars().qualities().contains(VISIBLE)) {
            add(
                    "not-seen",
                    alone.isEmpty() ? own.map(Words::no).orElse("Not seen") : "Not so",
                    "",
                    VISIBLE,
                    new Flag(false));
        }
    }

    private Pad nothing() {
        Map<ReadingLeaf, ReadingValue> sets = new EnumMap<>(ReadingLeaf.class);
        Stream.of(ReadingLeaf.values())
                .filter(l -> !l.isMark() && test.offers(l))
                .filter(l -> l.kind() != ReadingLeaf.Kind.CODES || l == CHEAT && isSign(CHEAT))
                // What stands recorded as nothing found has neither.
                .filter(l -> l != TINGLING_FAMILIAR && l != RELIEF_WORSE)
                .forEach(l -> Normal.valueOf(l).ifPresent(v -> sets.put(l, v)));
        boolean isRangeAlone = sets.isEmpty() && isMovement();
        if (isMeasuredHere()) {
            sets.put(MARK_NORMAL, new Flag(true));
        }
        boolean isMeasuredAlone = sets.size() == 1 && sets.containsKey(MARK_NORMAL);
        return sign(
                "nothing",
                isRangeAlone ? "Full range" : "Nothing found",
                isMeasuredAlone ? "not measured" : "",
                Map.copyOf(sets));
    }

    private boolean isMovement() {
        return test.kind().equals("movement") && test.offers(RANGE_ACTIVE_DEG);
    }

    /** Whether a criterion of the place goes by a number that is more than how soon or how strong a sign is. */
    private boolean isMeasuredHere() {
        return test.criteria().stream()
                .filter(c -> c.at().equals(at))
                .flatMap(c -> c.positiveWhen().comparisons())
                .map(Comparison::leaf)
                .anyMatch(l -> l.kind() == ReadingLeaf.Kind.QUANTITY && !OF_A_SIGN.contains(l));
    }

    private boolean isSign(ReadingLeaf leaf) {
        return test.criteria().stream()
                .flatMap(c -> c.positiveWhen().comparisons())
                .anyMatch(c -> c.leaf() == leaf);
    }

    private void sites() {
        List<Choice> sites = test.particulars().sites().isEmpty()
                ? ofCodes(PAIN_SITE)
                : test.particulars().sites();
        sites.forEach(s -> several("site-" + s.id(), s.label(), Pad.Group.SITE, PAIN_SITE, s.id()));
    }

    private void tinglingPlaces() {
        fingers.fingers()
                .forEach(f -> several("finger-" + f.id(), f.label(), Pad.Group.FINGER, TINGLING_FINGERS, f.id()));
        if (fingers.fingers().isEmpty()) {
            ofCodes(TINGLING_TERRITORY)
                    .forEach(t ->
                            several("tingling-" + t.id(), t.label(), Pad.Group.FINGER, TINGLING_TERRITORY, t.id()));
        }
    }

    private void cheats() {
        List<Choice> cheats = new ArrayList<>(test.particulars().cheats());
        ofCodes(CHEAT).stream()
                .filter(c -> cheats.stream().noneMatch(known -> known.id().equals(c.id())))
                .forEach(cheats::add);
        cheats.forEach(c -> several("cheat-" + c.id(), c.label(), Pad.Group.CHEAT, CHEAT, c.id()));
    }

    /** What the criteria ask for, where the test has no list of its own. */
    private List<Choice> ofCodes(ReadingLeaf leaf) {
        Set<String> codes = new LinkedHashSet<>();
        test.criteria().stream()
                .flatMap(c -> c.positiveWhen().comparisons())
                .filter(c -> c.leaf() == leaf && c.operator() instanceof Operator.In)
                .forEach(c ->
                        ((Operator.In) c.operator()).codes().stream().sorted().forEach(codes::add));
        return codes.stream().map(c -> new Choice(c, Wording.code(c))).toList();
    }

    private Optional<Words> words(ReadingLeaf leaf) {
        return Optional.ofNullable(test.particulars().words().get(leaf));
    }

    private void several(String id, String label, Pad.Group group, ReadingLeaf leaf, String code) {
        pads.add(new Pad(id, Wording.capital(label), "", group, Map.of(leaf, new Codes(List.of(code)))));
    }

    private void add(String id, String label, String hint, ReadingLeaf leaf, ReadingValue value) {
        pads.add(sign(id, label, hint, Map.of(leaf, value)));
    }

    private static Pad sign(String id, String label, String hint, Map<ReadingLeaf, ReadingValue> sets) {
        return new Pad(id, label, hint, Pad.Group.SIGN, sets);
    }
}
