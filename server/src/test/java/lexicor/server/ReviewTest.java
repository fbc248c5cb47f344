package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a lead looks through once a year. */
class ReviewTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static JsonNode review(String since) {
        return LEXICOR.get("/api/outcomes/review" + since).body();
    }

    private static void tapped(String test, String changes) {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body()
                .get("code")
                .asString();
        String tap = "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"left\",\"changes\":%s}"
                .formatted(UUID.randomUUID(), test, changes);
        assertThat(LEXICOR.post("/api/cases/" + code + "/taps", tap).status()).isEqualTo(200);
    }

    private static JsonNode pair(JsonNode review) {
        return review.get("unchecked")
                .valueStream()
                .filter(u -> u.get("criterion").asString().equals("neer/pain")
                        && u.get("condition").asString().equals("subacromial-pain"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itSaysWhatIsUncheckedWhatCameInWhatNobodyDidAndWhatToldNothing() throws InterruptedException {
        for (int i = 0; i < 11; i++) {
            tapped("adson", "{\"visible\":true}");
        }
        tapped("neer", "{\"pain.familiar\":true}");
        String table =
                "criterion;condition;kind;sensitivity;specificity;diseased;healthy;source;year;reference_standard;"
                        + "population;bias;confidence;note\n"
                        + "neer/pain;slap-tear;study;0,8;0,5;20;20;Harbour audit;2003;;;low;high;\n";
        JsonNode preview = LEXICOR.caller()
                .upload("/api/evidence/import", table.getBytes(UTF_8))
                .body();
        String at = "/api/evidence/import/" + preview.get("id").asString();
        LEXICOR.post(at, "{\"why\":\"from the other clinic\"}");
        while (LEXICOR.get(at).body().get("state").asString().equals("applying")) {
            Thread.sleep(20);
        }

        JsonNode review = review("");
        assertThat(review.get("cases").asInt()).isEqualTo(12);
        assertThat(review.get("checkedRows").asInt()).isZero();
        assertThat(pair(review).get("used").asInt()).isEqualTo(1);
        assertThat(review.get("gained")).hasSize(1);
        assertThat(review.at("/gained/0/source").asString()).isEqualTo("Harbour audit");
        assertThat(review.at("/gained/0/whence").asString()).startsWith("brought in by heron on ");
        assertThat(review.get("neverDone").valueStream().map(t -> t.get("id").asString()))
                .contains("phalen")
                .doesNotContain("neer", "adson");
        assertThat(review.get("silent").toString()).contains("\"id\":\"adson\"", "\"cases\":11", "\"silent\":11");

        JsonNode first = LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain")
                .body()
                .get("studies");
        int rows = pair(review).get("unchecked").asInt();
        LEXICOR.put(
                "/api/evidence/checks/" + first.get(0).get("fingerprint").asString(),
                "{\"state\":\"checked\",\"note\":\"\"}");
        assertThat(pair(review("")).get("unchecked").asInt()).isEqualTo(rows - 1);
        assertThat(review("").get("checkedRows").asInt()).isEqualTo(1);
        JsonNode ahead = review("?from=2999-01-01");
        assertThat(ahead.get("gained")).isEmpty();
        assertThat(ahead.get("silent")).isEmpty();
        assertThat(ahead.get("neverDone").size())
                .isGreaterThan(review.get("neverDone").size());
    }
}
