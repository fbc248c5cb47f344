package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is told before anybody is touched: it weighs, it opens questions, it stops tests, and it stands in the report. */
class ToldTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String TUNNEL = "carpal-tunnel";

    @Test
    void theSameShoulderAtSeventeenAndAtSeventyIsNotTheSame() {
        String young = open("shoulder-pain");
        intake(young, i -> i.put("age", 17));
        String old = open("shoulder-pain");
        intake(old, i -> i.put("age", 70));
        for (String at : List.of(young, old)) {
            assertThat(tap(at, "empty-can", "", "{\"weakness.grade\":\"mild\"}").status())
                    .isEqualTo(200);
        }
        JsonNode atSeventeen = standing(young, "full-thickness-cuff-tear");
        JsonNode atSeventy = standing(old, "full-thickness-cuff-tear");
        assertThat(atSeventeen.get("pretest").asDouble()).isLessThan(0.05);
        assertThat(atSeventy.get("pretest").asDouble())
                .isGreaterThan(10 * atSeventeen.get("pretest").asDouble());
        assertThat(atSeventeen.get("posttest").asDouble())
                .isBetween(
                        atSeventeen.get("pretest").asDouble(),
                        atSeventy.get("posttest").asDouble());
    }

    @Test
    void whatIsToldOfAHandMovesCarpalTunnelBeforeAnybodyTouchesIt() {
        String at = open("thumb-side-tingling");
        JsonNode asked = LEXICOR.get(at + "/asked").body();
        List<String> first = texts(asked.get("asked"));
        assertThat(first).hasSizeBetween(3, 6).contains("history/shaking-relieves");
        assertThat(asked.get("opened").values()).allMatch(JsonNode::isEmpty);
        double before = standing(at, TUNNEL).get("posttest").asDouble();
        answer(at, "history/shaking-relieves", true);
        double eased = standing(at, TUNNEL).get("posttest").asDouble();
        assertThat(eased).isGreaterThan(before);
        answer(at, "history/shaking-relieves", false);
        assertThat(standing(at, TUNNEL).get("posttest").asDouble()).isLessThan(before);
        answer(at, "history/shaking-relieves", true);
        // The order stays while one asks; a yes opens what is about the same, and nothing is asked twice.
        JsonNode then = LEXICOR.get(at + "/asked").body();
        assertThat(texts(then.get("asked"))).isEqualTo(first);
        assertThat(then.at("/opened/history~1shaking-relieves")).isNotEmpty();
        List<String> all = new ArrayList<>(first);
        then.get("opened").values().forEach(o -> all.addAll(texts(o)));
        all.addAll(texts(then.get("more")));
        assertThat(all).doesNotHaveDuplicates();
    }

    @Test
    void aTenderSnuffboxAfterAFallStopsTheStressTestsOfThatWristAlone() {
        String at = open("wrist-radial");
        assertThat(tap(at, "snuffbox-tenderness", "", "{\"tender\":true}").status())
                .isEqualTo(200);
        // Before the fall is told nothing is stopped, and what was done by then can be put right afterwards.
        assertThat(tap(at, "midcarpal-shift", "", "{\"pain.present\":false}").status())
                .isEqualTo(200);
        answer(at, "history/fall-on-hand", true);
        for (String test : List.of("scaphoid-shift", "lunotriquetral-ballottement", "ulnocarpal-stress")) {
            Answer refused = tap(at, test, "", "{\"pain.present\":true}");
            assertThat(refused.status()).as(test).isEqualTo(409);
        }
        assertThat(tap(at, "midcarpal-shift", "", "{\"pain.present\":true}").status())
                .isEqualTo(200);
        assertThat(tap(at, "finger-flexors", "", "{\"cannotHold\":true}").status())
                .isNotEqualTo(409);
        assertThat(LEXICOR.get(at).body().at("/examination/warnings").toString())
                .containsIgnoringCase("snuffbox");
    }

    @Test
    void twoComplaintsInOneCaseAreAskedPlannedAndReportedTogether() {
        String at = open("shoulder-stiff");
        Set<String> questions =
                new HashSet<>(texts(LEXICOR.get(at + "/asked").body().get("asked")));
        intake(at, i -> {
            i.put("alsoComplaint", "thumb-side-tingling");
            Set<String> there = new HashSet<>();
            i.get("candidates").forEach(c -> there.add(c.get("condition").asString()));
            i.withArray("candidates").addObject().put("condition", TUNNEL).put("suspicion", "as-usual");
            assertThat(there).doesNotContain(TUNNEL);
        });
        JsonNode view = LEXICOR.get(at).body();
        assertThat(view.get("complaintName").asString()).contains("Stiff shoulder", "ingling");
        assertThat(texts(view.at("/plan/tests"))).doesNotHaveDuplicates().contains("shoulder-movements", "phalen");
        assertThat(texts(view.at("/plan/core/tests"))).contains("shoulder-movements", "phalen");
        JsonNode asked = LEXICOR.get(at + "/asked").body();
        assertThat(texts(asked.get("asked"))).hasSizeLessThanOrEqualTo(6);
        assertThat(asked.toString()).contains("history/shaking-relieves", "history/stiff-for-years");
        assertThat(questions).doesNotContain("history/shaking-relieves");
        assertThat(report(at)).contains("Stiff shoulder", "ingling in thumb");
    }

    @Test
    void aPositiveForWhatIsNoCandidateOffersItUntilItIsOne() {
        String at = open("shoulder-pain");
        assertThat(LEXICOR.get(at).body().at("/examination/besides")).isEmpty();
        tap(at, "apprehension", "", "{\"apprehension\":true}");
        JsonNode besides = LEXICOR.get(at).body().at("/examination/besides");
        assertThat(besides.get(0).get("condition").asString()).isEqualTo("anterior-instability");
        assertThat(besides.get(0).get("finding").asString()).containsIgnoringCase("apprehension");
        intake(at, i -> i.withArray("candidates")
                .addObject()
                .put("condition", "anterior-instability")
                .put("suspicion", "as-usual"));
        assertThat(LEXICOR.get(at).body().at("/examination/besides").toString())
                .doesNotContain("\"anterior-instability\"");
        JsonNode added = standing(at, "anterior-instability");
        assertThat(added.get("posttest").asDouble())
                .isGreaterThan(added.get("pretest").asDouble());
    }

    @Test
    void theReportHasWhatWasToldAndNamesWhatOfTheCoreWasNotDoneAndWhy() {
        String at = open("shoulder-pain");
        intake(at, i -> {
            i.putObject("told")
                    .put("onset", "gradual")
                    .put("duration", "since the boats came in")
                    .put("painAtNight", 6)
                    .put("work", "sands hulls at the boatyard");
            i.putArray("precautions").add("infection");
        });
        assertThat(report(at))
                .contains("since the boats came in", "sands hulls at the boatyard", "at night 6")
                .containsPattern("Shoulder movements[^.]*, of the core of this visit: not done because of infection");
        Answer name = LEXICOR.intake(at, i -> i.putObject("told").put("eases", "Mr Halloway rubs it"));
        assertThat(name.status()).isEqualTo(422);
        assertThat(name.body().get("question").asBoolean()).isTrue();
        assertThat(name.body().get("detail").asString()).contains("told.eases");
    }

    @Test
    void aFileOfACaseHasWhatWasToldItsSetsAndWhatWasSaidOfItsWarnings() {
        String at = open("neck-arm");
        intake(at, i -> {
            i.put("alsoComplaint", "little-side-tingling");
            i.putObject("told").put("eases", "the arm on a cushion").put("painNow", 2);
        });
        JsonNode view = LEXICOR.get(at).body();
        List<String> tests = texts(view.at("/plan/tests"));
        LEXICOR.put(
                at + "/plan",
                "{\"version\":%s,\"tests\":%s,\"arrange\":true,\"sets\":[\"cord-screen\"]}"
                        .formatted(view.get("version"), JsonMapper.shared().writeValueAsString(tests)));
        tap(at, "hoffmann", "", "{\"visible\":true}");
        LEXICOR.post(
                at + "/warnings",
                "{\"warning\":\"cord-signs\",\"state\":\"excluded\",\"reason\":\"the same on both sides since childhood\"}");
        ObjectNode file = LEXICOR.get(at + "/file").body().asObject();
        assertThat(texts(file.get("sets"))).containsExactly("cord-screen");
        assertThat(file.at("/settled/0/why").asString()).contains("since childhood");
        file.remove("weigh");
        file.put("code", "TL-001");
        file.at("/taps/0").asObject().put("id", UUID.randomUUID().toString());
        JsonNode preview = LEXICOR.caller()
                .upload("/api/exchange/import", file.toString().getBytes(UTF_8))
                .body();
        LEXICOR.post("/api/exchange/import/" + preview.get("id").asString(), "{}");
        ObjectNode there = LEXICOR.get("/api/cases/TL-001/file").body().asObject();
        there.remove("weigh");
        assertThat(there).isEqualTo(file);
        assertThat(LEXICOR.get("/api/cases/TL-001").body().at("/examination/blocked"))
                .isEmpty();

        file.put("code", "TL-002");
        file.at("/taps/0").asObject().put("id", UUID.randomUUID().toString());
        file.at("/settled/0").asObject().put("why", " ");
        file.at("/intake/told").asObject().put("eases", "Mr Halloway rubs it");
        JsonNode refused = LEXICOR.caller()
                .upload("/api/exchange/import", file.toString().getBytes(UTF_8))
                .body();
        assertThat(refused.toString()).contains("settled[0].why");
        file.at("/settled/0").asObject().put("why", "seen before");
        JsonNode doubted = LEXICOR.caller()
                .upload("/api/exchange/import", file.toString().getBytes(UTF_8))
                .body();
        assertThat(doubted.toString()).contains("TL-002, what is told: looks like");
    }

    private static String open(String complaint) {
        return "/api/cases/"
                + LEXICOR.post("/api/cases", "{\"complaint\":\"%s\",\"involvedSide\":\"right\"}".formatted(complaint))
                        .body()
                        .get("code")
                        .asString();
    }

    private static Answer tap(String at, String test, String place, String changes) {
        return LEXICOR.post(
                at + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"%s\",\"side\":\"right\",\"changes\":%s}"
                        .formatted(UUID.randomUUID(), test, place, changes));
    }

    private static void answer(String at, String question, boolean yes) {
        intake(at, i -> i.withObject("answers").put(question, yes));
    }

    private static void intake(String at, Consumer<ObjectNode> change) {
        Answer saved = LEXICOR.intake(at, change);
        assertThat(saved.status()).as(String.valueOf(saved.body())).isEqualTo(200);
    }

    private static JsonNode standing(String at, String condition) {
        Map<String, JsonNode> byId = new HashMap<>();
        LEXICOR.get(at)
                .body()
                .at("/examination/standing/conditions")
                .forEach(c -> byId.put(c.get("id").asString(), c));
        return byId.get(condition);
    }

    private static List<String> texts(JsonNode list) {
        List<String> texts = new ArrayList<>();
        list.forEach(t -> texts.add(t.asString()));
        return texts;
    }

    private static String report(String at) {
        JsonNode report = LEXICOR.post(at + "/reports", "{\"kind\":\"record\"}").body();
        return new String(LEXICOR.caller().download(at + "/reports/" + report.get("id") + "/text?dates=false"), UTF_8);
    }
}
