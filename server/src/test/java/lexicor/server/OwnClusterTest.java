package lexicor.server;

import static lexicor.server.Examined.done;
import static lexicor.server.Examined.note;
import static lexicor.server.Examined.tap;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A published rule that was counted in the own cases weighs, where a lead says so, as one more study of it. */
class OwnClusterTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String RULE = "anterior-pair";
    private static final String CONDITION = "anterior-instability";
    private static final int OF_EACH = 5;

    private static void examined(String code, boolean positive, boolean present) {
        Caller lead = LEXICOR.caller();
        done(lead.post(
                "/api/cases",
                "{\"code\":\"%s\",\"complaint\":\"shoulder-slipping\",\"involvedSide\":\"right\",\"sure\":true}"
                        .formatted(code)));
        tap(lead, code, "apprehension", "{\"apprehension\":%s}".formatted(positive));
        tap(lead, code, "relocation", "{\"relief\":%s}".formatted(positive));
        done(note(
                lead,
                code,
                "mr-arthrogram",
                LocalDate.now(),
                "{\"%s\":\"%s\"}".formatted(CONDITION, present ? "present" : "absent")));
    }

    private static JsonNode row() {
        for (JsonNode row : done(LEXICOR.get("/api/outcomes/accuracy")).get("rows")) {
            if (row.get("of").asString().equals(RULE)) {
                return row;
            }
        }
        throw new AssertionError("not counted");
    }

    private static JsonNode rule() {
        for (JsonNode c : done(LEXICOR.get("/api/evidence")).get("clusters")) {
            if (c.get("id").asString().equals(RULE)) {
                return c;
            }
        }
        throw new AssertionError("no rule");
    }

    private static void study(boolean on) {
        assertThat(LEXICOR.post(
                                "/api/outcomes/accuracy/study",
                                "{\"of\":\"%s\",\"condition\":\"%s\",\"on\":%s,\"why\":\"Agreed at the meeting\"}"
                                        .formatted(RULE, CONDITION, on))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void aRuleIsCountedWeighedWithAndTakenOutAgain() {
        for (int i = 0; i < 4 * OF_EACH; i++) {
            examined("CL-" + i, i % 4 < 2, i % 2 == 0);
        }
        JsonNode counted = row();
        assertThat(counted.get("cluster").asBoolean()).isTrue();
        assertThat(counted.get("tp").asInt()).isEqualTo(OF_EACH);
        assertThat(counted.get("tn").asInt()).isEqualTo(OF_EACH);
        JsonNode before = rule();
        study(true);
        assertThat(row().get("study").asString()).isEqualTo("as-it-is");
        assertThat(row().get("published")).as("without the own cases").isEqualTo(counted.get("published"));
        assertThat(rule().toString()).contains("own cases weigh as one more study (10 with the condition, 10 without)");
        study(false);
        assertThat(row().get("study").asString()).isEqualTo("no");
        assertThat(rule()).isEqualTo(before);
    }
}
