package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/** What a session lives through, what ends it, and what belongs to it. */
@Tag("slow")
class SessionsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @SuppressWarnings("unchecked")
    private static void idleFor(Caller caller, long minutes) {
        SessionRepository<Session> sessions = LEXICOR.part(SessionRepository.class);
        String id = new String(Base64.getDecoder().decode(caller.cookie("LEXICOR")));
        Session session = sessions.findById(id);
        session.setAttribute("lexicor.alive", System.currentTimeMillis() - minutes * 60_000);
        sessions.save(session);
    }

    @Test
    void theServersClockLocksAnIdleScreenAndASignOfLifePutsItOff() {
        Caller person = Accounts.in(LEXICOR, "idler", "clinician");
        idleFor(person, 9);
        assertThat(person.get("/api/cases").status()).isEqualTo(200);
        assertThat(person.post("/api/session/alive", "").status()).isEqualTo(200);
        idleFor(person, 9);
        assertThat(person.get("/api/cases").status()).isEqualTo(200);
        // Looking is no sign of life: an open page looks by itself.
        idleFor(person, 11);
        assertThat(person.get("/api/cases").status()).isEqualTo(423);
        assertThat(person.post("/api/session/alive", "").status()).isEqualTo(423);
        assertThat(person.get("/api/session").body().get("state").asString()).isEqualTo("locked");
        assertThat(person.get("/api/session").body().has("tapKey")).isFalse();
    }

    @Test
    void sessionsOutliveARestartUntilTheyAreSignedOutEverywhere() {
        Caller person = Accounts.in(LEXICOR, "stayer", "clinician");
        Caller elsewhere = LEXICOR.anotherCaller();
        elsewhere.signIn("stayer", Running.PASSWORD);
        String key = person.get("/api/session").body().get("tapKey").asString();
        LEXICOR.restart();
        assertThat(person.get("/api/session").body().get("tapKey").asString()).isEqualTo(key);
        assertThat(person.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                        .status())
                .isEqualTo(201);
        assertThat(elsewhere.post("/api/session/everywhere", "").status()).isEqualTo(204);
        LEXICOR.restart();
        assertThat(person.get("/api/cases").status()).isEqualTo(401);
        assertThat(LEXICOR.count("select count(*) from spring_session where session_id = '"
                        + new String(Base64.getDecoder().decode(person.cookie("LEXICOR"))) + "'"))
                .isZero();
    }

    @Test
    void thePagesTokenBelongsToTheSessionAndIsRenewedAtSignIn() throws Exception {
        Caller person = Accounts.in(LEXICOR, "tokened", "clinician");
        String first = person.cookie("XSRF-TOKEN");
        person.delete("/api/session");
        person.signIn("tokened", Running.PASSWORD);
        assertThat(person.cookie("XSRF-TOKEN")).isNotEqualTo(first);
        // Whoever can plant a cookie knows both halves of a token of their own; it is not the session's.
        String planted = "A".repeat(32);
        for (String token : List.of(planted, first)) {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/cases")))
                                    .header("content-type", "application/json")
                                    .header("cookie", person.cookieHeader() + "; XSRF-TOKEN=" + token)
                                    .header("x-xsrf-token", token)
                                    .POST(HttpRequest.BodyPublishers.ofString(
                                            "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(403);
        }
    }

    @Test
    void anOpenStreamEndsWithItsSession() throws Exception {
        Caller person = Accounts.in(LEXICOR, "watcher", "clinician");
        HttpResponse<InputStream> stream = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/devices/events")))
                                .header("cookie", person.cookieHeader())
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.statusCode()).isEqualTo(200);
        CompletableFuture<Integer> ended = CompletableFuture.supplyAsync(() -> {
            try (InputStream in = stream.body()) {
                return in.readAllBytes().length;
            } catch (java.io.IOException e) {
                return -1;
            }
        });
        assertThat(ended).isNotDone();
        assertThat(person.post("/api/session/lock", "").status()).isEqualTo(200);
        assertThat(ended.get(60, TimeUnit.SECONDS)).isNotNull();
    }

    @Test
    void behindTheProxyThatWasNamedCookiesBelongToTheHostAndNoOtherIsBelieved() throws Exception {
        assertThat(cookies(LEXICOR)).isNotEmpty().noneMatch(c -> c.contains("__Host-") || c.contains("Secure"));
        Running behind = Running.empty().with("proxy", "127.0.0.1");
        behind.beforeAll(null);
        try {
            assertThat(cookies(behind))
                    .anyMatch(c -> c.startsWith("__Host-LEXICOR="))
                    .anyMatch(c -> c.startsWith("__Host-XSRF-TOKEN="))
                    .anyMatch(c -> c.startsWith("__Host-LEXICOR-DEVICE="))
                    .allMatch(c -> c.contains("Secure") && c.contains("SameSite=Strict") && c.contains("Path=/"));
        } finally {
            behind.afterAll(null);
        }
    }

    /** What is set by signing in over what a proxy says is TLS. */
    private static List<String> cookies(Running lexicor) throws Exception {
        String token = "B".repeat(32);
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(lexicor.url("/api/session")))
                                .header("content-type", "application/json")
                                .header("x-forwarded-proto", "https")
                                .header("x-forwarded-for", "203.0.113.9")
                                .header("cookie", "XSRF-TOKEN=" + token + "; __Host-XSRF-TOKEN=" + token)
                                .header("x-xsrf-token", token)
                                .POST(HttpRequest.BodyPublishers.ofString(
                                        "{\"name\":\"heron\",\"password\":\"" + Running.PASSWORD + "\"}"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .headers()
                .allValues("set-cookie");
    }
}
