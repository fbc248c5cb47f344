package lexicor.server.cases;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import lexicor.core.weighing.model.Remembered;
import lexicor.core.weighing.model.SetsMemory;

/** What weighing works out and a tap does not change, kept from tap to tap for the cases that are being examined. */
final class Kept {
    /** Numbers of eight bytes: 64 MB at most. */
    private static final long MOST = 8_000_000;

    static final SetsMemory MEMORY = new SetsMemory(Caffeine.newBuilder()
            .maximumWeight(MOST)
            .weigher((Object key, Remembered value) -> value.numbers())
            .expireAfterAccess(Duration.ofMinutes(30))
            .<Object, Remembered>build()
            .asMap());

    private Kept() {}
}
