package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue.Flag;

/**
 * What is known at one place of a test on one side (method M19): what was recorded, what that implies, and what another test
 * found where this one only eases it.
 */
final class Bedside {
    private static final Set<ReadingLeaf> WHAT_CAN_EASE =
            Set.of(APPREHENSION, PAIN_PRESENT, PAIN_FAMILIAR, PAIN_SITE, TINGLING_PRESENT);

    final SideReadings own;
    final SideReadings other;
    private final ClinicalTest test;
    private final boolean bothSidesTrouble;
    private final SideReadings relieved;
    /** Whether a sign that nobody tapped counts as not seen. */
    private final boolean assumes;

    private Bedside(
            ClinicalTest test,
            SideReadings own,
            SideReadings other,
            boolean bothSidesTrouble,
            SideReadings relieved,
            boolean assumes) {
        this.assumes = assumes;
        this.test = test;
        this.own = own;
        this.other = other;
        this.bothSidesTrouble = bothSidesTrouble;
        this.relieved = relieved;
    }

    static Bedside at(ClinicalTest test, String at, Readings readings, Side side) {
        Place place = new Place(test.id(), at, side);
        return new Bedside(
                test,
                readings.at(place),
                readings.at(place.otherSide()),
                readings.bothSidesTrouble(),
                test.particulars()
                        .relieves()
                        .map(t -> readings.at(new Place(t, "", side)))
                        .orElse(SideReadings.NONE),
                true);
    }

    /** The same by what was said alone. */
    Bedside asSaid() {
        return new Bedside(test, own, other, bothSidesTrouble, relieved, false);
    }

    /** The same seen from the other side. */
    Bedside fromOtherSide() {
        return new Bedside(test, other, own, bothSidesTrouble, SideReadings.NONE, assumes);
    }

    /** The number on the other side; empty where it was not taken, or is no baseline because that side is troubled too. */
    Optional<Double> baseline(ReadingLeaf leaf) {
        return bothSidesTrouble ? Optional.empty() : other.quantity(leaf);
    }

    /** Whether a comparison fails to be made because the other side is no baseline. */
    boolean lacksBaseline(ReadingLeaf leaf) {
        return bothSidesTrouble && other.has(leaf);
    }

    /** The value recorded, told by what was, or assumed because a sign that nobody tapped was not seen. */
    Optional<ReadingValue> value(ReadingLeaf leaf) {
        Optional<ReadingValue> recorded = own.get(leaf).or(() -> Signs.toldByQualities(leaf, own));
        if (recorded.isPresent()) {
            return recorded;
        }
        if (test.particulars().relieves().isPresent() && WHAT_CAN_EASE.contains(leaf)) {
            // It is about what was found before, so what nobody tapped here is as it was there, or not known.
            return relieved.get(leaf)
                    .or(() -> Signs.toldByQualities(leaf, relieved))
                    .filter(v -> !isRelief() || !isAbsent(v));
        }
        if (!assumes
                || !own.isObserved()
                || !Signs.isSign(leaf)
                || test.particulars().qualities().contains(leaf)
                || leaf == PAIN_PRESENT && wasStoppedByFear()) {
            return Optional.empty();
        }
        return Normal.valueOf(leaf);
    }

    private static boolean isAbsent(ReadingValue value) {
        return value instanceof Flag flag && !flag.value();
    }

    /** The reading that rules another one out: without pain no familiar pain, without the familiar pain no painful arc. */
    Optional<ReadingLeaf> ruledOutBy(ReadingLeaf leaf) {
        List<ReadingLeaf> causes =
                switch (leaf) {
                    case PAIN_FAMILIAR, PAIN_SITE, PAIN_SEVERITY -> List.of(PAIN_PRESENT);
                    case ARC_START_DEG, ARC_WORST_DEG, ARC_END_DEG -> List.of(PAIN_PRESENT, PAIN_FAMILIAR);
                    case CLICK_PAINFUL -> List.of(CLICK_PRESENT);
                    // Tingling that is not the patient's own is no sign, as pain is none that is not.
                    case TINGLING_PRESENT -> List.of(TINGLING_FAMILIAR);
                    case TINGLING_TERRITORY, TINGLING_FINGERS, ONSET_SECONDS ->
                        List.of(TINGLING_PRESENT, TINGLING_FAMILIAR);
                    default -> List.of();
                };
        return causes.stream()
                .filter(c -> value(c).filter(Bedside::isAbsent).isPresent())
                .findFirst();
    }

    /** Whether it is for the fear that nothing is known of the pain that the reading is of. */
    boolean isPainUnknownForFear(ReadingLeaf leaf) {
        return wasStoppedByFear()
                && (leaf == PAIN_PRESENT || leaf == PAIN_FAMILIAR || leaf == PAIN_SITE)
                && value(PAIN_PRESENT).isEmpty();
    }

    /** Fear ends a test, so whether it would have hurt is not known (method M19). */
    private boolean wasStoppedByFear() {
        return own.isFlag(APPREHENSION, true);
    }

    private boolean isRelief() {
        return test.particulars().relieves().isPresent() && own.isFlag(RELIEF, true);
    }

    /** Whether something eased here of which neither this test nor the one it eases holds the sign (method M19). */
    boolean isReliefOfNothing() {
        return isRelief()
                && WHAT_CAN_EASE.stream()
                        .noneMatch(l -> value(l).filter(v -> !isAbsent(v)).isPresent());
    }
}
