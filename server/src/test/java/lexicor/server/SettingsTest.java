package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The department's way to weigh, and a case that takes risky studies in a way of its own. */
class SettingsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @ParameterizedTest
    @CsvSource({"sober", "independent", "strongest-per-family", "published-clusters", "overlap-aware", "differential"})
    void rankingsFollowTheChosenSchool(String school) {
        save(settings().put("school", school).put("why", "Agreed at the meeting"));
        JsonNode weighed = weighed("HB-001");
        JsonNode column = null;
        for (JsonNode s : weighed.get("schools")) {
            column = s.get("id").asString().equals(school) ? s.get("probabilities") : column;
        }
        double before = 1;
        for (JsonNode c : weighed.get("standing").get("conditions")) {
            double posttest = c.get("posttest").asDouble();
            if (!c.get("weighed").asBoolean()) {
                continue;
            }
            assertThat(posttest).isCloseTo(column.get(c.get("id").asString()).asDouble(), within(1e-7));
            // A part stands under its whole, and what fell below its line at the end.
            if (c.get("group").asString().equals("weighed") && c.get("under") == null) {
                assertThat(posttest).isLessThanOrEqualTo(before);
                before = posttest;
            }
        }
        assertThat(weighed.get("method").get("school").asString()).isEqualTo(school);
    }

    @Test
    void aCaseCanTakeRiskyStudiesInItsOwnWayAndSeesTheOthersWhenTheyChangeTheOrder() {
        JsonNode bias = weighed("HB-004").get("bias");
        assertThat(bias.get("changesOrder").asBoolean()).isTrue();
        assertThat(bias.get("results")).hasSize(3);
        double corrected = posttest("HB-004", "slap-tear");

        JsonNode view = LEXICOR.get("/api/cases/HB-004").body();
        ObjectNode intake = view.get("intake").deepCopy().asObject().put("highBias", "leftOut");
        Answer saved = LEXICOR.put(
                "/api/cases/HB-004/intake", "{\"version\":" + view.get("version") + ",\"intake\":" + intake + "}");
        assertThat(saved.status()).isEqualTo(200);
        assertThat(posttest("HB-004", "slap-tear")).isNotCloseTo(corrected, within(0.001));
        assertThat(weighed("HB-004").get("method").get("highBias").asString()).isEqualTo("leftOut");
        assertThat(weighed("HB-001").get("method").get("highBias").asString()).isEqualTo("corrected");
    }

    @ParameterizedTest
    @CsvSource({
        "school, \"majority\", 422",
        "highBias, \"ignored\", 422",
        "familyOverlap, 0.95, 422",
        "generalOverlap, 0.5, 422",
        "crossActivation, 0.51, 422",
        "clusterShare, 1.1, 422",
        "version, -1, 409",
        "colour, \"red\", 400"
    })
    void whatCannotBeUsedIsRefusedAndChangesNothing(String field, String value, int status) {
        ObjectNode before = settings();
        String body = before.deepCopy().put(field, "@").toString().replace("\"@\"", value);
        Answer refused = LEXICOR.put("/api/settings", body);
        assertThat(refused.status()).isEqualTo(status);
        assertThat(refused.body().get("detail").asString()).contains(field);
        assertThat(settings()).isEqualTo(before);
    }

    @Test
    void whatChangesEveryCaseTakesAReasonThatTheHistoryKeepsWithWhatWasThereBefore() {
        double overlap = settings().get("familyOverlap").asDouble();
        for (String change : new String[] {"\"familyOverlap\":0.4", "\"checkedOnly\":true", "\"retentionDays\":90"}) {
            String field = change.substring(0, change.indexOf(':') + 1);
            String body = settings().toString().replaceFirst(java.util.regex.Pattern.quote(field) + "[^,]*", change);
            Answer refused = LEXICOR.put("/api/settings", body);
            assertThat(refused.status()).as(change).isEqualTo(422);
            assertThat(refused.body().at("/errors/0/field").asString()).isEqualTo("why");
        }
        save(settings().put("familyOverlap", 0.4).put("why", "Our tests overlap less"));
        save(settings().put("lockMinutes", 20));
        String history = LEXICOR.get("/api/history").body().toString();
        assertThat(history)
                .contains("{\"field\":\"overlap within a family\",\"before\":\"" + overlap + "\",\"after\":\"0.4\"}")
                .containsOnlyOnce("Our tests overlap less");
        JsonNode since = LEXICOR.get("/api/settings/since").body();
        assertThat(since.at("/familyOverlap/before").asString()).isEqualTo(String.valueOf(overlap));
        assertThat(since.at("/familyOverlap/who").asString()).isEqualTo("heron");
        assertThat(since.at("/familyOverlap/why").asString()).isEqualTo("Our tests overlap less");
        assertThat(since.at("/lockMinutes/why").asString()).isEmpty();
        assertThat(since.has("codePrefix")).isFalse();
        save(settings().put("familyOverlap", overlap).put("why", "As it was before"));
    }

    @Test
    void aReasonThatLooksLikeANameIsAskedAboutAndKeptIfItIsNone() {
        double overlap = settings().get("generalOverlap").asDouble();
        String body = settings()
                .put("generalOverlap", 0.1)
                .put("why", "Asked for by the Hand Team")
                .toString();
        Answer asked = LEXICOR.put("/api/settings", body);
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body().get("question").asBoolean()).isTrue();
        assertThat(asked.body().at("/errors/0/field").asString()).isEqualTo("why");
        assertThat(settings().get("generalOverlap").asDouble()).isEqualTo(overlap);
        assertThat(LEXICOR.put("/api/settings?sure=true", body).status()).isEqualTo(200);
        assertThat(LEXICOR.get("/api/history").body().toString()).contains("Asked for by the Hand Team");
        save(settings().put("generalOverlap", overlap).put("why", "As it was before"));
    }

    private static ObjectNode settings() {
        return LEXICOR.get("/api/settings").body().asObject();
    }

    private static void save(ObjectNode settings) {
        assertThat(LEXICOR.put("/api/settings", settings.toString()).status()).isEqualTo(200);
    }

    private static JsonNode weighed(String code) {
        return LEXICOR.get("/api/cases/" + code + "/weighed").body();
    }

    private static double posttest(String code, String condition) {
        for (JsonNode c : weighed(code).get("standing").get("conditions")) {
            if (c.get("id").asString().equals(condition)) {
                return c.get("posttest").asDouble();
            }
        }
        throw new AssertionError("no condition " + condition);
    }
}
