package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is measured becomes a reading, the reading decides the criteria, and visits are kept apart. */
class MeasuresTest {
    private static final String MUSCLE = "external-rotation-resisted";

    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void aWeakSideFeedsTheCriterionAndTheRanking() {
        String code = open("shoulder-weakness");
        double before = tear(LEXICOR.get("/api/cases/" + code).body().get("examination"));
        force(code, "left", "[100, 104, 96]");
        JsonNode saved = force(code, "right", "[60, 80, 70]").body();
        JsonNode measure = measure(saved, MUSCLE);
        JsonNode trials = measure.at("/involved/values/forceN");
        assertThat(trials.get("mean").asDouble()).isEqualTo(70);
        assertThat(trials.get("best").asDouble()).isEqualTo(80);
        assertThat(trials.get("variationPercent").asDouble()).isCloseTo(100 * 10 / 70.0, within(1e-9));
        assertThat(trials.get("uneven").asBoolean()).isFalse();
        assertThat(measure.get("indexPercent").asDouble()).isCloseTo(70, within(1e-9));
        assertThat(measure.get("deficit").asBoolean()).isTrue();
        assertThat(measure.has("pattern")).as("pain was not recorded").isFalse();
        JsonNode examination = saved.get("examination");
        assertThat(examination.get("findings").toString()).contains("\"outcome\":\"positive\"");
        assertThat(tear(examination)).isGreaterThan(before);

        LEXICOR.restart();
        JsonNode again = LEXICOR.get("/api/cases/" + code + "/measures").body();
        assertThat(measure(again, MUSCLE)).isEqualTo(measure);
        force(code, "right", "[]");
        assertThat(tear(LEXICOR.get("/api/cases/" + code).body().get("examination")))
                .isCloseTo(before, within(1e-9));
    }

    @Test
    void whatIsNotedBesideTheForceIsReadWithIt() {
        String code = open("shoulder-weakness");
        force(code, "left", "[100]");
        JsonNode saved = save(
                        code,
                        MUSCLE,
                        "right",
                        "{\"forceN\":[50],\"leverCm\":25,\"painAtRest\":1,\"painUnderLoad\":6,\"grade\":4.33}")
                .body();
        JsonNode measure = measure(saved, MUSCLE);
        // 50 N at 0.25 m.
        assertThat(measure.at("/involved/torqueNm").asDouble()).isCloseTo(12.5, within(1e-9));
        assertThat(measure.get("pattern").asString()).isEqualTo("weak and painful");
        assertThat(measure.at("/involved/notes/grade").asDouble()).isCloseTo(13 / 3.0, within(1e-9));
        JsonNode cleared =
                save(code, MUSCLE, "right", "{\"painUnderLoad\":null}").body();
        assertThat(measure(cleared, MUSCLE).at("/involved/notes").has("painUnderLoad"))
                .isFalse();
        assertThat(measure(cleared, MUSCLE).has("pattern")).isFalse();
        JsonNode painless = save(code, MUSCLE, "right", "{\"painUnderLoad\":1}").body();
        assertThat(measure(painless, MUSCLE).get("pattern").asString()).isEqualTo("weak and painless");
    }

    @Test
    void theDropOfGripWithAStraightElbowDecidesItsCriterion() {
        String code = open("elbow-lateral");
        save(code, "grip-strength", "right", "{\"gripKg\":[40, 42, 38]}");
        JsonNode saved =
                save(code, "grip-extension-drop", "right", "{\"gripKg\":[30]}").body();
        // 30 of 40 kg: a quarter less.
        assertThat(measure(saved, "grip-extension-drop")
                        .at("/involved/dropPercent")
                        .asDouble())
                .isCloseTo(25, within(1e-9));
        assertThat(saved.at("/examination/readings").toString()).contains("\"ratio\":0.75");
    }

    @Test
    void aStiffShoulderIsReadAsOne() {
        String code = open("shoulder-pain");
        for (String range : new String[] {
            "shoulder-external-rotation 60 20", "shoulder-abduction 170 110", "shoulder-internal-rotation 70 55"
        }) {
            String[] of = range.split(" ");
            String both = "{\"rangeDeg.active\":[%s],\"rangeDeg.passive\":[%s]}";
            save(code, of[0], "left", both.formatted(of[1], of[1]));
            save(code, of[0], "right", both.formatted(of[2], of[2]));
        }
        JsonNode measures = LEXICOR.get("/api/cases/" + code + "/measures").body();
        assertThat(measures.get("capsular").asString()).contains("suggests a capsular pattern");
        assertThat(measure(measures, "shoulder-external-rotation")
                        .get("pattern")
                        .asString())
                .isEqualTo("active and passive short");
        assertThat(measures.at("/examination/readings").toString()).contains("\"rangeDeg.passive\":20.0");
    }

    @Test
    void theNextVisitBringsTheSameTestsAndNothingFilledIn() {
        String code = open("shoulder-weakness");
        Answer tooEarly = begin(code);
        assertThat(tooEarly.status()).isEqualTo(409);
        assertThat(tooEarly.body().get("detail").asString()).contains("nothing is recorded at visit 1");
        force(code, "left", "[100, 104, 96]");
        force(code, "right", "[50, 54, 46]");
        JsonNode second = begin(code).body();
        assertThat(second.get("visits")).hasSize(2);
        assertThat(second.at("/plan/tests/0").asString()).isEqualTo(MUSCLE);
        assertThat(second.at("/examination/readings")).isEmpty();
        assertThat(LEXICOR.get("/api/cases/" + code + "/measures")
                        .body()
                        .at("/measures")
                        .toString())
                .doesNotContain("\"mean\"");

        force(code, "left", "[101, 100, 99]");
        JsonNode change = measure(force(code, "right", "[80, 82, 78]").body(), MUSCLE)
                .get("changes")
                .get(0);
        assertThat(change.get("before").asDouble()).isEqualTo(50);
        assertThat(change.get("now").asDouble()).isEqualTo(80);
        // Variances 16 and 4 over three trials each: 1.96 sqrt(20 / 3) = 5.06.
        assertThat(change.get("error").asDouble()).isCloseTo(5.0606, within(1e-3));
        assertThat(change.get("from").asString()).isEqualTo("trials");
        assertThat(change.get("exceeds").asBoolean()).isTrue();

        JsonNode visits = LEXICOR.get("/api/cases/" + code + "/visits").body();
        assertThat(visits.get("visits")).hasSize(2);
        assertThat(visits.get("series").toString())
                .contains("\"points\":[{\"visit\":1,\"value\":50.0},{\"visit\":2,\"value\":80.0}]");
        // A tap that waited on a device goes to the visit it was made at.
        String late = tap("nerve-regrowth-tinel", "left", "{\"distanceMm\":9}", ",\"visit\":1");
        LEXICOR.post("/api/cases/" + code + "/taps", late);
        assertThat(LEXICOR.get("/api/cases/" + code).body().at("/examination/readings"))
                .hasSize(2);
        assertThat(LEXICOR.delete("/api/cases/" + code + "/visits/2?version=" + version(code))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void anEmptyVisitCanBeTakenBack() {
        String code = open("shoulder-weakness");
        force(code, "left", "[100]");
        begin(code);
        Answer back = LEXICOR.delete("/api/cases/" + code + "/visits/2?version=" + version(code));
        assertThat(back.status()).isEqualTo(200);
        assertThat(back.body().get("visits")).hasSize(1);
        assertThat(back.body().at("/examination/readings")).hasSize(1);
    }

    @Test
    void aNervesPaceFollowsFromTheTapsOfThreeDays() {
        String code = open("shoulder-weakness");
        for (int[] reading : new int[][] {{30, 10}, {20, 19}, {20, 21}, {10, 32}}) {
            String age = ",\"ageMillis\":" + reading[0] * 86_400_000L;
            String tap = tap("nerve-regrowth-tinel", "left", "{\"distanceMm\":" + reading[1] + "}", age);
            assertThat(LEXICOR.post("/api/cases/" + code + "/taps", tap).status())
                    .isEqualTo(200);
        }
        JsonNode pace = LEXICOR.get("/api/cases/" + code + "/measures").body().at("/regrowth/0");
        assertThat(pace.get("points")).hasSize(3);
        assertThat(pace.at("/points/1/distanceMm").asDouble()).isEqualTo(21);
        // 10, 21 and 32 mm, ten days apart: exactly 1.1 mm a day.
        assertThat(pace.get("sentence").asString()).contains("1.10 mm a day (95 %: 1.10 to 1.10)", "faster");
        assertThat(pace.get("side").asString()).isEqualTo("left");
    }

    @Test
    void theSameTrialsSentTwiceAreOneReading() {
        String code = open("shoulder-weakness");
        String body = body(UUID.randomUUID(), MUSCLE, "left", "{\"forceN\":[100]}", false);
        JsonNode first = LEXICOR.put("/api/cases/" + code + "/measures", body).body();
        assertThat(LEXICOR.put("/api/cases/" + code + "/measures", body).body()).isEqualTo(first);
        assertThat(LEXICOR.get("/api/cases/" + code + "/taps").body()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            external-rotation-resisted | left  | {"forceN":[1,2,3,4]}   | at most 3
            external-rotation-resisted | left  | {"forceN":[-1]}        | from 0 to 2000 N
            external-rotation-resisted | left  | {"forceN":[450]}       | send it again with sure
            external-rotation-resisted | left  | {"gripKg":[10]}        | gripKg
            external-rotation-resisted | left  | {"leverCm":300}        | from 1 to 100 cm
            external-rotation-resisted | left  | {"cheated":"yes"}      | true or false
            shoulder-flexion           | left  | {"endFeel":"mushy"}    | expected one of
            wrist-flexion              | left  | {"rangeDeg.active":[140]} | from -40 to 120 degrees
            neer                       | left  | {"forceN":[10]}        | there is no measure neer
            external-rotation-resisted | upper | {"forceN":[10]}        | side
            """)
    void whatCannotBeMeasuredIsRefusedAndNothingIsLost(String measure, String side, String changes, String named) {
        String code = open("shoulder-weakness");
        force(code, "left", "[100]");
        JsonNode before = LEXICOR.get("/api/cases/" + code + "/measures").body();
        Answer refused =
                LEXICOR.put("/api/cases/" + code + "/measures", body(UUID.randomUUID(), measure, side, changes, false));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains(named);
        assertThat(LEXICOR.get("/api/cases/" + code + "/measures").body()).isEqualTo(before);
    }

    private static String open(String complaint) {
        return LEXICOR.post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"right\"}".formatted(complaint))
                .body()
                .get("code")
                .asString();
    }

    private static long version(String code) {
        return LEXICOR.get("/api/cases/" + code).body().get("version").asLong();
    }

    private static Answer begin(String code) {
        return LEXICOR.post("/api/cases/" + code + "/visits", "{\"version\":" + version(code) + "}");
    }

    private static Answer force(String code, String side, String trials) {
        return save(code, MUSCLE, side, "{\"forceN\":" + trials + "}");
    }

    private static Answer save(String code, String measure, String side, String changes) {
        Answer saved =
                LEXICOR.put("/api/cases/" + code + "/measures", body(UUID.randomUUID(), measure, side, changes, true));
        assertThat(saved.status()).as("%s", saved.body()).isEqualTo(200);
        return saved;
    }

    private static String body(UUID tapId, String measure, String side, String changes, boolean sure) {
        return "{\"tapId\":\"%s\",\"measure\":\"%s\",\"side\":\"%s\",\"changes\":%s,\"sure\":%s}"
                .formatted(tapId, measure, side, changes, sure);
    }

    private static String tap(String test, String side, String changes, String more) {
        return "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"%s\",\"changes\":%s%s}"
                .formatted(UUID.randomUUID(), test, side, changes, more);
    }

    private static JsonNode measure(JsonNode measures, String id) {
        for (JsonNode m : measures.get("measures")) {
            if (m.get("id").asString().equals(id)) {
                return m;
            }
        }
        throw new AssertionError("not measured");
    }

    private static double tear(JsonNode examination) {
        for (JsonNode c : examination.get("standing").get("conditions")) {
            if (c.get("id").asString().equals("full-thickness-cuff-tear")) {
                return c.get("posttest").asDouble();
            }
        }
        throw new AssertionError("no such condition");
    }
}
