package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.DROPS;
import static lexicor.core.catalogue.ReadingLeaf.HOLDS_POSITION;
import static lexicor.core.catalogue.ReadingLeaf.LAG_DEGREES;
import static lexicor.core.catalogue.ReadingLeaf.MARK_NORMAL;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;

/** What each leaf holds when nothing was found. What is measured has no such value: it is found normal, not measured. */
public final class Normal {
    private Normal() {}

    /** Whether a measured leaf that has no number was found to be as usual: said of the place, or by the sign that says the same. */
    static boolean isFound(ReadingLeaf leaf, SideReadings own) {
        if (leaf.kind() != Kind.QUANTITY || own.has(leaf)) {
            return false;
        }
        if (leaf == LAG_DEGREES && (own.isFlag(DROPS, true) || own.isFlag(HOLDS_POSITION, false))) {
            return false;
        }
        return own.isFlag(MARK_NORMAL, true)
                || leaf == LAG_DEGREES && (own.isFlag(DROPS, false) || own.isFlag(HOLDS_POSITION, true));
    }

    public static Optional<ReadingValue> valueOf(ReadingLeaf leaf) {
        if (leaf.kind() == Kind.FLAG) {
            return Optional.of(new Flag(leaf == ReadingLeaf.HOLDS_POSITION));
        }
        return switch (leaf) {
            case WEAKNESS_GRADE -> Optional.of(new Code("none"));
            case CHEAT, PAIN_SITE, TINGLING_TERRITORY, TINGLING_FINGERS -> Optional.of(new Codes(List.of()));
            case LAXITY_END_POINT -> Optional.of(new Code("firm"));
            default -> Optional.empty();
        };
    }
}
