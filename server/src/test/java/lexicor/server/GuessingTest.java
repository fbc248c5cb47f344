package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Whoever guesses is slowed down however many guesses come at once, and nobody else is. */
@Tag("slow")
class GuessingTest {
    private static final String WRONG = "four wet ropes on the slipway";

    @RegisterExtension
    static final Running LEXICOR = Running.empty().with("hash-memory-kb", "4096");

    private static List<Integer> atOnce(int times, IntFunction<Answer> what) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(times);
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            IntStream.range(0, times)
                    .forEach(n -> answers.add(pool.submit(() -> what.apply(n).status())));
            List<Integer> all = new ArrayList<>();
            for (Future<Integer> answer : answers) {
                all.add(answer.get());
            }
            return all;
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void manyPasswordsAtOnceAreNotAllTried() throws Exception {
        Accounts.in(LEXICOR, "guessed", "clinician");
        List<Caller> guessers =
                IntStream.range(0, 60).mapToObj(n -> LEXICOR.anotherCaller()).toList();
        List<Integer> answers = atOnce(60, n -> guessers.get(n).signIn("guessed", WRONG));
        assertThat(answers).allMatch(a -> a == 401 || a == 429 || a == 503);
        assertThat(answers.stream().filter(a -> a == 401).count()).as("tried").isBetween(1L, 3L);
    }

    @Test
    void aStrangerDoesNotLockSomebodyOutOfTheirOwnDevice() {
        Caller own = Accounts.in(LEXICOR, "known", "clinician");
        own.delete("/api/session");
        Caller stranger = LEXICOR.anotherCaller();
        for (int i = 0; i < 3; i++) {
            assertThat(stranger.signIn("known", WRONG).status()).isEqualTo(401);
        }
        assertThat(stranger.signIn("known", Running.PASSWORD).status()).isEqualTo(429);
        assertThat(own.signIn("known", WRONG).status()).isEqualTo(401);
        assertThat(own.signIn("known", Running.PASSWORD).status()).isEqualTo(200);
        // The device is known for its own person alone.
        assertThat(own.signIn("guessed-too", WRONG).status()).isEqualTo(401);
    }

    @Test
    void fiveWrongPinsEndTheSessionAlsoWhenTheyComeAtOnce() throws Exception {
        Caller person = Accounts.in(LEXICOR, "pinned", "clinician");
        person.put("/api/session/pin", "{\"password\":\"%s\",\"pin\":\"2468\"}".formatted(Running.PASSWORD));
        person.post("/api/session/lock", "{}");
        List<Integer> answers = atOnce(40, n -> person.post("/api/session/unlock", "{\"pin\":\"1357\"}"));
        assertThat(answers).allMatch(a -> a == 422 || a == 401 || a == 403 || a == 503);
        assertThat(answers.stream().filter(a -> a == 422).count()).as("tried").isLessThanOrEqualTo(4);
        assertThat(person.post("/api/session/unlock", "{\"pin\":\"2468\"}").status())
                .isEqualTo(401);
        assertThat(person.get("/api/cases").status()).isEqualTo(401);
    }

    @Test
    void confirmingThePasswordIsGuardedLikeSigningIn() {
        Caller person = Accounts.in(LEXICOR, "confirming", "clinician");
        String wrong = "{\"password\":\"%s\",\"pin\":\"2468\"}".formatted(WRONG);
        for (int i = 0; i < 3; i++) {
            assertThat(person.put("/api/session/pin", wrong).status()).isEqualTo(422);
        }
        assertThat(person.put("/api/session/pin", wrong.replace(WRONG, Running.PASSWORD))
                        .status())
                .isEqualTo(429);
    }

    @Test
    void failedTriesAreInTheHistoryForLeadsAndAuditorsAndAMistypedNameIsNot() {
        Caller clinician = Accounts.in(LEXICOR, "reader", "clinician");
        Caller auditor = Accounts.in(LEXICOR, "overseer", "auditor");
        Caller stranger = LEXICOR.anotherCaller();
        stranger.signIn("reader", WRONG);
        stranger.signIn("a-password-in-the-wrong-field", WRONG);
        assertThat(stranger.signIn("x".repeat(5000), WRONG).status()).isEqualTo(401);
        for (Caller overseer : List.of(LEXICOR.caller(), auditor)) {
            assertThat(overseer.get("/api/history").body().toString())
                    .contains("Failed tries to sign in", "\"who\":\"reader\"", "a name that nobody has", "127.0.0.1")
                    .doesNotContain("wrong-field", "xxxxx");
        }
        assertThat(clinician.get("/api/history").body().toString())
                .doesNotContain("Failed tries", "Account of overseer");
        assertThat(LEXICOR.get("/api/history").body().toString()).contains("Account of overseer");
    }

    /** A crowd of strangers neither stops those at work nor is told of a full disk. */
    @Test
    void recordingGoesOnWhileStrangersTryToSignIn() throws Exception {
        Caller person = Accounts.in(LEXICOR, "worker", "clinician");
        Accounts.newCase(person, "WK-1");
        List<Caller> strangers =
                IntStream.range(0, 100).mapToObj(n -> LEXICOR.anotherCaller()).toList();
        List<Integer> answers = atOnce(
                120,
                n -> n < 100
                        ? strangers.get(n).signIn("stranger-" + n, WRONG)
                        : person.post(
                                "/api/cases/WK-1/taps",
                                "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":%d}}"
                                        .formatted(java.util.UUID.randomUUID(), n % 40)));
        assertThat(answers.subList(0, 100)).allMatch(a -> a == 401 || a == 503);
        assertThat(answers.subList(100, 120)).containsOnly(200);
    }
}
