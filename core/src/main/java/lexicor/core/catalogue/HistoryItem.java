package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Something the patient tells.
 *
 * @param finding whether the answer is a finding of its own (a member of a published cluster)
 * @param fromAgeBand whether the answer follows from the age band
 * @param ageFrom the age in years from which it is a yes
 * @param ageBelow the age in years below which it is a yes
 * @param notches suggested steps of suspicion by condition, from -2 to 2; a prompt, never weighed
 * @param complaints what a patient comes with who is asked this; empty where it is asked by what it says something of
 * @param injury whether a yes means that there was an injury
 * @param withoutInjury whether a yes says that it began without one
 * @param excludes questions that cannot be answered with yes together with this one, as ids
 */
public record HistoryItem(
        String id,
        String ask,
        boolean finding,
        boolean fromAgeBand,
        OptionalInt ageFrom,
        OptionalInt ageBelow,
        Map<String, Integer> notches,
        List<String> complaints,
        boolean injury,
        boolean withoutInjury,
        List<String> excludes) {
    /** Whether both cannot be so; the same the other way round. */
    public boolean contradicts(HistoryItem other) {
        return excludes.contains(other.id) || other.excludes.contains(id);
    }
}
