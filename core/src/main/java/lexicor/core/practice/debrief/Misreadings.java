package lexicor.core.practice.debrief;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.Normal;
import lexicor.core.examination.Place;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;
import lexicor.core.examination.Side;
import lexicor.core.examination.Wording;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Looked;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.patient.Reply;

/** What was recorded otherwise than it was felt, and what could not be known for want of looking. */
final class Misreadings {
    /** How far a number may be off, as a share, and in its own unit where that is more. */
    private static final double OFF = 0.15;

    private static final double OFF_UNITS = 5;
    private static final Set<ReadingLeaf> PAINS = EnumSet.of(PAIN_PRESENT, PAIN_FAMILIAR, PAIN_SITE);
    private static final Set<ReadingLeaf> TINGLINGS =
            EnumSet.of(TINGLING_PRESENT, TINGLING_FAMILIAR, TINGLING_FINGERS, TINGLING_TERRITORY);
    private static final Set<ReadingLeaf> STRENGTH = EnumSet.of(WEAKNESS_GRADE, WEAKNESS_MRC, FORCE_N, CANNOT_HOLD);
    private static final Set<ReadingLeaf> FROM_THE_PATIENT = EnumSet.of(PAIN_PRESENT, APPREHENSION, TENDER);

    private final Encounter encounter;
    private final Catalogue catalogue;
    private final List<Point> points = new ArrayList<>();
    private final Map<String, List<Place>> unrecorded = new LinkedHashMap<>();

    private Misreadings(Encounter encounter) {
        this.encounter = encounter;
        catalogue = encounter.patient().world().catalogue();
    }

    static List<Point> of(Encounter encounter) {
        Misreadings all = new Misreadings(encounter);
        Map<Place, Did> last = new LinkedHashMap<>();
        encounter.of(Did.class).forEach(d -> last.put(d.place(), d));
        last.values().forEach(all::compare);
        Map<String, List<Place>> neverDone = encounter.tapped().byPlace().keySet().stream()
                .filter(p -> !last.containsKey(p))
                .filter(p -> !all.isMeantForOther(p, last.keySet()))
                .collect(Collectors.groupingBy(Place::test, LinkedHashMap::new, Collectors.toList()));
        neverDone.forEach((test, places) -> all.ofTest(test, places, "recorded, and never done"));
        all.unrecorded.forEach((test, places) -> all.ofTest(test, places, "done, and nothing recorded"));
        return all.points;
    }

    private void compare(Did did) {
        Place place = did.place();
        Reply reply = encounter.patient().reply(place.test(), place.at(), place.side(), did.time());
        boolean heard = encounter.of(Said.class).anyMatch(s -> s.what() == Courtesy.SPEAK_UP) || isLookedAt(did);
        Map<ReadingLeaf, ReadingValue> tapped = encounter.tapped().at(place).leaves();
        boolean hurts = FROM_THE_PATIENT.stream()
                .anyMatch(l -> ReadingValue.isYes(reply.felt().get(l)));
        if (!heard && hurts) {
            add(
                    Point.Kind.FACE,
                    place,
                    "it hurt or frightened, and nobody could know: the face was not looked at, and nobody was asked to speak up.");
            return;
        }
        if (tapped.isEmpty()) {
            Place other = otherSide(place);
            if (!encounter.tapped().at(other).leaves().isEmpty() && !wasDone(other)) {
                add(
                        Point.Kind.READING,
                        place,
                        "recorded on the " + other.side().id() + ", and done on the "
                                + place.side().id() + ".");
            } else if (place.side() == encounter.patient().person().involved()) {
                unrecorded.computeIfAbsent(place.test(), t -> new ArrayList<>()).add(place);
            }
            return;
        }
        List<String> differences = differences(place, reply.felt(), tapped);
        if (!differences.isEmpty()) {
            add(Point.Kind.READING, place, String.join("; ", differences) + ".");
        }
    }

    private boolean isLookedAt(Did did) {
        int at = encounter.deeds().indexOf(did);
        for (int i = at + 1; i < encounter.deeds().size(); i++) {
            if (encounter.deeds().get(i) instanceof Looked) {
                return true;
            }
            if (encounter.deeds().get(i) instanceof Did) {
                return false;
            }
        }
        return false;
    }

    private boolean wasDone(Place place) {
        return encounter.of(Did.class).anyMatch(d -> d.place().equals(place));
    }

    private boolean isMeantForOther(Place tapped, Set<Place> done) {
        return done.contains(otherSide(tapped))
                && encounter.tapped().at(otherSide(tapped)).leaves().isEmpty();
    }

    private static Place otherSide(Place place) {
        return new Place(place.test(), place.at(), place.side().other());
    }

    /** What is so of several places of a test is said once. */
    private void ofTest(String test, List<Place> places, String words) {
        if (places.size() == 1) {
            add(Point.Kind.READING, places.get(0), words + ".");
        } else {
            String name = catalogue.test(test).orElseThrow().name();
            points.add(Point.at(
                    Point.Kind.READING, name + ", " + places.size() + " places: " + words + ".", places.get(0)));
        }
    }

    private void add(Point.Kind kind, Place place, String words) {
        ClinicalTest test = catalogue.test(place.test()).orElseThrow();
        String label = place.at().isEmpty() ? "" : test.placeLabel(place.at());
        Side involved = encounter.patient().person().involved();
        String where = (label.isEmpty() ? "" : ", " + Wording.midSentence(label))
                + (place.side() == involved ? "" : ", other side");
        points.add(Point.at(kind, test.name() + where + ": " + words, place));
    }

    private List<String> differences(
            Place place, Map<ReadingLeaf, ReadingValue> felt, Map<ReadingLeaf, ReadingValue> tapped) {
        List<String> found = new ArrayList<>();
        ClinicalTest test = catalogue.test(place.test()).orElseThrow();
        if (test.offers(PAIN_PRESENT)) {
            differ("pain", kind(felt, PAIN_PRESENT, PAIN_FAMILIAR), kind(tapped, PAIN_PRESENT, PAIN_FAMILIAR), found);
            sites(felt, tapped, found);
        }
        if (test.offers(TINGLING_PRESENT)) {
            differ(
                    "tingling",
                    kind(felt, TINGLING_PRESENT, TINGLING_FAMILIAR),
                    kind(tapped, TINGLING_PRESENT, TINGLING_FAMILIAR),
                    found);
        }
        for (ReadingLeaf leaf : ReadingLeaf.values()) {
            if (!PAINS.contains(leaf) && !TINGLINGS.contains(leaf) && test.offers(leaf)) {
                if (!isMeasuredInstead(leaf, tapped)) {
                    one(leaf, felt.get(leaf), tapped.get(leaf), found);
                }
            }
        }
        return found;
    }

    private static void differ(String what, String felt, String tapped, List<String> found) {
        if (!felt.equals(tapped)) {
            found.add("it was " + felt + " " + what + ", recorded was " + tapped + " " + what);
        }
    }

    /** Whose it is: what was not tapped beside other signs counts as not there (method M19). */
    private static String kind(Map<ReadingLeaf, ReadingValue> at, ReadingLeaf sign, ReadingLeaf familiar) {
        boolean there = ReadingValue.isYes(at.get(sign)) || ReadingValue.isYes(at.get(familiar));
        if (at.get(familiar) instanceof Flag own) {
            return own.value() ? "their own" : "another";
        }
        return there ? "some" : "no";
    }

    private void sites(Map<ReadingLeaf, ReadingValue> felt, Map<ReadingLeaf, ReadingValue> tapped, List<String> found) {
        if (felt.get(PAIN_SITE) instanceof Codes there
                && tapped.get(PAIN_SITE) instanceof Codes said
                && Collections.disjoint(there.values(), said.values())) {
            found.add("it hurt elsewhere than recorded");
        }
    }

    private void one(ReadingLeaf leaf, ReadingValue felt, ReadingValue tapped, List<String> found) {
        String name = Wording.midSentence(Wording.label(leaf));
        if (leaf == CHEAT || leaf == MARK_GUARDED) {
            if (isSome(felt) && !isSome(tapped)) {
                found.add(leaf == CHEAT ? "the way round it was not recorded" : "the guarding was not recorded");
            }
        } else if (felt instanceof Quantity there && tapped instanceof Quantity said) {
            double off = Math.abs(there.value() - said.value());
            if (off > OFF_UNITS && off > OFF * Math.abs(there.value())) {
                found.add(String.format(
                        Locale.ROOT, "%s was %.0f, recorded was %.0f", name, there.value(), said.value()));
            }
        } else if (!leaf.isMark() && !(felt instanceof Quantity) && !(tapped instanceof Quantity)) {
            ReadingValue usual = Normal.valueOf(leaf).orElse(null);
            ReadingValue there = felt == null ? usual : felt;
            ReadingValue said = tapped == null ? usual : tapped;
            boolean known = felt != null || tapped != null;
            if (known && !Objects.equals(there, said) && !isGradeAlone(leaf, there, said)) {
                boolean more = !Objects.equals(there, usual);
                found.add(more ? name + " was there and not recorded so" : name + " was recorded and was not there");
            }
        }
    }

    /** Strength that was graded or weighed in another way. */
    private static boolean isMeasuredInstead(ReadingLeaf leaf, Map<ReadingLeaf, ReadingValue> tapped) {
        return STRENGTH.contains(leaf)
                && !tapped.containsKey(leaf)
                && STRENGTH.stream().anyMatch(tapped::containsKey);
    }

    /** A little weak or clearly weak: weak was recorded. */
    private static boolean isGradeAlone(ReadingLeaf leaf, ReadingValue there, ReadingValue said) {
        return leaf == WEAKNESS_GRADE
                && there instanceof Code a
                && said instanceof Code b
                && !a.value().equals("none")
                && !b.value().equals("none");
    }

    private static boolean isSome(ReadingValue value) {
        return ReadingValue.isYes(value)
                || value instanceof Codes c && !c.values().isEmpty();
    }
}
