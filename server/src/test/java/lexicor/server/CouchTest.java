package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Recording from several devices, the running order, ladders, lists and variants, over HTTP. */
class CouchTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void theLaterTapWinsWhicheverDeviceSendsItFirst() {
        String code = open("shoulder-slipping");
        // The tablet recorded 10 mm a minute ago and was cut off; the laptop recorded 20 mm since.
        tap(code, "laptop", 0, "{\"gapMm\":20}");
        JsonNode late = tap(code, "tablet", 60_000, "{\"gapMm\":10,\"visible\":true}");
        assertThat(late.at("/readings/0/values/gapMm").asDouble()).isEqualTo(20);
        assertThat(late.at("/readings/0/values/visible").asBoolean()).isTrue();

        JsonNode kept = LEXICOR.get("/api/cases/" + code + "/taps").body();
        assertThat(kept.findValuesAsString("device")).containsExactly("tablet", "laptop");
        String laptops = kept.get(1).get("tapId").asString();
        assertThat(late.at("/lastTaps/0/tapId").asString()).isEqualTo(laptops);
        JsonNode without = takeBack(code, laptops);
        assertThat(without.at("/readings/0/values/gapMm").asDouble()).isEqualTo(10);
        assertThat(takeBack(code, laptops)).isEqualTo(without);
        assertThat(LEXICOR.get("/api/cases/" + code + "/taps")
                        .body()
                        .get(1)
                        .get("takenBack")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void theTapsOfOneDeviceStayInTheirOrderWhateverTheLineDoes() {
        String code = open("shoulder-slipping");
        tap(code, "tablet", 0, "{\"gapMm\":10}");
        // The second seems older than the first, by a slow first line.
        JsonNode second = tap(code, "tablet", 5_000, "{\"gapMm\":15}");
        assertThat(second.at("/readings/0/values/gapMm").asDouble()).isEqualTo(15);
        JsonNode cleared = tap(code, "tablet", 0, "{\"gapMm\":null}");
        assertThat(cleared.get("readings")).isEmpty();
        JsonNode kept = LEXICOR.get("/api/cases/" + code + "/taps").body();
        assertThat(kept.get(2).get("changes").toString()).isEqualTo("{\"gapMm\":null}");
    }

    @Test
    void theProposedOrderFollowsTheCandidatesUntilSomebodyChangesIt() {
        String code = open("wrist-ulnar");
        JsonNode proposed = view(code).get("plan");
        assertThat(proposed.get("own").asBoolean()).isFalse();
        List<String> tests = texts(proposed.get("tests"));
        assertThat(tests).containsSubsequence("wrist-movements", "druj-ballottement", "volar-radioulnar-shift");

        List<String> own = new ArrayList<>(List.of("volar-radioulnar-shift", "neer", "druj-ballottement"));
        JsonNode changed = plan(code, own, false).body().get("plan");
        assertThat(changed.get("own").asBoolean()).isTrue();
        assertThat(texts(changed.get("tests"))).isEqualTo(own);
        assertThat(texts(plan(code, own, true).body().at("/plan/tests")))
                .containsExactlyInAnyOrderElementsOf(own)
                .containsSubsequence("druj-ballottement", "volar-radioulnar-shift");
        LEXICOR.restart();
        assertThat(texts(view(code).at("/plan/tests"))).hasSize(3);
        assertThat(texts(plan(code, List.of(), false).body().at("/plan/tests"))).isEqualTo(tests);

        assertThat(plan(code, List.of("neer", "neer"), false)
                        .body()
                        .get("detail")
                        .asString())
                .contains("listed twice");
        assertThat(plan(code, List.of("kneer"), true).status()).isEqualTo(422);
        Answer old = LEXICOR.put("/api/cases/" + code + "/plan", "{\"version\":0,\"tests\":[],\"arrange\":false}");
        assertThat(old.status()).isEqualTo(409);
    }

    @Test
    void aLadderIsStartedWalkedAndLeft() {
        String code = open("wrist-ulnar");
        String path = "/api/cases/" + code + "/ladders/painful-passive-pronation";
        JsonNode offered = ladder(view(code).get("examination"));
        assertThat(offered.has("answer")).isFalse();
        assertThat(offered.has("fits")).isFalse();
        JsonNode pain = record(code, "wrist-movements", "{\"pain.familiar\":true,\"pain.site\":\"volar-wrist\"}");
        assertThat(ladder(pain).get("fits").asString()).isEqualTo("palm side");

        JsonNode started = answer(path, code, "\"palm side\"").body();
        assertThat(ladder(started.get("examination")).get("current").asString()).isEqualTo("druj-ballottement");
        JsonNode walked = record(
                code,
                "druj-ballottement",
                "{\"laxity.sideDifference\":false,\"laxity.endPoint\":\"firm\",\"pain.present\":false}");
        assertThat(ladder(walked).get("current").asString()).isEqualTo("volar-radioulnar-shift");
        assertThat(ladder(walked).at("/taken/0/outcome").asString()).isEqualTo("negative");

        assertThat(answer(path, code, "\"sideways\"").body().get("detail").asString())
                .contains("expected one of");
        assertThat(answer(path + "x", code, "null").status()).isEqualTo(404);
        assertThat(ladder(answer(path, code, "null").body().get("examination")).has("answer"))
                .isFalse();
    }

    @Test
    void theDepartmentsListsStandBesideTheShippedOnes() {
        int shipped = LEXICOR.get("/api/templates").body().size();
        assertThat(shipped).isEqualTo(22);
        Answer saved =
                LEXICOR.put("/api/templates", "{\"name\":\"Boatyard shoulders\",\"tests\":[\"neer\",\"sulcus\"]}");
        assertThat(saved.body().get(0).get("name").asString()).isEqualTo("Boatyard shoulders");
        LEXICOR.put("/api/templates", "{\"name\":\"Boatyard shoulders\",\"tests\":[\"sulcus\"]}");
        JsonNode all = LEXICOR.get("/api/templates").body();
        assertThat(all).hasSize(shipped + 1);
        assertThat(texts(all.get(0).get("tests"))).containsExactly("sulcus");
        String id = all.get(0).get("id").asString();
        assertThat(LEXICOR.delete("/api/templates/" + id).status()).isEqualTo(204);
        assertThat(LEXICOR.delete("/api/templates/" + id).status()).isEqualTo(404);
        assertThat(LEXICOR.get("/api/templates").body()).hasSize(shipped);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"name":" ","tests":["neer"]}            | name
            {"name":"A","tests":[]}                  | tests
            {"name":"A","tests":["kneer"]}           | there is no test kneer
            {"name":"A","tests":["neer","neer"]}     | listed twice
            """)
    void aListThatCannotBeKeptIsRefused(String body, String named) {
        Answer refused = LEXICOR.put("/api/templates", body);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains(named);
    }

    @Test
    void aRecordKeepsTheVariantThatWasInUse() {
        String code = open("thumb-side-tingling");
        variants("{\"phalen\":\"30 seconds\"}");
        JsonNode recorded = record(code, "phalen", "{\"tingling.present\":false}");
        assertThat(recorded.at("/variants/0/name").asString()).isEqualTo("30 seconds");
        variants("{}");
        assertThat(view(code).at("/examination/variants/0/note").asString()).contains("Shorter hold");
        ObjectNode wrong = settings();
        wrong.set("variants", new JsonMapper().readTree("{\"phalen\":\"Standing on one leg\"}"));
        Answer refused = LEXICOR.put("/api/settings", wrong.toString());
        assertThat(refused.body().get("detail").asString()).contains("variants.phalen");
    }

    @Test
    void theTimeThereIsLeavesOutWhatItDoesNotReachAndSaysWhy() {
        String code = open("shoulder-pain");
        JsonNode all = view(code);
        assertThat(all.at("/plan/leftOut")).isEmpty();
        JsonNode short_ = time(code, "10").body();
        assertThat(short_.at("/plan/minutes").asInt()).isEqualTo(10);
        assertThat(short_.at("/plan/tests")).isEqualTo(all.at("/plan/tests"));
        List<String> leftOut = short_.at("/plan/leftOut").findValuesAsString("test");
        assertThat(leftOut).hasSizeGreaterThan(10).doesNotContain("neck-movement-screen");
        assertThat(short_.at("/plan/leftOut").findValuesAsString("why"))
                .allSatisfy(why -> assertThat(why).isNotBlank());
        // What is advised is not among them, and what is begun all the same is left out no longer.
        assertThat(leftOut)
                .doesNotContain(short_.at("/examination/standing/advice/first").asString());
        record(code, leftOut.get(0), "{\"mark.cannotTell\":true}");
        assertThat(view(code).at("/plan/leftOut").findValuesAsString("test"))
                .hasSize(leftOut.size() - 1)
                .doesNotContain(leftOut.get(0));
        assertThat(time(code, "0").status()).isEqualTo(422);
        assertThat(time(code, "0").body().at("/errors/0/field").asString()).isEqualTo("minutes");
        assertThat(LEXICOR.put("/api/cases/" + code + "/time", "{\"version\":0,\"minutes\":20}")
                        .status())
                .isEqualTo(409);
        assertThat(time(code, "null").body().at("/plan/leftOut")).isEmpty();
    }

    @Test
    void aClusterSaysHowFarItIs() {
        String code = open("shoulder-pain");
        record(code, "neer", "{\"pain.present\":true,\"pain.familiar\":true}");
        JsonNode clusters =
                record(code, "hawkins-kennedy", "{\"pain.present\":false}").get("clusters");
        JsonNode five = clusters.valueStream()
                .filter(c -> c.get("name").asString().equals("Subacromial pain, three of five"))
                .findFirst()
                .orElseThrow();
        assertThat(List.of(
                        five.get("positives").asInt(),
                        five.get("done").asInt(),
                        five.get("members").asInt(),
                        five.get("needed").asInt()))
                .containsExactly(1, 2, 5, 3);
        assertThat(five.get("decided").asBoolean()).isFalse();
        assertThat(texts(five.get("tests"))).contains("neer", "hawkins-kennedy", "painful-arc");
    }

    @Test
    void whereItHurtsIsKeptWithTheIntakeAndRefusedWhereNobodyHasSuchAPlace() {
        String code = open("shoulder-pain");
        assertThat(hurts(code, "\"right.shoulder-front\",\"left.elbow-outer\"").status())
                .isEqualTo(200);
        assertThat(texts(view(code).at("/intake/hurts")))
                .containsExactlyInAnyOrder("left.elbow-outer", "right.shoulder-front");
        for (String wrong : List.of("\"shoulder-front\"", "\"right.soul\"", "\"up.palm\"", "null")) {
            Answer refused = hurts(code, wrong);
            assertThat(refused.status()).as(wrong).isEqualTo(422);
            assertThat(refused.body().at("/errors/0/field").asString()).isEqualTo("intake.hurts");
        }
        JsonNode report = LEXICOR.post("/api/cases/" + code + "/reports", "{\"kind\":\"record\"}")
                .body();
        JsonNode complaint = report.get("sections").get(0);
        assertThat(complaint.get("text").asString())
                .contains("It hurts on the right, front of the shoulder; on the left, outer side of the elbow.");
        assertThat(complaint.get("hurts")).hasSize(2);
        assertThat(hurts(code, "").status()).isEqualTo(200);
        assertThat(view(code).at("/intake/hurts").isMissingNode()).isTrue();
    }

    private static Answer time(String code, String minutes) {
        return LEXICOR.put(
                "/api/cases/" + code + "/time",
                "{\"version\":%s,\"minutes\":%s}".formatted(view(code).get("version"), minutes));
    }

    private static Answer hurts(String code, String areas) {
        ObjectNode intake = (ObjectNode) view(code).get("intake");
        intake.set("hurts", JsonMapper.shared().readTree("[" + areas + "]"));
        return LEXICOR.put(
                "/api/cases/" + code + "/intake",
                "{\"version\":%s,\"intake\":%s}".formatted(view(code).get("version"), intake));
    }

    private static void variants(String chosen) {
        ObjectNode change = settings();
        change.set("variants", new JsonMapper().readTree(chosen));
        assertThat(LEXICOR.put("/api/settings", change.toString()).status()).isEqualTo(200);
    }

    private static ObjectNode settings() {
        return LEXICOR.get("/api/settings").body().asObject();
    }

    private static String open(String complaint) {
        return LEXICOR.post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"right\"}".formatted(complaint))
                .body()
                .get("code")
                .asString();
    }

    private static JsonNode view(String code) {
        return LEXICOR.get("/api/cases/" + code).body();
    }

    private static JsonNode tap(String code, String device, long ageMillis, String changes) {
        return send(
                code,
                "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":%s,\"device\":\"%s\",\"ageMillis\":%d}"
                        .formatted(UUID.randomUUID(), changes, device, ageMillis));
    }

    private static JsonNode record(String code, String test, String changes) {
        String at = test.equals("druj-ballottement") ? "neutral" : "";
        return send(
                code,
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"%s\",\"side\":\"right\",\"changes\":%s}"
                        .formatted(UUID.randomUUID(), test, at, changes));
    }

    private static JsonNode send(String code, String body) {
        Answer answer = LEXICOR.post("/api/cases/" + code + "/taps", body);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode takeBack(String code, String tapId) {
        return LEXICOR.post("/api/cases/" + code + "/undo", "{\"tapId\":\"%s\"}".formatted(tapId))
                .body();
    }

    private static Answer plan(String code, List<String> tests, boolean arrange) {
        String list = new JsonMapper().writeValueAsString(tests);
        return LEXICOR.put(
                "/api/cases/" + code + "/plan",
                "{\"version\":%s,\"tests\":%s,\"arrange\":%s}"
                        .formatted(view(code).get("version"), list, arrange));
    }

    private static Answer answer(String path, String code, String answer) {
        return LEXICOR.put(
                path, "{\"version\":%s,\"answer\":%s}".formatted(view(code).get("version"), answer));
    }

    private static JsonNode ladder(JsonNode examination) {
        for (JsonNode l : examination.get("ladders")) {
            if (l.get("id").asString().equals("painful-passive-pronation")) {
                return l;
            }
        }
        throw new AssertionError("the ladder is not offered");
    }

    private static List<String> texts(JsonNode list) {
        return Stream.iterate(0, i -> i + 1)
                .limit(list.size())
                .map(i -> list.get(i).asString())
                .toList();
    }
}
