package lexicor.core.outcomes.accuracy;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Read;
import lexicor.core.outcomes.followed.Slice;

/**
 * Every 2x2 table of the followed-up cases (method M13). A reading counts when it was made before the condition was known; the
 * first time a criterion was decided in a patient is the one that counts, so that treatment does not.
 */
public final class OwnAccuracy {
    private static final int TP = 0;
    private static final int FN = 1;
    private static final int FP = 2;
    private static final int TN = 3;
    private static final int POSITIVE_ONLY = 4;
    private static final int NEGATIVE_ONLY = 5;
    private static final int CELLS = 6;

    private final Map<String, Map<String, int[]>> cells = new LinkedHashMap<>();

    private OwnAccuracy() {}

    /** The tables of some cases, in no particular order. */
    public static List<OwnTable> of(Collection<FollowedCase> cases, Slice slice) {
        OwnAccuracy counted = new OwnAccuracy();
        cases.stream().filter(slice::takes).forEach(c -> counted.add(c, slice));
        return counted.tables();
    }

    private void add(FollowedCase c, Slice slice) {
        Map<String, Known> known = new HashMap<>();
        c.candidates().forEach(condition -> known.put(condition, null));
        c.known().forEach(k -> known.put(k.condition(), k));
        for (Read read : c.reads()) {
            if (slice.takes(read)) {
                Map<String, int[]> byCondition = cells.computeIfAbsent(read.of(), r -> new LinkedHashMap<>());
                known.forEach((condition, k) -> {
                    if (k == null || read.isBefore(k)) {
                        byCondition
                                .computeIfAbsent(condition, n -> new int[CELLS])[
                                cell(read.positive(), k == null || !slice.takes(k) ? null : k)]++;
                    }
                });
            }
        }
    }

    /**
     * @param known null where nobody knows
     */
    private static int cell(boolean positive, Known known) {
        if (known == null) {
            return positive ? POSITIVE_ONLY : NEGATIVE_ONLY;
        }
        return known.present() ? positive ? TP : FN : positive ? FP : TN;
    }

    private List<OwnTable> tables() {
        return cells.entrySet().stream()
                .flatMap(of -> of.getValue().entrySet().stream().map(e -> table(of.getKey(), e.getKey(), e.getValue())))
                .toList();
    }

    private static OwnTable table(String of, String condition, int[] n) {
        return new OwnTable(of, condition, n[TP], n[FN], n[FP], n[TN], n[POSITIVE_ONLY], n[NEGATIVE_ONLY]);
    }
}
