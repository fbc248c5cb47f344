package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;

/**
 * Signs and their qualities (method M19). A sign is there or not: pain, apprehension, a click, weakness, tingling, something
 * seen. A quality says what a sign is like: where, familiar or not, which fingers, relieved or not.
 */
final class Signs {
    /** Signs: once any of a place was tapped, the others count as not seen. */
    private static final Set<ReadingLeaf> SIGNS = EnumSet.of(
            PAIN_PRESENT,
            WEAKNESS_GRADE,
            APPREHENSION,
            CLICK_PRESENT,
            CLUNK,
            CREPITUS,
            LAXITY_SIDE_DIFFERENCE,
            DROPS,
            CANNOT_HOLD,
            HOLDS_POSITION,
            CHEAT,
            VISIBLE,
            TENDER,
            TINGLING_PRESENT,
            SENSATION_REDUCED);

    /** The sign that a quality is of; whoever taps the quality has seen the sign. */
    private static final Map<ReadingLeaf, ReadingLeaf> SIGN_OF = Map.of(
            PAIN_FAMILIAR, PAIN_PRESENT,
            PAIN_SITE, PAIN_PRESENT,
            CLICK_PAINFUL, CLICK_PRESENT,
            TINGLING_FAMILIAR, TINGLING_PRESENT,
            TINGLING_FINGERS, TINGLING_PRESENT,
            TINGLING_TERRITORY, TINGLING_PRESENT);

    private Signs() {}

    static boolean isSign(ReadingLeaf leaf) {
        return SIGNS.contains(leaf);
    }

    /** Whether the leaf is a sign, or tells of one. */
    static boolean tells(ReadingLeaf leaf) {
        return SIGNS.contains(leaf) || SIGN_OF.containsKey(leaf);
    }

    /** The sign as its qualities tell it: familiar pain, or pain somewhere, is pain. Empty where they do not. */
    static Optional<ReadingValue> toldByQualities(ReadingLeaf sign, SideReadings own) {
        boolean told = SIGN_OF.entrySet().stream()
                .anyMatch(e -> e.getValue() == sign
                        && own.get(e.getKey()).filter(Signs::isThere).isPresent());
        return told ? Optional.of(new Flag(true)) : Optional.empty();
    }

    private static boolean isThere(ReadingValue value) {
        return ReadingValue.isYes(value)
                || value instanceof Codes codes && !codes.values().isEmpty()
                || value instanceof Code;
    }
}
