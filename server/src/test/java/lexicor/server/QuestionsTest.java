package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What one can ask of a case: the answers agree with what recording would show, and asking changes nothing. */
class QuestionsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    @ParameterizedTest
    @ValueSource(strings = {"HB-001", "HB-003", "HB-004", "HB-007", "HB-011"})
    void supposingNothingIsTheCaseAsItStands(String code) {
        assertThat(posttests(
                        suppose(code, "{\"outcomes\":{},\"suspicions\":{}}").body()))
                .isEqualTo(posttests(weighed(code).get("standing")));
    }

    /** Each of the next tests, supposed positive, comes to what its card promises. */
    @ParameterizedTest
    @ValueSource(strings = {"HB-003", "HB-004", "HB-007"})
    void supposingAnOutcomeIsWhatTheCardPromises(String code) {
        for (JsonNode next : weighed(code).at("/standing/next")) {
            String criterion = next.get("criterion").asString();
            for (String outcome : List.of("positive", "negative")) {
                Map<String, Double> supposed = posttests(
                        suppose(code, "{\"outcomes\":{\"%s\":\"%s\"},\"suspicions\":{}}".formatted(criterion, outcome))
                                .body());
                for (JsonNode effect : next.get("effects")) {
                    String field = outcome.equals("positive") ? "ifPositive" : "ifNegative";
                    assertThat(supposed.get(effect.get("condition").asString()))
                            .as("%s %s", criterion, outcome)
                            .isCloseTo(effect.get(field).asDouble(), within(1e-9));
                }
            }
        }
    }

    @Test
    void supposingASuspicionIsWhatSavingItShowsAndStoresNothing() {
        JsonNode before = LEXICOR.get("/api/cases/HB-002").body();
        Map<String, Double> supposed =
                posttests(suppose("HB-002", "{\"outcomes\":{},\"suspicions\":{\"slap-tear\":\"far-more-likely\"}}")
                        .body());
        assertThat(LEXICOR.get("/api/cases/HB-002").body()).isEqualTo(before);
        ObjectNode intake = before.get("intake").deepCopy().asObject();
        for (JsonNode c : intake.get("candidates")) {
            if (c.get("condition").asString().equals("slap-tear")) {
                c.asObject().put("suspicion", "far-more-likely");
            }
        }
        JsonNode saved = LEXICOR.put(
                        "/api/cases/HB-002/intake",
                        "{\"version\":" + before.get("version") + ",\"intake\":" + intake + "}")
                .body();
        assertThat(posttests(saved.at("/examination/standing"))).isEqualTo(supposed);
    }

    @Test
    void moreOverlapMakesLessOfFindingsThatAgree() {
        double none = leading("HB-001", 0, 0);
        double usual = leading("HB-001", 0.45, 0.2);
        double much = leading("HB-001", 0.75, 0.33);
        assertThat(none).isGreaterThan(usual);
        assertThat(usual).isGreaterThan(much);
    }

    private static double leading(String code, double family, double general) {
        return suppose(
                        code,
                        "{\"outcomes\":{},\"suspicions\":{},\"familyOverlap\":%s,\"generalOverlap\":%s}"
                                .formatted(family, general))
                .body()
                .at("/conditions/0/posttest")
                .asDouble();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"outcomes":{"neer/none":"positive"},"suspicions":{}}                            | outcomes.neer/none
            {"outcomes":{"neer/pain":"maybe"},"suspicions":{}}                               | outcomes.neer/pain
            {"outcomes":{},"suspicions":{"carpal-tunnel":"as-usual"}}                        | suspicions.carpal-tunnel
            {"outcomes":{},"suspicions":{"slap-tear":"certain"}}                             | suspicions.slap-tear
            {"outcomes":{},"suspicions":{},"familyOverlap":2}                                | familyOverlap
            {"outcomes":{},"suspicions":{},"familyOverlap":0.1,"generalOverlap":0.4}         | generalOverlap
                        {"outcomes":{},"suspicions":{},"familyOverlap":0.9,"generalOverlap":0.6}         | generalOverlap
            {"outcomes":{},"suspicions":{},"crossActivation":0.6}                            | crossActivation
            {"outcomes":{},"suspicions":{},"clusterShare":-0.1}                              | clusterShare
            {"outcomes":{},"suspicions":{},"highBias":"ignored"}                             | highBias
            {"suspicions":{}}                                                                | outcomes
            """)
    void whatCannotBeSupposedIsRefusedByName(String body, String field) {
        Answer refused = suppose("HB-003", body);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/errors/0/field").asString()).isEqualTo(field);
    }

    @Test
    void tellingApartTurnsRoundWithTheOrder() {
        JsonNode one = apart("subacromial-pain", "full-thickness-cuff-tear");
        JsonNode other = apart("full-thickness-cuff-tear", "subacromial-pain");
        assertThat(one.get("separating")).isNotEmpty().hasSameSizeAs(other.get("separating"));
        List<Double> sizes = new ArrayList<>();
        for (int i = 0; i < one.get("separating").size(); i++) {
            JsonNode a = one.get("separating").get(i);
            double positive = a.get("positiveBits").asDouble();
            assertThat(other.at("/separating/" + i + "/positiveBits").asDouble())
                    .isCloseTo(-positive, within(1e-9));
            sizes.add(
                    Math.max(Math.abs(positive), Math.abs(a.get("negativeBits").asDouble())));
        }
        assertThat(sizes).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(LEXICOR.get("/api/cases/HB-003/apart?first=slap-tear&second=slap-tear")
                        .status())
                .isEqualTo(422);
        assertThat(LEXICOR.get("/api/cases/HB-003/apart?first=slap-tear&second=knee")
                        .status())
                .isEqualTo(422);
    }

    private static JsonNode apart(String first, String second) {
        return LEXICOR.get("/api/cases/HB-003/apart?first=" + first + "&second=" + second)
                .body();
    }

    @Test
    void aLongerTimeNeverTellsLess() {
        double before = 0;
        for (String minutes : List.of("0.4", "1", "3", "5", "12")) {
            JsonNode best = LEXICOR.get("/api/cases/HB-004/short-sequence?minutes=" + minutes)
                    .body();
            assertThat(best.get("minutes").asDouble()).isLessThanOrEqualTo(Double.parseDouble(minutes));
            assertThat(best.get("gain").asDouble()).isGreaterThanOrEqualTo(before);
            before = best.get("gain").asDouble();
        }
        assertThat(before).isPositive();
        assertThat(LEXICOR.get("/api/cases/HB-004/short-sequence?minutes=0").status())
                .isEqualTo(422);
    }

    @Test
    void aHabitOfCountingIsShownAndNeverWeighed() {
        JsonNode before = weighed("HB-004");
        JsonNode count = before.at("/counts/0");
        assertThat(count.get("note").asString()).contains("without published accuracy");
        assertThat(count.get("positives").asInt())
                .isLessThanOrEqualTo(count.get("done").asInt());
        assertThat(before.get("ledgers").toString()).doesNotContain("labral-panel-count");
    }

    /** Two devices ask and record at once: no question ever fails or changes what is recorded. */
    @Test
    void askingWhileRecordingDisturbsNothing() throws InterruptedException {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body()
                .get("code")
                .asString();
        List<Integer> answers = new ArrayList<>();
        Thread asking = new Thread(() -> {
            for (int i = 0; i < 20; i++) {
                answers.add(suppose(code, "{\"outcomes\":{\"neer/pain\":\"positive\"},\"suspicions\":{}}")
                        .status());
            }
        });
        asking.start();
        for (int gap = 1; gap <= 20; gap++) {
            String tap =
                    "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"gapMm\":%d}}"
                            .formatted(UUID.randomUUID(), gap);
            assertThat(LEXICOR.post("/api/cases/" + code + "/taps", tap).status())
                    .isEqualTo(200);
        }
        asking.join();
        assertThat(answers).hasSize(20).containsOnly(200);
        assertThat(LEXICOR.get("/api/cases/" + code)
                        .body()
                        .at("/examination/readings/0/values/gapMm")
                        .asInt())
                .isEqualTo(20);
    }

    private static Answer suppose(String code, String body) {
        return LEXICOR.post("/api/cases/" + code + "/what-if", body);
    }

    private static JsonNode weighed(String code) {
        return LEXICOR.get("/api/cases/" + code + "/weighed").body();
    }

    private static Map<String, Double> posttests(JsonNode standing) {
        Map<String, Double> posttests = new TreeMap<>();
        for (JsonNode c : standing.get("conditions")) {
            posttests.put(c.get("id").asString(), c.get("posttest").asDouble());
        }
        return posttests;
    }
}
