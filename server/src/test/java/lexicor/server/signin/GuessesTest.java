package lexicor.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import lexicor.server.people.Hashing;
import lexicor.server.people.TimeCode;
import lexicor.server.problems.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.crypto.password.PasswordEncoder;

/** What guessing meets: waits that grow, codes that count once, and a line that strangers cannot fill for others. */
class GuessesTest {
    /** A clock that goes when it is told to. */
    private static final class Hand extends Clock {
        private Instant now = Instant.parse("2026-01-05T08:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        void wait(Duration time) {
            now = now.plus(time);
        }
    }

    @Test
    void twoFailuresAreFreeAndEveryOneAfterThemDoublesTheWaitUpToAQuarterOfAnHour() {
        Hand clock = new Hand();
        Tries tries = new Tries(clock);
        tries.begin("tern");
        tries.begin("tern");
        long[] waits = {2, 4, 8, 16, 32, 64, 128, 256, 512, 900, 900};
        for (long wait : waits) {
            tries.begin("tern");
            clock.wait(Duration.ofSeconds(wait).minusMillis(1));
            assertThatThrownBy(() -> tries.begin("tern"))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("Try again in");
            clock.wait(Duration.ofMillis(1));
        }
        // Another waits for none of it, and a right one ends it all.
        assertThat(tries.begin("plover").times()).isEqualTo(1);
        tries.begin("tern").succeeded();
        assertThat(tries.begin("tern").times()).isEqualTo(1);
    }

    @Property
    void howeverTheyAreSpreadNoMoreAreLookedAtThanTheWaitsLeaveRoomFor(
            @ForAll @Size(min = 1, max = 120) List<@IntRange(max = 20) Integer> pauses) {
        Hand clock = new Hand();
        Tries tries = new Tries(clock);
        Instant begun = clock.now;
        int lookedAt = 0;
        for (int pause : pauses) {
            clock.wait(Duration.ofSeconds(pause));
            try {
                tries.begin("tern");
                lookedAt++;
            } catch (Refusal refused) {
                assertThat(refused.getMessage()).contains("Too many failed tries");
            }
        }
        // After the two free ones and the third, each takes twice the time of the one before: 2, 4, 8, ... seconds.
        long seconds = Duration.between(begun, clock.now).toSeconds();
        int room = 3;
        for (long spent = 0, wait = 2; spent + wait <= seconds; wait = Math.min(900, 2 * wait)) {
            spent += wait;
            room++;
        }
        assertThat(lookedAt).isLessThanOrEqualTo(room);
    }

    @Test
    void manyAtOnceAreCountedBeforeAnyIsLookedAt() throws Exception {
        Tries tries = new Tries(new Hand());
        ExecutorService pool = Executors.newFixedThreadPool(16);
        try {
            CountDownLatch start = new CountDownLatch(1);
            List<Future<Boolean>> all = IntStream.range(0, 60)
                    .mapToObj(n -> pool.submit(() -> {
                        start.await();
                        try {
                            tries.begin("tern");
                            return true;
                        } catch (Refusal e) {
                            return false;
                        }
                    }))
                    .toList();
            start.countDown();
            int lookedAt = 0;
            for (Future<Boolean> one : all) {
                lookedAt += one.get() ? 1 : 0;
            }
            assertThat(lookedAt).isEqualTo(3);
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void oneThatWasNeitherRightNorWrongIsNotCounted() {
        Tries tries = new Tries(new Hand());
        for (int n = 0; n < 20; n++) {
            tries.begin("tern").withdrawn();
        }
        assertThat(tries.begin("tern").times()).isEqualTo(1);
        tries.begin("tern").withdrawn();
        assertThat(tries.begin("tern").times()).isEqualTo(2);
    }

    /** Secret and codes of RFC 6238, appendix B (SHA-1), the last six of its eight digits. */
    private static final String RFC_SECRET =
            new Base32().encodeToString("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void codesAreThoseOfTheStandard(long seconds, String code) {
        assertThat(TimeCode.code(RFC_SECRET, Instant.ofEpochSecond(seconds))).isEqualTo(code);
    }

    @Property
    void aCodeCountsOnceAndForNoClockThatIsMoreThanAStepAway(
            @ForAll @IntRange(min = 1_000_000) int step, @ForAll @IntRange(min = -4, max = 4) int away) {
        Instant now = Instant.ofEpochSecond(30L * step + 11);
        String code = TimeCode.code(RFC_SECRET, Instant.ofEpochSecond(30L * ((long) step + away)));
        var found = TimeCode.step(RFC_SECRET, code, now, 0);
        if (Math.abs(away) <= 1) {
            long used = found.orElseThrow();
            assertThat(TimeCode.code(RFC_SECRET, Instant.ofEpochSecond(30 * used)))
                    .isEqualTo(code);
            assertThat(TimeCode.step(RFC_SECRET, code, now, used)).isEmpty();
        } else if (found.isPresent()) {
            // Two steps can have the same six digits by chance.
            assertThat(TimeCode.code(RFC_SECRET, Instant.ofEpochSecond(30 * found.getAsLong())))
                    .isEqualTo(code);
        }
    }

    /** Takes as long as it is let, and counts how many are worked out at once. */
    private static final class Slow implements PasswordEncoder {
        private final CountDownLatch go = new CountDownLatch(1);
        private final AtomicInteger atOnce = new AtomicInteger();
        private final AtomicInteger most = new AtomicInteger();

        @Override
        public String encode(CharSequence secret) {
            return "hash of " + secret;
        }

        @Override
        public boolean matches(CharSequence secret, String hash) {
            most.accumulateAndGet(atOnce.incrementAndGet(), Math::max);
            try {
                if (secret.toString().startsWith("slow") && !go.await(20, TimeUnit.SECONDS)) {
                    throw new IllegalStateException("never let go");
                }
                return hash.equals("hash of " + secret);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            } finally {
                atOnce.decrementAndGet();
            }
        }
    }

    @Test
    @Timeout(60)
    void aCrowdOfStrangersIsSentAwayAtOnceAndKeepsNobodyWhoIsKnown() throws Exception {
        Slow encoder = new Slow();
        Hashing hashing = new Hashing(encoder);
        ExecutorService pool = Executors.newCachedThreadPool();
        try {
            List<Future<String>> strangers = new ArrayList<>();
            for (int n = 0; n < 30; n++) {
                strangers.add(pool.submit(() -> {
                    try {
                        return String.valueOf(hashing.matches("slow guess", "hash of something", false));
                    } catch (Refusal busy) {
                        return busy.getMessage();
                    }
                }));
            }
            // All but those in the line are sent away while nothing goes on.
            int away = 0;
            while (away < 22) {
                away = (int) strangers.stream().filter(Future::isDone).count();
                Thread.onSpinWait();
            }
            assertThat(hashing.matches("right", "hash of right", true)).isTrue();
            assertThat(hashing.matches("wrong", "hash of right", true)).isFalse();
            assertThatThrownBy(() -> hashing.refuseACrowd(false)).hasMessageContaining("busy");
            hashing.refuseACrowd(true);
            encoder.go.countDown();
            int lookedAt = 0;
            for (Future<String> one : strangers) {
                String answer = one.get(30, TimeUnit.SECONDS);
                assertThat(answer).matches("false|.*busy.*");
                lookedAt += answer.equals("false") ? 1 : 0;
            }
            assertThat(lookedAt).isBetween(1, 8);
            // A stranger and somebody known, never two of either.
            assertThat(encoder.most.get()).isLessThanOrEqualTo(2);
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void aNameNobodyHasIsWorkedOutLikeAnyOther() {
        Hashing hashing = new Hashing(new Slow());
        assertThat(hashing.matches("somebody who is not there", null, false)).isFalse();
        assertThat(hashing.matches(null, "hash of x", false)).isFalse();
        assertThat(hashing.matches("x", hashing.hash("x"), false)).isTrue();
    }
}
