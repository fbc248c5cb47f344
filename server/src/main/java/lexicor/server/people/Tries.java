package lexicor.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import lexicor.server.problems.Refusal;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Makes whoever guesses wait longer after every failure. Counted by name, known or not, so that an answer does not tell which
 * names there are.
 */
@Component
class Tries {
    private static final int FREE = 3;
    private static final int LONGEST_SECONDS = 900;
    private static final long MOST_NAMES = 10_000;

    private record Failed(int times, Instant until) {}

    private final Clock clock;
    private final Cache<String, Failed> failures = Caffeine.newBuilder()
            .maximumSize(MOST_NAMES)
            .expireAfterWrite(Duration.ofHours(24))
            .build();

    @Autowired
    Tries() {
        this(Clock.systemUTC());
    }

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** Refuses a try that comes too soon after a failed one. */
    void allow(String name) {
        Failed failed = failures.getIfPresent(name);
        if (failed != null && clock.instant().isBefore(failed.until())) {
            long seconds = Duration.between(clock.instant(), failed.until()).toSeconds() + 1;
            throw Refusal.tooSoon("Too many failed tries. Try again in " + seconds + " seconds.", seconds);
        }
    }

    /** Counts a failure; from the third on the wait doubles. */
    void failed(String name) {
        failures.asMap().compute(name, (n, before) -> {
            int times = before == null ? 1 : before.times() + 1;
            long wait = times < FREE ? 0 : Math.min(LONGEST_SECONDS, 1L << Math.min(10, times - FREE + 1));
            return new Failed(times, clock.instant().plusSeconds(wait));
        });
    }

    void succeeded(String name) {
        failures.invalidate(name);
    }
}
