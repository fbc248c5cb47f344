package lexicor.server;

import static lexicor.server.Examined.close;
import static lexicor.server.Examined.done;
import static lexicor.server.Examined.neer;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Two examine one patient, blind to each other, and the department learns how far they agree. */
class SecondExaminationTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final int ENOUGH = 10;

    private static Caller first;
    private static Caller second;

    @BeforeAll
    static void two() {
        first = Accounts.in(LEXICOR, "d-tern", "clinician");
        second = Accounts.in(LEXICOR, "d-plover", "clinician");
        // Everybody may open everything, and still nobody sees what is blind.
        assertThat(Accounts.settings(LEXICOR, "shareAll", true).status()).isEqualTo(200);
    }

    private static String asked(String code) {
        JsonNode outcome = done(first.post("/api/cases/" + code + "/second", "{\"examiner\":\"d-plover\"}"));
        assertThat(outcome.at("/second/examiner").asString()).isEqualTo("d-plover");
        assertThat(outcome.at("/second").has("code")).as("blind to the first").isFalse();
        return code + "-2";
    }

    private static void measure(Caller caller, String code, double degrees) {
        done(caller.put(
                "/api/cases/" + code + "/measures",
                """
                {"tapId":"%s","measure":"shoulder-flexion","side":"right","changes":{"rangeDeg.passive":[%s]},"sure":true}
                """
                        .formatted(UUID.randomUUID(), degrees)));
    }

    @Test
    void neitherSeesTheOthersUntilTheSecondIsClosed() {
        String code = Accounts.newCase(first, "BL-1");
        neer(first, code, true);
        String again = asked(code);
        assertThat(second.get("/api/cases/" + code).status()).isEqualTo(404);
        assertThat(second.get("/api/cases").body().toString()).contains(again).doesNotContain("\"BL-1\"");
        assertThat(first.get("/api/cases/" + again).status()).isEqualTo(404);
        assertThat(LEXICOR.get("/api/cases/" + again).status()).as("a lead").isEqualTo(404);
        assertThat(first.post("/api/cases/" + code + "/second", "{\"examiner\":\"d-plover\"}")
                        .status())
                .as("one at a time")
                .isEqualTo(409);
        JsonNode theirs = second.get("/api/cases/" + again).body();
        assertThat(theirs.at("/intake/involvedSide").asString()).isEqualTo("right");
        assertThat(theirs.at("/examination/readings")).isEmpty();
        assertThat(second.post(
                                "/api/cases/" + again + "/outcome/notes",
                                "{\"key\":\"%s\",\"reference\":\"mri\",\"on\":\"2026-01-01\",\"answers\":{\"frozen-shoulder\":\"present\"}}"
                                        .formatted(UUID.randomUUID()))
                        .status())
                .as("a patient comes out once")
                .isEqualTo(409);
        neer(second, again, false);
        close(second, again);
        assertThat(second.get("/api/cases/" + code).status()).isEqualTo(200);
        assertThat(first.get("/api/cases/" + again).status()).isEqualTo(200);
        JsonNode agreement = LEXICOR.get("/api/outcomes/agreement").body();
        assertThat(agreement.get("pairs").asInt()).isPositive();
        assertThat(agreement.get("criteria").toString()).contains("neer/pain");
    }

    @Test
    void fromTenPatientsOnChangesAreHeldAgainstWhatTwoExaminersDifferBy() {
        String followed = Accounts.newCase(first, "BL-20");
        measure(first, followed, 90);
        done(first.post(
                "/api/cases/" + followed + "/visits",
                "{\"version\":" + first.get("/api/cases/" + followed).body().get("version") + "}"));
        measure(first, followed, 96);
        assertThat(change(followed).has("from")).as("nobody knows yet").isFalse();
        double[] other = {3, -4, 2, -1, 5, -3, 0, 2, -2, 4};
        for (int i = 0; i < ENOUGH; i++) {
            String code = Accounts.newCase(first, "BL-1" + i);
            measure(first, code, 80 + 9 * i);
            String again = asked(code);
            measure(second, again, 80 + 9 * i + other[i]);
            close(second, again);
        }
        JsonNode measured = null;
        for (JsonNode m : LEXICOR.get("/api/outcomes/agreement").body().get("measures")) {
            measured = m;
        }
        assertThat(measured.get("patients").asInt()).isEqualTo(ENOUGH);
        assertThat(measured.get("used").asBoolean()).isTrue();
        assertThat(measured.at("/icc/value").asDouble()).isBetween(0.95, 1.0);
        JsonNode change = change(followed);
        assertThat(change.get("from").asString()).isEqualTo("two-examiners");
        assertThat(change.get("error").asDouble())
                .isEqualTo(measured.get("smallestRealChange").asDouble());
        assertThat(change.get("exceeds").asBoolean()).isFalse();
    }

    private static JsonNode change(String code) {
        for (JsonNode m : first.get("/api/cases/" + code + "/measures").body().get("measures")) {
            if (m.get("id").asString().equals("shoulder-flexion")) {
                return m.at("/changes/0");
            }
        }
        throw new AssertionError("not measured");
    }
}
