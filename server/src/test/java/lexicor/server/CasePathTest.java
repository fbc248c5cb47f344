package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A case over HTTP, from opening it to a restart, and everything that can be wrong on the way. */
class CasePathTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void aCaseFromOpeningToRestart() {
        JsonNode opened = open("shoulder-slipping", "left");
        String code = opened.get("code").asString();
        assertThat(opened.get("intake").get("candidates")).hasSize(8);

        ObjectNode change = new JsonMapper().createObjectNode();
        change.put("version", opened.get("version").asLong());
        ObjectNode intake = opened.get("intake").deepCopy().asObject();
        intake.put("setting", "sports").put("ageBand", "18-29");
        intake.get("candidates").get(0).asObject().put("suspicion", "more-likely");
        change.set("intake", intake);
        Answer saved = LEXICOR.put("/api/cases/" + code + "/intake", change.toString());
        assertThat(saved.status()).isEqualTo(200);
        JsonNode before = leading(saved.body().get("examination"));
        // 55 % for this complaint in a sports clinic, odds times 2.5 at that age, and doubled.
        double begins = 0.55 * 5 / (0.55 * 5 + 0.45);
        assertThat(before.get("pretest").asDouble()).isCloseTo(begins, within(1e-9));
        assertThat(before.get("posttest").asDouble()).isCloseTo(begins, within(1e-9));

        tap(code, "apprehension", "right", "{\"apprehension\":false,\"pain.present\":false}");
        JsonNode after = tap(code, "apprehension", "left", "{\"apprehension\":true}");
        assertThat(outcome(after, "apprehension/apprehension", "left")).isEqualTo("positive");
        assertThat(outcome(after, "apprehension/apprehension", "right")).isEqualTo("negative");
        assertThat(leading(after).get("posttest").asDouble()).isGreaterThan(0.8);

        JsonNode ledger = LEXICOR.get("/api/cases/" + code + "/weighed")
                .body()
                .get("ledgers")
                .get("anterior-instability");
        assertThat(ledger.findValuesAsString("status")).contains("counted", "unclear");
        assertThat(ledger.toString()).contains("Farber et al.", "not yet checked");

        String last = after.at("/lastTaps/0/tapId").asString();
        JsonNode undone = LEXICOR.post("/api/cases/" + code + "/undo", "{\"tapId\":\"%s\"}".formatted(last))
                .body();
        assertThat(leading(undone).get("posttest").asDouble()).isCloseTo(begins, within(1e-9));
        tap(code, "apprehension", "left", "{\"apprehension\":true}");

        JsonNode stored = LEXICOR.get("/api/cases/" + code).body();
        LEXICOR.restart();
        assertThat(LEXICOR.get("/api/cases/" + code).body()).isEqualTo(stored);
        assertThat(LEXICOR.get("/api/cases?search=" + code.toLowerCase()).body())
                .hasSize(1);
    }

    @Test
    void aTapSentTwiceIsRecordedOnceAndTwoTabsMerge() {
        String code = open("shoulder-pain", "right").get("code").asString();
        String repeated = newTap(UUID.randomUUID(), "neer", "right", "{\"pain.present\":true,\"pain.familiar\":true}");
        LEXICOR.post("/api/cases/" + code + "/taps", repeated);
        tap(code, "neer", "right", "{\"pain.familiar\":false}");
        JsonNode merged = LEXICOR.post("/api/cases/" + code + "/taps", repeated).body();
        assertThat(merged.get("readings")).hasSize(1);
        assertThat(merged.get("readings").get(0).get("values").toString())
                .contains("\"pain.present\":true", "\"pain.familiar\":false");

        // A device that never heard the answer sends again what was recorded, even if the case was closed meanwhile.
        JsonNode version = LEXICOR.get("/api/cases/" + code).body().get("version");
        assertThat(LEXICOR.put("/api/cases/" + code + "/closure", "{\"version\":%s,\"closed\":true}".formatted(version))
                        .status())
                .isEqualTo(200);
        Answer known = LEXICOR.post("/api/cases/" + code + "/taps", repeated);
        assertThat(known.status()).isEqualTo(200);
        assertThat(known.body().get("readings")).isEqualTo(merged.get("readings"));
        String another = newTap(UUID.randomUUID(), "neer", "right", "{\"pain.present\":false}");
        assertThat(LEXICOR.post("/api/cases/" + code + "/taps", another).status())
                .isEqualTo(409);
        String last = "{\"tapId\":%s}".formatted(merged.at("/lastTaps/0/tapId"));
        assertThat(LEXICOR.post("/api/cases/" + code + "/undo", last).status()).isEqualTo(409);
    }

    @Test
    void anIntakeMadeFromAnOlderVersionIsRefusedAndNothingIsLost() {
        JsonNode opened = open("shoulder-pain", "right");
        String path = "/api/cases/" + opened.get("code").asString() + "/intake";
        String body = "{\"version\":%d,\"intake\":%s}";
        ObjectNode mine = opened.get("intake").deepCopy().asObject().put("mechanism", "fell off the quay");
        ObjectNode theirs = opened.get("intake").deepCopy().asObject().put("mechanism", "lifted a mast");
        long version = opened.get("version").asLong();
        assertThat(LEXICOR.put(path, body.formatted(version, mine)).status()).isEqualTo(200);
        Answer refused = LEXICOR.put(path, body.formatted(version, theirs));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("changed elsewhere");
        assertThat(LEXICOR.get("/api/cases/" + opened.get("code").asString())
                        .body()
                        .toString())
                .contains("fell off the quay");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            POST | /api/cases            | {"complaint":                                            | 400 | not valid JSON
            POST | /api/cases            | {"complaint":"shoulder-pain","involvedSide":"both"}      | 422 | involvedSide
            POST | /api/cases            | {"complaint":"knee","involvedSide":"left"}               | 422 | complaint
            POST | /api/cases            | {"complaint":"shoulder-pain","involvedSide":"left","code":"Jane Doe"} | 422 | code
            POST | /api/cases            | {"complaint":"shoulder-pain","involvedSide":"left","name":"x"} | 400 | name
            GET  | /api/cases/HB-999     | -                                                        | 404 | HB-999
            GET  | /api/cases?page=-1    | -                                                        | 422 | page
            POST | /api/cases/CODE/taps  | TAP neer right {"pain.present":"yes"}                    | 422 | changes.pain.present
            POST | /api/cases/CODE/taps  | TAP sulcus right {"gapMm":-3}                            | 422 | changes.gapMm
            POST | /api/cases/CODE/taps  | TAP kneer right {"pain.present":true}                    | 422 | there is no test kneer
            POST | /api/cases/CODE/taps  | TAP neer upper {"pain.present":true}                     | 422 | side
            POST | /api/cases/CODE/taps  | TAP neer right {}                                        | 422 | changes
            POST | /api/cases/CODE/taps  | {"tapId":"7","test":"neer","at":"","side":"left","changes":{}} | 400 | tapId
            POST | /api/cases/HB-999/taps | TAP neer right {"pain.present":true}                    | 404 | HB-999
            PUT  | /api/cases/CODE/intake | BASE 0                                                  | 422 | baseRate
            PUT  | /api/cases/CODE/intake | BASE 1                                                  | 422 | baseRate
            """)
    void badInputNamesTheFieldAndLosesNothing(String method, String path, String body, int status, String named) {
        JsonNode opened = open("shoulder-pain", "right");
        String code = opened.get("code").asString();
        tap(code, "neer", "right", "{\"pain.present\":true,\"pain.familiar\":true}");
        JsonNode before = LEXICOR.get("/api/cases/" + code).body();

        String address = path.replace("CODE", code);
        Answer answer = method.equals("GET")
                ? LEXICOR.get(address)
                : method.equals("PUT")
                        ? LEXICOR.put(address, withBaseRate(before, body.substring("BASE ".length())))
                        : LEXICOR.post(address, spelledOut(body));
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.body().get("status").asInt()).isEqualTo(status);
        assertThat(answer.body().get("detail").asString()).contains(named);
        assertThat(answer.body().toString()).doesNotContain("Exception");
        assertThat(LEXICOR.get("/api/cases/" + code).body()).isEqualTo(before);
    }

    /** The web's types are made from the description that is stored with it; it has to be the running one. */
    @Test
    void theStoredDescriptionIsTheRunningOne() throws IOException {
        JsonNode stored =
                new JsonMapper().readTree(Files.readString(Running.root().resolve("web/openapi.json")));
        assertThat(LEXICOR.get("/v3/api-docs").body()).isEqualTo(stored);
    }

    private static String spelledOut(String body) {
        if (!body.startsWith("TAP ")) {
            return body;
        }
        String[] parts = body.split(" ", 4);
        return newTap(UUID.randomUUID(), parts[1], parts[2], parts[3]);
    }

    private static String withBaseRate(JsonNode view, String rate) {
        ObjectNode intake = view.get("intake").deepCopy().asObject();
        intake.get("candidates").get(0).asObject().put("baseRate", Double.parseDouble(rate));
        return "{\"version\":" + view.get("version") + ",\"intake\":" + intake + "}";
    }

    private static JsonNode open(String complaint, String side) {
        Answer answer =
                LEXICOR.post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"%s\"}".formatted(complaint, side));
        assertThat(answer.status()).isEqualTo(201);
        return answer.body();
    }

    private static JsonNode tap(String code, String test, String side, String changes) {
        Answer answer = LEXICOR.post("/api/cases/" + code + "/taps", newTap(UUID.randomUUID(), test, side, changes));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private static String newTap(UUID id, String test, String side, String changes) {
        return "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"%s\",\"changes\":%s}"
                .formatted(id, test, side, changes);
    }

    private static JsonNode leading(JsonNode examination) {
        return examination.get("standing").get("conditions").get(0);
    }

    private static String outcome(JsonNode examination, String criterion, String side) {
        for (JsonNode f : examination.get("findings")) {
            if (f.get("criterion").asString().equals(criterion)
                    && f.get("side").asString().equals(side)) {
                return f.get("outcome").asString();
            }
        }
        return "absent";
    }
}
