package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import lexicor.server.Caller.Answer;
import tools.jackson.databind.JsonNode;

/** Somebody more at a running program. */
final class Accounts {
    /** Told to try again in a moment, because of a pace or because there is too much to do. */
    private static final List<Integer> LATER = List.of(429, 503);

    private static final int MOST_AGAIN = 10;

    private Accounts() {}

    /** Makes an account, and signs its person in at a browser of their own. */
    static Caller in(Running lexicor, String name, String role) {
        Answer made = lexicor.post(
                "/api/people",
                "{\"name\":\"%s\",\"role\":\"%s\",\"password\":\"%s\"}".formatted(name, role, Running.PASSWORD));
        assertThat(made.status()).as(String.valueOf(made.body())).isEqualTo(201);
        Caller caller = lexicor.anotherCaller();
        Answer signedIn = caller.signIn(name, Running.PASSWORD);
        // Several who come in at once are told to try again in a second, and do.
        for (int again = 0; LATER.contains(signedIn.status()) && again < MOST_AGAIN; again++) {
            LockSupport.parkNanos(TimeUnit.SECONDS.toNanos(1));
            signedIn = caller.signIn(name, Running.PASSWORD);
        }
        assertThat(signedIn.status()).isEqualTo(200);
        return caller;
    }

    /** A case of the person's own; its code. */
    static String newCase(Caller caller, String code) {
        Answer made = caller.post(
                "/api/cases",
                "{\"code\":\"%s\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\",\"sure\":true}"
                        .formatted(code));
        assertThat(made.status()).as(String.valueOf(made.body())).isEqualTo(201);
        return made.body().get("code").asString();
    }

    /** Saves changed settings as the lead. */
    static Answer settings(Running lexicor, String field, Object value) {
        var settings = lexicor.get("/api/settings").body().deepCopy().asObject();
        settings.putPOJO(field, value);
        settings.put("why", "Agreed at the meeting");
        return lexicor.put("/api/settings", settings.toString());
    }

    static JsonNode account(Running lexicor, String name) {
        for (JsonNode p : lexicor.get("/api/people").body()) {
            if (p.get("name").asString().equals(name)) {
                return p;
            }
        }
        throw new AssertionError("no account " + name);
    }
}
