package lexicor.server.settings;

import lexicor.core.weighing.input.WeighingSettings;
import lexicor.server.problems.Refusal;

/** What the overlaps of a request may be. */
public final class OverlapLimits {
    private OverlapLimits() {}

    /** Refuses overlaps that cannot be, by the name of the field. */
    public static void check(double family, double general) {
        if (!(family >= 0 && family <= WeighingSettings.MAX_OVERLAP)) {
            throw Refusal.field("familyOverlap", "expected a number from 0 to " + WeighingSettings.MAX_OVERLAP);
        }
        if (!(general >= 0 && general <= Math.min(family, WeighingSettings.MAX_GENERAL_OVERLAP))) {
            throw Refusal.field(
                    "generalOverlap",
                    "expected a number from 0 to the overlap within a family, at most "
                            + WeighingSettings.MAX_GENERAL_OVERLAP);
        }
    }
}
