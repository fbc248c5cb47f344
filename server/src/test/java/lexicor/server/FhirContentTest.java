package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a document says of a case is what the case's own pages say, to the side and the digit. */
class FhirContentTest {
    @RegisterExtension
    static final Running LEXICOR = Running.shared();

    private static List<JsonNode> resources(JsonNode bundle, String type) {
        List<JsonNode> all = new ArrayList<>();
        bundle.get("entry").forEach(e -> {
            if (e.at("/resource/resourceType").asString().equals(type)) {
                all.add(e.get("resource"));
            }
        });
        return all;
    }

    /** Observations by their code and side. */
    private static Map<String, JsonNode> observations(JsonNode bundle) {
        Map<String, JsonNode> all = new HashMap<>();
        for (JsonNode o : resources(bundle, "Observation")) {
            String key = o.at("/code/coding/0/code").asString() + " "
                    + o.at("/bodySite/coding/0/code").asString();
            assertThat(all.put(key, o)).as("twice: " + key).isNull();
        }
        return all;
    }

    private static Map<String, JsonNode> components(JsonNode observation) {
        Map<String, JsonNode> all = new HashMap<>();
        observation
                .get("component")
                .forEach(c -> all.put(c.at("/code/coding/0/code").asString(), c));
        return all;
    }

    @Test
    void everyFindingReadingMeasureAndChanceIsThereAsItIsShown() {
        int sides = 0;
        int values = 0;
        for (JsonNode listed : LEXICOR.get("/api/cases").body()) {
            String code = listed.get("code").asString();
            JsonNode bundle = LEXICOR.get("/api/cases/" + code + "/fhir").body();
            JsonNode view = LEXICOR.get("/api/cases/" + code).body();
            Map<String, JsonNode> observations = observations(bundle);
            for (JsonNode f : view.at("/examination/findings")) {
                String key =
                        f.get("criterion").asString() + " side-" + f.get("side").asString();
                String outcome = f.get("outcome").asString();
                if (outcome.equals("not-done")) {
                    assertThat(observations).as(code).doesNotContainKey(key);
                    continue;
                }
                sides++;
                JsonNode said = observations.get(key);
                assertThat(said.at("/valueCodeableConcept/coding/0/code").asString())
                        .as(code + " " + key)
                        .isEqualTo(outcome);
                assertThat(said.at("/interpretation/0/coding/0/code").asString())
                        .isEqualTo(outcome.equals("positive") ? "POS" : outcome.equals("negative") ? "NEG" : "IND");
            }
            for (JsonNode r : view.at("/examination/readings")) {
                String at = r.get("at").asString();
                String key = r.get("test").asString() + (at.isEmpty() ? "" : "@" + at) + " side-"
                        + r.get("side").asString();
                if (r.get("values").isEmpty()) {
                    continue;
                }
                assertThat(components(observations.get(key)).keySet())
                        .as(code + " " + key)
                        .containsExactlyInAnyOrderElementsOf(r.get("values").propertyNames());
            }
            values += measures(code, view, observations);
            chances(code, bundle);
        }
        assertThat(sides).isGreaterThan(100);
        assertThat(values).isGreaterThan(30);
    }

    private static int measures(String code, JsonNode view, Map<String, JsonNode> observations) {
        String involved = view.at("/intake/involvedSide").asString();
        String other = involved.equals("left") ? "right" : "left";
        int values = 0;
        for (JsonNode m : LEXICOR.get("/api/cases/" + code + "/measures").body().get("measures")) {
            for (Map.Entry<String, String> side :
                    Map.of("involved", involved, "other", other).entrySet()) {
                for (Map.Entry<String, JsonNode> value :
                        m.get(side.getKey()).get("values").properties()) {
                    values++;
                    JsonNode part = components(
                                    observations.get("measure/" + m.get("id").asString() + " side-" + side.getValue()))
                            .get(value.getKey());
                    assertThat(part.at("/valueQuantity/value").asDouble())
                            .as(code + " " + m.get("id") + " " + side)
                            .isCloseTo(value.getValue().get("mean").asDouble(), within(1e-12));
                    assertThat(part.at("/valueQuantity/unit").asString()).isNotBlank();
                }
            }
        }
        return values;
    }

    /** Every candidate in its order, with its chance now, its pretest in words, and the caution. */
    private static void chances(String code, JsonNode bundle) {
        List<JsonNode> risks = resources(bundle, "RiskAssessment");
        JsonNode shown = LEXICOR.get("/api/cases/" + code + "/weighed").body().at("/standing/conditions");
        assertThat(risks).hasSameSizeAs(shown);
        for (int i = 0; i < risks.size(); i++) {
            JsonNode prediction = risks.get(i).at("/prediction/0");
            assertThat(prediction.at("/outcome/coding/0/code"))
                    .isEqualTo(shown.get(i).get("id"));
            assertThat(prediction.get("probabilityDecimal").asDouble())
                    .isCloseTo(shown.get(i).get("posttest").asDouble(), within(5.01e-7));
            assertThat(prediction.get("rationale").asString())
                    .contains("%.1f %%"
                            .formatted(100 * shown.get(i).get("pretest").asDouble()))
                    .contains(shown.get(i).get("verdict").asString());
            assertThat(risks.get(i).at("/text/div").asString()).contains("licensed clinician");
        }
        JsonNode patient = resources(bundle, "Patient").get(0);
        assertThat(patient.propertyNames()).containsExactlyInAnyOrder("resourceType", "id", "text", "identifier");
        assertThat(patient.at("/identifier/0/value").asString()).isEqualTo(code);
    }
}
