package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import lexicor.server.Caller.Answer;
import tools.jackson.databind.JsonNode;

/** Somebody more at a running program. */
final class Accounts {
    private Accounts() {}

    /** Makes an account, and signs its person in at a browser of their own. */
    static Caller in(Running lexicor, String name, String role) {
        Answer made = lexicor.post(
                "/api/people",
                "{\"name\":\"%s\",\"role\":\"%s\",\"password\":\"%s\"}".formatted(name, role, Running.PASSWORD));
        assertThat(made.status()).as(String.valueOf(made.body())).isEqualTo(201);
        Caller caller = lexicor.anotherCaller();
        assertThat(caller.signIn(name, Running.PASSWORD).status()).isEqualTo(200);
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
