package lexicor.core.catalogue;

import java.util.List;
import java.util.Set;

/**
 * A sign that stands above every ranking: when it is raised, what it asks for and what it stops.
 *
 * @param sets precautions that hold from then on, within the scope
 * @param setsAfterInjury further ones where this began with an injury
 * @param cautions tests that are done with care from then on
 * @param discreet whether it is for the examiner's eyes alone: not on a screen that a companion reads, nor on the patient's page
 */
public record WarningSign(
        String id,
        String when,
        String message,
        List<String> sets,
        List<String> setsAfterInjury,
        Scope scope,
        List<String> cautions,
        boolean discreet) {

    /** Where what a warning sets holds. */
    public enum Reach {
        /** Everywhere. */
        ALL,
        /** In the arm from shoulder to hand, not in the neck. */
        LIMB,
        /** In the regions of the tests that raised it; asked or told, in those of the complaint. */
        CRITERION,
        /** In the regions that it names. */
        REGIONS
    }

    /**
     * @param regions none but for those that are named
     */
    public record Scope(Reach reach, Set<String> regions) {
        public Scope {
            regions = Set.copyOf(regions);
        }
    }

    public WarningSign {
        sets = List.copyOf(sets);
        setsAfterInjury = List.copyOf(setsAfterInjury);
        cautions = List.copyOf(cautions);
    }

    /** In a few words, for where its message is too long. */
    public String name() {
        String words = id.replace('-', ' ');
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
