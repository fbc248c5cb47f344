package lexicor.server.outcomes.learned;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Setting;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Foreseen;
import lexicor.core.outcomes.followed.Known;
import lexicor.core.outcomes.followed.Read;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was found in a case, as it is stored.
 *
 * @param day of the first visit, in days since 1970
 */
record Facts(
        int day,
        String complaint,
        String setting,
        String examiner,
        boolean simulated,
        List<String> candidates,
        List<Found> found) {
    private static final JsonMapper JSON = JsonMapper.shared();

    /**
     * @param o the criterion's id, or the cluster's
     * @param p whether it was positive
     * @param e who recorded it
     * @param d the day of the visit, in days since 1970
     * @param t when it was recorded last, in milliseconds since 1970
     */
    record Found(String o, boolean p, String e, int d, long t) {
        Read read() {
            return new Read(o.intern(), p, e.intern(), LocalDate.ofEpochDay(d), Instant.ofEpochMilli(t));
        }
    }

    static Facts read(String stored) {
        return JSON.readValue(stored, Facts.class);
    }

    String stored() {
        return JSON.writeValueAsString(this);
    }

    FollowedCase followed(long id, List<Known> known, List<Foreseen> foreseen) {
        return new FollowedCase(
                id,
                LocalDate.ofEpochDay(day),
                complaint.intern(),
                Setting.withId(setting).orElseThrow(),
                examiner.intern(),
                candidates.stream().map(String::intern).collect(Collectors.toUnmodifiableSet()),
                found.stream().map(Found::read).toList(),
                known,
                foreseen);
    }
}
