package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Signing in, the lock, and what becomes of sessions when an account changes. */
@Tag("slow")
class PeopleTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String OTHER = "four wet ropes on the slipway";

    private static Answer create(String name, String password) {
        return LEXICOR.post(
                "/api/people",
                "{\"name\":\"%s\",\"role\":\"clinician\",\"password\":\"%s\"}".formatted(name, password));
    }

    private static Caller in(String name) {
        return Accounts.in(LEXICOR, name, "clinician");
    }

    @ParameterizedTest
    @CsvSource({
        "fourteen-chars, 15 to 200 characters",
        "aaaaaaaaaaaaaaaaaaaaaa, too easy",
        "passwordpassword1, too easy",
        "lexicorlexicorlexicor, too easy",
        "sandpiper2sandpiper2, too easy",
        "123456789012345678, too easy"
    })
    void aPasswordIsLongAndHardToGuessAndNothingElse(String password, String named) {
        Answer refused = create("sandpiper2", password);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .startsWith("password: ")
                .contains(named);
        assertThat(refused.body().toString()).doesNotContain(password);
    }

    @Test
    void theFirstLeadIsMadeOnceWithTheWordOfTheProgram() {
        Answer again = LEXICOR.anotherCaller()
                .post(
                        "/api/session/first-lead",
                        "{\"token\":\"x\",\"name\":\"second\",\"password\":\"%s\"}".formatted(OTHER));
        assertThat(again.status()).isEqualTo(409);
        assertThat(LEXICOR.anotherCaller()
                        .get("/api/session")
                        .body()
                        .get("state")
                        .asString())
                .isEqualTo("signed-out");
        assertThat(LEXICOR.anotherCaller().signInToDemo("heron").status()).isEqualTo(422);
    }

    @Test
    void whoGuessesWaitsLongerAfterEveryFailure() {
        in("guessed");
        Caller guesser = LEXICOR.anotherCaller();
        for (int i = 0; i < 3; i++) {
            Answer wrong = guesser.signIn("guessed", OTHER);
            assertThat(wrong.status()).isEqualTo(401);
            assertThat(wrong.body().get("detail").asString()).isEqualTo("Name or password is not right.");
        }
        Answer soon = guesser.signIn("guessed", Running.PASSWORD);
        assertThat(soon.status()).isEqualTo(429);
        assertThat(soon.body().get("detail").asString()).contains("Try again in");
        for (int i = 0; i < 3; i++) {
            guesser.signIn("nobody-there", OTHER);
        }
        assertThat(guesser.signIn("nobody-there", OTHER).status()).isEqualTo(429);
    }

    @Test
    void aLockedScreenLetsNothingThroughAndOpensByThePin() {
        Caller person = in("locker");
        String wrongPassword = "{\"password\":\"%s\",\"pin\":\"2468\"}".formatted(OTHER);
        assertThat(person.put("/api/session/pin", wrongPassword).status()).isEqualTo(422);
        assertThat(person.put("/api/session/pin", "{\"password\":\"%s\",\"pin\":\"1111\"}".formatted(Running.PASSWORD))
                        .status())
                .isEqualTo(422);
        assertThat(person.put("/api/session/pin", "{\"password\":\"%s\",\"pin\":\"2468\"}".formatted(Running.PASSWORD))
                        .body()
                        .get("hasPin")
                        .asBoolean())
                .isTrue();
        assertThat(person.post("/api/session/lock", "{}").body().get("state").asString())
                .isEqualTo("locked");
        assertThat(person.get("/api/cases").status()).isEqualTo(423);
        assertThat(person.put(
                                "/api/session/password",
                                "{\"password\":\"%s\",\"newPassword\":\"%s\"}".formatted(Running.PASSWORD, OTHER))
                        .status())
                .isEqualTo(423);
        assertThat(person.post("/api/session/unlock", "{\"pin\":\"1357\"}").status())
                .isEqualTo(422);
        assertThat(person.post("/api/session/unlock", "{\"pin\":\"2468\"}")
                        .body()
                        .get("state")
                        .asString())
                .isEqualTo("signed-in");
        assertThat(person.get("/api/cases").status()).isEqualTo(200);

        person.post("/api/session/lock", "{}");
        for (int i = 0; i < 5; i++) {
            person.post("/api/session/unlock", "{\"pin\":\"1357\"}");
        }
        assertThat(person.get("/api/cases").status()).isEqualTo(401);
    }

    @Test
    void signingOutEverywhereAndANewPasswordEndTheOtherSessions() {
        Caller first = in("traveller");
        Caller second = LEXICOR.anotherCaller();
        second.signIn("traveller", Running.PASSWORD);
        assertThat(first.put(
                                "/api/session/password",
                                "{\"password\":\"%s\",\"newPassword\":\"%s\"}".formatted(Running.PASSWORD, OTHER))
                        .status())
                .isEqualTo(200);
        assertThat(first.get("/api/cases").status()).isEqualTo(200);
        assertThat(second.get("/api/cases").status()).isEqualTo(401);
        assertThat(second.signIn("traveller", Running.PASSWORD).status()).isEqualTo(401);
        second.signIn("traveller", OTHER);
        assertThat(second.post("/api/session/everywhere", "{}").status()).isEqualTo(204);
        assertThat(first.get("/api/cases").status()).isEqualTo(401);
    }

    @Test
    void aClosedAccountIsOutAtOnceAndTheOnlyLeadStays() {
        Caller person = in("leaver");
        JsonNode account = account("leaver");
        assertThat(LEXICOR.put("/api/people/" + account.get("id"), change(account, "clinician", false))
                        .status())
                .isEqualTo(200);
        assertThat(person.get("/api/cases").status()).isEqualTo(401);
        assertThat(person.signIn("leaver", Running.PASSWORD).status()).isEqualTo(401);
        JsonNode lead = account("heron");
        Answer refused = LEXICOR.put("/api/people/" + lead.get("id"), change(lead, "clinician", true));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("the only lead");
        assertThat(LEXICOR.get("/api/history").body().toString())
                .contains("Account of leaver", "closed", "\"who\":\"heron\"")
                .doesNotContain("argon2");
    }

    private static String change(JsonNode account, String role, boolean active) {
        return "{\"version\":%s,\"role\":\"%s\",\"active\":%s}".formatted(account.get("version"), role, active);
    }

    private static JsonNode account(String name) {
        return Accounts.account(LEXICOR, name);
    }
}
