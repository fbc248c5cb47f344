package lexicor.core.practice.debrief;

import java.util.Collection;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Did;

/** The minutes that an examination would have taken: each test its usual time, shared out over its sides and places. */
public final class ClinicClock {
    /** A question and its answer; a working line. */
    private static final double ASKING = 0.1;

    /** Turning over, sitting up; a working line. */
    private static final double POSITION = 0.4;

    private static final int SIDES = 2;

    private ClinicClock() {}

    /** Minutes gone after all of these. */
    public static double minutes(Catalogue catalogue, Collection<? extends Deed> deeds) {
        double minutes = 0;
        String position = "";
        for (Deed deed : deeds) {
            if (deed instanceof Asked) {
                minutes += ASKING;
            } else if (deed instanceof Did did) {
                ClinicalTest test = catalogue.test(did.place().test()).orElseThrow();
                minutes += test.minutes() / (test.places().size() * (test.bothSides() ? SIDES : 1));
                if (!test.position().equals(position)) {
                    minutes += position.isEmpty() ? 0 : POSITION;
                    position = test.position();
                }
            }
        }
        return minutes;
    }

    /** How often the patient changed position. */
    public static int changes(Catalogue catalogue, Collection<String> tests) {
        int changes = -1;
        String position = null;
        for (String id : tests) {
            String next = catalogue.test(id).orElseThrow().position();
            if (!next.equals(position)) {
                changes++;
                position = next;
            }
        }
        return Math.max(0, changes);
    }
}
