package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import lexicor.server.Caller.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What somebody does with a simulated patient over HTTP. */
final class AtPractice {
    private static final JsonMapper JSON = new JsonMapper();

    private AtPractice() {}

    static JsonNode done(Answer answer) {
        assertThat(answer.status()).as(String.valueOf(answer.body())).isBetween(200, 299);
        return answer.body();
    }

    /** Where a patient is that was begun. */
    static String at(JsonNode begun) {
        return "/api/practice/patients/" + begun.get("id").asLong();
    }

    static Answer tried(Caller caller, String at, String deed) {
        return caller.post(at + "/deeds", "{\"key\":\"%s\",%s}".formatted(UUID.randomUUID(), deed));
    }

    static JsonNode deed(Caller caller, String at, String deed) {
        return done(tried(caller, at, deed));
    }

    static String did(String test, String side) {
        return "\"kind\":\"did\",\"test\":\"%s\",\"at\":\"\",\"side\":\"%s\"".formatted(test, side);
    }

    /** The same probability for every candidate. */
    static Answer hunch(Caller caller, String at, boolean atEnd, double all) {
        ObjectNode body =
                JSON.createObjectNode().put("key", UUID.randomUUID().toString()).put("atEnd", atEnd);
        ObjectNode each = body.putObject("probabilities");
        caller.get(at + "/encounter")
                .body()
                .get("candidates")
                .forEach(c -> each.put(c.get("id").asString(), all));
        return caller.put(at + "/hunches", body.toString());
    }

    static Answer end(Caller caller, String at, String plan) {
        return caller.post(at + "/end", "{\"key\":\"%s\",\"plan\":\"%s\"}".formatted(UUID.randomUUID(), plan));
    }
}
