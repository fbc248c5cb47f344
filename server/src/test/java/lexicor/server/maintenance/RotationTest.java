package lexicor.server.maintenance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RotationTest {
    @Test
    void aNightlyBackupKeepsAWeekOfDaysAndFourWeeks() {
        List<Instant> kept = new ArrayList<>();
        Instant now = Instant.parse("2026-01-01T02:30:00Z");
        for (int night = 0; night < 120; night++) {
            now = now.plus(Duration.ofDays(1));
            kept.add(now);
            kept.removeAll(Rotation.outdated(kept, now));
            assertThat(kept).contains(now);
            assertThat(kept.size()).isLessThanOrEqualTo(12);
        }
        Instant last = now;
        List<Long> ages = kept.stream()
                .map(t -> Duration.between(t, last).toDays())
                .sorted()
                .toList();
        assertThat(ages).startsWith(0L, 1L, 2L, 3L, 4L, 5L, 6L).hasSizeBetween(10, 12);
        assertThat(ages.get(ages.size() - 1)).isBetween(21L, 35L);
    }
}
