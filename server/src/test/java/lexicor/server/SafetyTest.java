package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A contraindicated test is never offered, and never recorded without a written reason. */
class SafetyTest {
    private static final String CASE = "/api/cases/HB-011";

    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @Test
    void aBlockedTestTakesAWrittenReasonThatIsKept() {
        assertThat(LEXICOR.get(CASE + "/weighed")
                        .body()
                        .get("standing")
                        .get("next")
                        .toString())
                .doesNotContain("surprise-release", "posterior-apprehension", "\"jerk\"");
        Answer refused = tap("jerk");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .contains("Jerk test is blocked by Known recent subluxation", "written reason");

        Answer ahead = LEXICOR.post(
                CASE + "/overrides",
                "{\"test\":\"jerk\",\"reason\":\"Asked for by the surgeon, gently, in her presence\"}");
        assertThat(ahead.status()).isEqualTo(200);
        assertThat(tap("jerk").status()).isEqualTo(200);
        assertThat(tap("kim").status()).isEqualTo(409);
        LEXICOR.restart();
        assertThat(LEXICOR.get(CASE).body().get("examination").get("blocked").toString())
                .contains("Asked for by the surgeon, gently, in her presence");
    }

    @ParameterizedTest
    @CsvSource({"kim, because, reason", "kim, '', reason", "sulcus, there is no reason to, test"})
    void aReasonHasToSayWhyAndTheTestHasToBeBlocked(String test, String reason, String field) {
        Answer refused =
                LEXICOR.post(CASE + "/overrides", "{\"test\":\"%s\",\"reason\":\"%s\"}".formatted(test, reason));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("errors").get(0).get("field").asString()).isEqualTo(field);
    }

    @Test
    void aWarningSignThatIsTickedStandsAboveTheCase() {
        JsonNode view = LEXICOR.get("/api/cases/HB-010").body();
        ObjectNode intake = view.get("intake").deepCopy().asObject();
        intake.putArray("warnings").add("infection");
        JsonNode saved = LEXICOR.put(
                        "/api/cases/HB-010/intake",
                        "{\"version\":" + view.get("version") + ",\"intake\":" + intake + "}")
                .body();
        assertThat(saved.get("examination")
                        .get("warnings")
                        .get(0)
                        .get("message")
                        .asString())
                .isEqualTo("Stop. Emergency assessment today for joint infection; no injection.");
        intake.putArray("precautions").add("bad weather");
        Answer refused = LEXICOR.put(
                "/api/cases/HB-010/intake", "{\"version\":" + saved.get("version") + ",\"intake\":" + intake + "}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains("intake.precautions");
    }

    /** What raised it can be put right; the rest waits for a reason, or for somebody who has looked and says so. */
    @Test
    void cordSignsBlockTheNeckUntilSomebodyHasSeenAndExcludedThem() {
        String walk = "/api/cases/"
                + LEXICOR.post("/api/cases", "{\"complaint\":\"neck-arm\",\"involvedSide\":\"right\"}")
                        .body()
                        .get("code")
                        .asString();
        assertThat(tap(walk, "hoffmann", "{\"visible\":true}").status()).isEqualTo(200);
        for (String test :
                List.of("foraminal-compression", "neck-distraction", "neurodynamic-median-1", "neurodynamic-ulnar")) {
            Answer refused = tap(walk, test, "{\"pain.present\":true}");
            assertThat(refused.status()).as(test).isEqualTo(409);
            assertThat(refused.body().get("detail").asString()).contains("Cord signs (warning sign)");
        }
        assertThat(tap(walk, "finger-flexors", "{\"cannotHold\":true}").status())
                .isNotEqualTo(409);
        assertThat(tap(walk, "hoffmann", "{\"visible\":true}").status()).isEqualTo(200);
        assertThat(LEXICOR.get(walk + "/weighed").body().at("/standing/next").toString())
                .doesNotContain("foraminal-compression", "neurodynamic");

        Answer unsaid = LEXICOR.post(walk + "/warnings", "{\"warning\":\"cord-signs\",\"state\":\"excluded\"}");
        assertThat(unsaid.body().at("/errors/0/field").asString()).isEqualTo("reason");
        Answer notThere = LEXICOR.post(walk + "/warnings", "{\"warning\":\"infection\",\"state\":\"confirmed\"}");
        assertThat(notThere.body().at("/errors/0/field").asString()).isEqualTo("warning");
        JsonNode excluded = LEXICOR.post(
                        walk + "/warnings",
                        "{\"warning\":\"cord-signs\",\"state\":\"excluded\",\"reason\":\"the same on both sides since childhood\"}")
                .body();
        assertThat(excluded.at("/examination/warnings/0/excluded").asBoolean()).isTrue();
        assertThat(excluded.at("/examination/warnings/0/settled/by").asString()).isEqualTo("heron");
        assertThat(excluded.at("/examination/blocked")).isEmpty();
        assertThat(tap(walk, "foraminal-compression", "{\"pain.present\":true}").status())
                .isEqualTo(200);
        assertThat(LEXICOR.get(walk + "/history").body().toString())
                .contains("warning sign cord-signs", "the same on both sides since childhood");

        assertThat(tap(walk, "tandem-gait", "{\"visible\":true}").status()).isEqualTo(200);
        assertThat(tap(walk, "neck-distraction", "{\"pain.present\":true}").status())
                .isEqualTo(409);
    }

    private static Answer tap(String walk, String test, String changes) {
        return LEXICOR.post(
                walk + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"right\",\"changes\":%s}"
                        .formatted(UUID.randomUUID(), test, changes));
    }

    private static Answer tap(String test) {
        return LEXICOR.post(
                CASE + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"pain.present\":true}}"
                        .formatted(UUID.randomUUID(), test));
    }
}
