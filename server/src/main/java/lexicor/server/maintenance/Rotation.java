package lexicor.server.maintenance;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which backups are no longer needed: all of the last week are kept, and the newest of each of four weeks before. */
final class Rotation {
    private static final Duration ALL = Duration.ofDays(7);
    private static final int WEEKS = 5;

    private Rotation() {}

    static List<Instant> outdated(List<Instant> made, Instant now) {
        List<Instant> newestFirst =
                made.stream().sorted(Comparator.reverseOrder()).toList();
        Set<Long> weeksKept = new HashSet<>();
        List<Instant> outdated = new ArrayList<>();
        for (Instant time : newestFirst) {
            Duration age = Duration.between(time, now);
            // Weeks of the calendar, not of age: of those that age, the same one of each week has to stay the newest.
            boolean newestOfWeek = weeksKept.add(Math.floorDiv(time.getEpochSecond(), ALL.toSeconds()));
            boolean recent = age.compareTo(ALL) < 0;
            if (!recent && (!newestOfWeek || age.compareTo(ALL.multipliedBy(WEEKS)) >= 0)) {
                outdated.add(time);
            }
        }
        return outdated;
    }
}
