package lexicor.core.examination;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.ReadingLeaf;

/**
 * Leaves that measure the same quality in different ways. A rule that accepts any of them is answered when one of them
 * was recorded: nobody grades strength by hand and weighs it on a dynamometer for the same tap.
 */
final class Quality {
    private static final List<Set<ReadingLeaf>> ALTERNATIVES = List.of(
            EnumSet.of(WEAKNESS_GRADE, WEAKNESS_MRC, FORCE_N, CANNOT_HOLD),
            EnumSet.of(VISIBLE, GAP_MM),
            EnumSet.of(SPINAL_LEVEL, GAP_MM),
            EnumSet.of(VISIBLE, SPINAL_LEVEL),
            EnumSet.of(VISIBLE, REFILL_SECONDS),
            EnumSet.of(HOLDS_POSITION, LAG_DEGREES),
            EnumSet.of(DROPS, LAG_DEGREES));

    private Quality() {}

    static boolean sameQuality(ReadingLeaf a, ReadingLeaf b) {
        return a != b && ALTERNATIVES.stream().anyMatch(set -> set.contains(a) && set.contains(b));
    }
}
