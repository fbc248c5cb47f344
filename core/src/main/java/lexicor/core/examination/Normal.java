package lexicor.core.examination;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;

/** What each leaf holds when nothing was found. Measured ranges, forces and scores have no such value. */
public final class Normal {
    private Normal() {}

    public static Optional<ReadingValue> valueOf(ReadingLeaf leaf) {
        if (leaf.kind() == Kind.FLAG) {
            return Optional.of(new Flag(leaf == ReadingLeaf.HOLDS_POSITION));
        }
        return switch (leaf) {
            case WEAKNESS_GRADE -> Optional.of(new Code("none"));
            case CHEAT, PAIN_SITE, TINGLING_TERRITORY, TINGLING_FINGERS -> Optional.of(new Codes(List.of()));
            case LAXITY_END_POINT -> Optional.of(new Code("firm"));
            case LAG_DEGREES, GAP_MM -> Optional.of(new Quantity(0));
            default -> Optional.empty();
        };
    }
}
