package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A closed case stays whole as it was, whatever becomes of the content and the settings after it. */
@Tag("slow")
class ClosedCaseTest {
    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static final List<String> CODES = List.of("HB-001", "HB-002", "HB-011");

    private static final JsonMapper JSON = JsonMapper.shared();

    /** How something of each kind is changed so that every answer that uses it would show it. */
    private static final Map<String, Consumer<ObjectNode>> CHANGES = Map.ofEntries(
            Map.entry("test", f -> {
                f.put("name", f.get("name").asString() + " (done anew)");
                f.put("minutes", f.get("minutes").asDouble() + 2);
                ((ArrayNode) f.get("contraindications")).removeAll().add("severe-osteoporosis");
                f.get("criteria").forEach(c -> ((ObjectNode) c)
                        .put("label", c.get("label").asString() + " anew"));
            }),
            Map.entry("condition", f -> f.put("name", f.get("name").asString() + " (as now called)")
                    .put("onward", "Elsewhere.")),
            Map.entry("complaint", f -> f.put("name", f.get("name").asString() + ", as now asked")),
            Map.entry("question", f -> f.put("ask", f.get("ask").asString() + ", as now asked")),
            Map.entry("warning", f -> f.put("message", "Quite another message.")),
            Map.entry("ladder", f -> f.put("name", "Another ladder")),
            Map.entry("cluster", f -> f.put("name", "Another cluster")),
            Map.entry("count", f -> f.put("note", "Another habit.")),
            Map.entry("precaution", f -> f.put("label", "Another precaution")),
            Map.entry("core", f -> f.put("because", "Another reason")),
            Map.entry("stage-rule", f -> f.put("because", "Another reason")),
            Map.entry("set", f -> f.put("name", "Another set")),
            Map.entry("definition", f -> f.put("name", "Another definition")),
            Map.entry("provoked-family", ClosedCaseTest::another),
            Map.entry("provoked-test", ClosedCaseTest::another),
            Map.entry("provoked-criterion", ClosedCaseTest::another),
            Map.entry("examined-family", ClosedCaseTest::another),
            Map.entry("judged", f -> f.put("with", "nearly always").put("without", "hardly ever")),
            Map.entry("kin", ClosedCaseTest::another),
            Map.entry("settle-first", ClosedCaseTest::another),
            Map.entry("age-odds", f -> f.put("46-64", 9.5).put("65-or-over", 9.5)),
            Map.entry("sex-odds", f -> f.put("female", 9.5)));

    private static void another(ObjectNode entry) {
        ((ArrayNode) entry.get("conditions")).removeAll().add("hand-fracture");
    }

    @Test
    void everyAnswerAboutItIsTheSameByteForByte() {
        for (String code : CODES) {
            assertThat(LEXICOR.post(
                                    "/api/cases/" + code + "/taps",
                                    """
                                    {"tapId":"%s","test":"neer","at":"","side":"right","changes":{"pain.present":true}}
                                    """
                                            .formatted(UUID.randomUUID()))
                            .status())
                    .isLessThan(300);
            JsonNode view = LEXICOR.get("/api/cases/" + code).body();
            ObjectNode intake = view.get("intake").deepCopy().asObject();
            intake.putArray("precautions").add("severe-osteoporosis").add("open-wound");
            intake.putArray("warnings").add("infection");
            assertThat(LEXICOR.put(
                                    "/api/cases/" + code + "/intake",
                                    "{\"version\":" + view.get("version") + ",\"intake\":" + intake + "}")
                            .status())
                    .isEqualTo(200);
            long version =
                    LEXICOR.get("/api/cases/" + code).body().get("version").asLong();
            assertThat(LEXICOR.put(
                                    "/api/cases/" + code + "/closure",
                                    "{\"version\":%d,\"closed\":true}".formatted(version))
                            .status())
                    .isEqualTo(200);
        }
        Map<String, String> before = answers();
        assertThat(before.get("HB-001")).contains("severe-osteoporosis", "infection");
        changeEverySetting();
        changeEveryEntry();
        addAFigure();
        Map<String, String> after = answers();
        before.forEach(
                (address, answer) -> assertThat(after.get(address)).as(address).isEqualTo(answer));
        // Beside it stands where it would be today, which does follow.
        assertThat(LEXICOR.get("/api/cases/HB-001/weighed")
                        .body()
                        .at("/closed/changes")
                        .asBoolean())
                .isTrue();
        assertThat(LEXICOR.get("/api/cases/HB-001/weighed")
                        .body()
                        .at("/closed/today/0/name")
                        .asString())
                .contains("as now called");
        assertThat(LEXICOR.get("/api/cases/HB-003").body().toString()).contains("as now asked");
    }

    /** Everything that can be asked of the closed cases, by a name for it. */
    private static Map<String, String> answers() {
        Map<String, String> answers = new LinkedHashMap<>();
        for (String code : CODES) {
            String path = "/api/cases/" + code;
            JsonNode view = LEXICOR.get(path).body();
            answers.put(code, view.toString());
            ObjectNode weighed =
                    LEXICOR.get(path + "/weighed").body().deepCopy().asObject();
            // Where it would stand today is meant to follow today.
            ((ObjectNode) weighed.get("closed")).remove(List.of("today", "changes"));
            answers.put(code + " weighed", weighed.toString());
            for (String part : List.of(
                    "weigh-file", "measures", "visits", "taps", "file", "short-sequence?minutes=10", "reports")) {
                answers.put(
                        code + " " + part, LEXICOR.get(path + "/" + part).body().toString());
            }
            List<String> candidates = new ArrayList<>();
            view.at("/intake/candidates")
                    .forEach(c -> candidates.add(c.get("condition").asString()));
            answers.put(
                    code + " apart",
                    LEXICOR.get(path + "/apart?first=" + candidates.get(0) + "&second=" + candidates.get(1))
                            .body()
                            .toString());
            answers.put(
                    code + " what if",
                    LEXICOR.post(path + "/what-if", "{\"outcomes\":{\"neer/pain\":\"positive\"},\"suspicions\":{}}")
                            .body()
                            .toString());
            answers.put(
                    code + " paper", new String(LEXICOR.caller().download(path + "/paper"), StandardCharsets.UTF_8));
            JsonNode taps = LEXICOR.get(path + "/taps").body();
            String last = taps.get(taps.size() - 1).get("tapId").asString();
            answers.put(
                    code + " then",
                    LEXICOR.get(path + "/history/at?tap=" + last).body().toString());
            StringBuilder recorded = new StringBuilder();
            for (JsonNode h : LEXICOR.get(path + "/history").body()) {
                // That it was looked at is written down as well.
                if (!List.of("opened", "exported").contains(h.get("kind").asString())) {
                    recorded.append(h).append('\n');
                }
            }
            answers.put(code + " history", recorded.toString());
        }
        return answers;
    }

    private static void changeEverySetting() {
        ObjectNode settings = LEXICOR.get("/api/settings").body().deepCopy().asObject();
        settings.put("school", "independent")
                .put("highBias", "asPrinted")
                .put("familyOverlap", 0.3)
                .put("generalOverlap", 0.1)
                .put("deficitPercent", 40)
                .put("shortDegrees", 44)
                .put("headStartPercent", 10)
                .put("timeZone", "Pacific/Kiritimati")
                .put("codePrefix", "ZZ")
                .put("why", "Everything is tried");
        settings.putObject("errors").put("forceN", 50).put("rangeDeg", 30);
        settings.putObject("variants").put("sulcus", "Grades");
        assertThat(LEXICOR.put("/api/settings?sure=true", settings.toString()).status())
                .isEqualTo(200);
    }

    /** Of every kind a few, those that the closed cases use among them. */
    private static void changeEveryEntry() {
        Set<String> used = new HashSet<>();
        for (String code : CODES) {
            JsonNode view = LEXICOR.get("/api/cases/" + code).body();
            used.add("complaint " + view.at("/intake/complaint").asString());
            for (int i = 0; i < 4; i++) {
                used.add("test "
                        + view.at("/examination/readings/" + i + "/test").asString());
                used.add("condition "
                        + view.at("/intake/candidates/" + i + "/condition").asString());
            }
        }
        Map<String, Integer> changed = new LinkedHashMap<>();
        for (JsonNode line : LEXICOR.get("/api/evidence/entries").body().get("entries")) {
            String kind = line.get("kind").asString();
            String id = line.get("id").asString();
            boolean first = changed.getOrDefault(kind, 0) < 2;
            if (!first && !used.contains(kind + " " + id)) {
                continue;
            }
            changed.merge(kind, 1, Integer::sum);
            String path = "/api/evidence/entries/" + kind + "/" + id;
            JsonNode entry = LEXICOR.get(path).body();
            assertThat(entry.has("fields")).as("%s %s", path, entry).isTrue();
            ObjectNode fields = entry.get("fields").deepCopy().asObject();
            CHANGES.get(kind).accept(fields);
            ObjectNode body = JSON.createObjectNode();
            body.put("version", entry.get("version").asLong()).set("fields", fields);
            body.put("why", "Everything is tried").put("sure", true);
            Caller.Answer answer = LEXICOR.put(path, body.toString());
            assertThat(answer.status()).as("%s %s", path, answer.body()).isEqualTo(200);
        }
        assertThat(changed.keySet()).containsExactlyInAnyOrderElementsOf(CHANGES.keySet());
    }

    private static void addAFigure() {
        assertThat(LEXICOR.post(
                                "/api/evidence/figures",
                                """
                                {"criterion":"neer/pain","condition":"subacromial-pain","kind":"study","source":"Harbour audit",
                                 "year":2026,"counts":{"tp":120,"fn":4,"fp":3,"tn":170},"referenceStandard":"imaging",
                                 "population":"our clinic","bias":"low","confidence":"medium","note":"","why":"our own audit"}
                                """)
                        .status())
                .isEqualTo(201);
    }
}
