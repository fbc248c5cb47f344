package lexicor.core.textbook;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;

/**
 * A patient of the textbook.
 *
 * @param marks by criterion or question, whether it is positive
 * @param assumed negatives that nobody said (method M19)
 */
public record TextbookPatient(
        String id,
        String complaint,
        Setting setting,
        Optional<AgeBand> age,
        Optional<Sex> sex,
        Map<String, Boolean> marks,
        Set<String> assumed,
        Expected expected) {

    /**
     * What the list must look like.
     *
     * @param first stands first
     * @param within by condition, stands among the first so many
     * @param above pairs of which the first stands above the second
     * @param act is to be acted on, or would be once something else is settled
     * @param notAct is not to be acted on
     * @param raised stands above where it began
     * @param lowered stands below where it began
     */
    public record Expected(
            Optional<String> first,
            Map<String, Integer> within,
            List<List<String>> above,
            List<String> act,
            List<String> notAct,
            List<String> raised,
            List<String> lowered) {}
}
