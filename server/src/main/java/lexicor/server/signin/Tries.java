package lexicor.server.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import lexicor.server.problems.Refusal;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Makes whoever guesses wait longer after every failure. A try counts as failed before it is looked at, so that many at once
 * are not all free, and is taken off the count if it turns out right.
 */
@Component
class Tries {
    private static final int FREE = 3;
    private static final int LONGEST_SECONDS = 900;
    private static final long MOST_KEYS = 10_000;

    private record Failed(int times, Instant until) {}

    private final Clock clock;
    private final Cache<String, Failed> failures = Caffeine.newBuilder()
            .maximumSize(MOST_KEYS)
            .expireAfterWrite(Duration.ofHours(24))
            .build();

    @Autowired
    Tries() {
        this(Clock.systemUTC());
    }

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** A try under way; as long as nothing is said of it, it has failed. */
    final class Try {
        private final String key;
        private final Failed before;
        private final Failed counted;

        private Try(String key, Failed before, Failed counted) {
            this.key = key;
            this.before = before;
            this.counted = counted;
        }

        /** How many failed in a row, this one among them. */
        int times() {
            return counted.times();
        }

        /** It was right: nothing before it counts any more. */
        void succeeded() {
            failures.invalidate(key);
        }

        /** It was neither right nor wrong. */
        void withdrawn() {
            if (before == null) {
                failures.asMap().remove(key, counted);
            } else {
                failures.asMap().replace(key, counted, before);
            }
        }
    }

    /**
     * Counts a try; from the third on the wait doubles.
     *
     * @param key whose tries are counted together, for example a name and an address
     * @throws Refusal if it comes too soon after a failed one
     */
    Try begin(String key) {
        Failed[] before = new Failed[1];
        Failed counted = failures.asMap().compute(key, (k, failed) -> {
            before[0] = failed;
            if (failed != null && clock.instant().isBefore(failed.until())) {
                return failed;
            }
            int times = failed == null ? 1 : failed.times() + 1;
            long wait = times < FREE ? 0 : Math.min(LONGEST_SECONDS, 1L << Math.min(10, times - FREE + 1));
            return new Failed(times, clock.instant().plusSeconds(wait));
        });
        if (counted == before[0]) {
            long seconds = Duration.between(clock.instant(), counted.until()).toSeconds() + 1;
            throw Refusal.tooSoon("Too many failed tries. Try again in " + seconds + " seconds.", seconds);
        }
        return new Try(key, before[0], counted);
    }
}
