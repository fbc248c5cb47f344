package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import tools.jackson.databind.JsonNode;

/** What somebody does with a case until it is known how it came out, over HTTP. */
final class Examined {
    private Examined() {}

    static JsonNode done(Answer answer) {
        assertThat(answer.status()).as(String.valueOf(answer.body())).isBetween(200, 299);
        return answer.body();
    }

    static void tap(Caller caller, String code, String test, String changes) {
        done(caller.post(
                "/api/cases/" + code + "/taps",
                """
                {"tapId":"%s","test":"%s","at":"","side":"right","changes":%s}
                """
                        .formatted(UUID.randomUUID(), test, changes)));
    }

    /** Neer's sign, found or not. */
    static void neer(Caller caller, String code, boolean positive) {
        tap(
                caller,
                code,
                "neer",
                positive
                        ? "{\"pain.present\":true,\"pain.familiar\":true}"
                        : "{\"pain.present\":false,\"pain.familiar\":false}");
    }

    static void close(Caller caller, String code) {
        long version = caller.get("/api/cases/" + code).body().get("version").asLong();
        done(caller.put("/api/cases/" + code + "/closure", "{\"version\":%d,\"closed\":true}".formatted(version)));
    }

    static Answer note(Caller caller, String code, String reference, LocalDate on, String answers) {
        return caller.post(
                "/api/cases/" + code + "/outcome/notes",
                "{\"key\":\"%s\",\"reference\":\"%s\",\"on\":\"%s\",\"answers\":%s}"
                        .formatted(UUID.randomUUID(), reference, on, answers));
    }

    /** One condition of those that an outcome shows. */
    static JsonNode condition(JsonNode outcome, String id) {
        for (JsonNode c : outcome.get("conditions")) {
            if (c.get("id").asString().equals(id)) {
                return c;
            }
        }
        throw new AssertionError("no " + id + " in " + outcome);
    }
}
