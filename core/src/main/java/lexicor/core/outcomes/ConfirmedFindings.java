package lexicor.core.outcomes;

import java.util.List;
import java.util.Optional;
import lexicor.core.evidence.Study.TwoByTwo;

/** The department's own 2x2 table of one criterion and condition (method M13). */
public final class ConfirmedFindings {
    /** A recorded finding of a case whose diagnosis was confirmed or excluded. */
    public record Confirmed(boolean positive, boolean present) {}

    private ConfirmedFindings() {}

    /** The table as one more study for pooling; empty while either group is. Figures and intervals follow from M1. */
    public static Optional<TwoByTwo> table(List<Confirmed> findings) {
        long tp = count(findings, true, true);
        long fn = count(findings, false, true);
        long fp = count(findings, true, false);
        long tn = count(findings, false, false);
        return tp + fn == 0 || fp + tn == 0
                ? Optional.empty()
                : Optional.of(new TwoByTwo(tp, fn, fp, tn, false, false));
    }

    private static long count(List<Confirmed> findings, boolean positive, boolean present) {
        return findings.stream()
                .filter(f -> f.positive() == positive && f.present() == present)
                .count();
    }
}
