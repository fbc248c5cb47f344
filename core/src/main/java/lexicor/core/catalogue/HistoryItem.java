package lexicor.core.catalogue;

import java.util.Map;

/**
 * Something the patient tells.
 *
 * @param finding whether the answer is a finding of its own (a member of a published cluster)
 * @param fromAgeBand whether the answer follows from the age band
 * @param notches suggested steps of suspicion by condition, from -2 to 2; a prompt, never weighed
 * @param trauma whether a yes means an injury
 */
public record HistoryItem(
        String id, String ask, boolean finding, boolean fromAgeBand, Map<String, Integer> notches, boolean trauma) {}
