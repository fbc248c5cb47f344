package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A file adds to a record and never rewrites it, and comes in through the same questions and blocks as a tap. */
class CaseFileRulesTest {
    private static final JsonMapper JSON = new JsonMapper();

    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static Caller tern;
    private static Caller plover;

    @BeforeAll
    static void people() {
        tern = Accounts.in(LEXICOR, "tern", "clinician");
        plover = Accounts.in(LEXICOR, "plover", "clinician");
    }

    private static void tap(Caller who, String code, String test, String changes) {
        Answer answer = who.post(
                "/api/cases/" + code + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"right\",\"changes\":%s}"
                        .formatted(UUID.randomUUID(), test, changes));
        assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
    }

    private static ObjectNode file(Caller who, String code) {
        return (ObjectNode) who.get("/api/cases/" + code + "/file").body();
    }

    private static JsonNode look(Caller who, JsonNode file) {
        Answer answer = who.upload("/api/exchange/import", file.toString().getBytes(UTF_8));
        assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
        return answer.body();
    }

    private static Answer bring(Caller who, JsonNode look, String answers) {
        return who.post("/api/exchange/import/" + look.get("id").asString(), answers);
    }

    private static ObjectNode firstTap(ObjectNode file) {
        return (ObjectNode) file.at("/taps/0");
    }

    /** A tap like another with an id of its own, made now. */
    private static ObjectNode another(ObjectNode tap, String test, String changes) {
        ObjectNode made = tap.deepCopy();
        made.put("id", UUID.randomUUID().toString()).put("test", test).set("changes", JSON.readTree(changes));
        return made;
    }

    @Test
    void noFieldOfARecordedTapCanBeRewritten() {
        Accounts.newCase(tern, "RW-1");
        tap(tern, "RW-1", "sulcus", "{\"gapMm\":12}");
        ObjectNode file = file(tern, "RW-1");
        JsonNode recorded = tern.get("/api/cases/RW-1/taps").body();
        Map<String, JsonNode> otherwise = Map.of(
                "test", JSON.readTree("\"gagey\""),
                "side", JSON.readTree("\"left\""),
                "changes", JSON.readTree("{\"gapMm\":2}"),
                "tapped", JSON.readTree("{\"at\":\"2026-01-01T00:00:00Z\",\"day\":0}"),
                "recorded", JSON.readTree("{\"at\":\"2026-01-01T00:00:00Z\",\"day\":0}"),
                "device", JSON.readTree("\"another\""),
                "takenBack", JSON.readTree("true"));
        otherwise.forEach((field, value) -> {
            ObjectNode changed = file.deepCopy();
            firstTap(changed).set(field, value);
            JsonNode look = look(tern, changed);
            assertThat(look.get("refused").asInt()).as(field).isEqualTo(1);
            assertThat(look.at("/cases/0/why").asString()).as(field).contains("taps[0]");
            assertThat(bring(tern, look, "{\"sure\":true}").status()).as(field).isEqualTo(409);
        });
        ObjectNode elsewhere = file.deepCopy();
        ((ArrayNode) elsewhere.get("visits")).set(0, JSON.readTree("{\"at\":\"2026-01-01T00:00:00Z\",\"day\":0}"));
        assertThat(look(tern, elsewhere).at("/cases/0/why").asString()).contains("visits[0]");
        assertThat(tern.get("/api/cases/RW-1/taps").body()).isEqualTo(recorded);
    }

    @Test
    void whatIsNewBelongsToWhoBroughtItInAndTheHistorySaysSo() {
        Accounts.newCase(tern, "RW-2");
        tap(tern, "RW-2", "sulcus", "{\"gapMm\":12}");
        JsonNode view = tern.get("/api/cases/RW-2").body();
        tern.put(
                "/api/cases/RW-2/sharing",
                "{\"version\":%s,\"owner\":\"tern\",\"shares\":[\"plover\"]}".formatted(view.get("version")));
        ObjectNode file = file(plover, "RW-2");
        ((ArrayNode) file.get("taps")).add(another(firstTap(file), "sulcus", "{\"gapMm\":25}"));
        JsonNode look = look(plover, file);
        assertThat(look.get("changed").asInt()).as(look.toString()).isEqualTo(1);
        assertThat(bring(plover, look, "{}").body().get("state").asString()).isEqualTo("done");
        int own = 0;
        int brought = 0;
        for (JsonNode h : tern.get("/api/cases/RW-2/history").body()) {
            if (h.get("kind").asString().equals("tap")) {
                own += h.get("who").asString().equals("tern")
                                && !h.get("broughtIn").asBoolean()
                        ? 1
                        : 0;
                brought += h.get("who").asString().equals("plover")
                                && h.get("broughtIn").asBoolean()
                        ? 1
                        : 0;
            }
        }
        assertThat(own).isEqualTo(1);
        assertThat(brought).isEqualTo(1);
        assertThat(tern.get("/api/cases/RW-2/history").body().toString()).contains("\"brought-in\"");
    }

    @Test
    void aBlockedTestsTapInAFileTakesItsWrittenReason() {
        Accounts.newCase(tern, "RW-3");
        tap(tern, "RW-3", "sulcus", "{\"gapMm\":12}");
        ObjectNode file = file(tern, "RW-3").put("code", "RW-4");
        ((ArrayNode) file.at("/intake/precautions")).add("known-recent-subluxation");
        ((ArrayNode) file.get("taps")).add(another(firstTap(file), "jerk", "{\"pain.familiar\":true}"));
        JsonNode look = look(tern, file);
        assertThat(look.get("refused").asInt()).as(look.toString()).isZero();
        assertThat(look.get("blocked").toString()).contains("Jerk test");
        assertThat(bring(tern, look, "{}").status()).isEqualTo(422);
        assertThat(bring(tern, look, "{\"reason\":\"too short\"}").status()).isEqualTo(422);
        assertThat(tern.get("/api/cases/RW-4").status()).isEqualTo(404);
        String reason = "Done at the referring clinic, before the subluxation was known";
        assertThat(bring(tern, look, "{\"reason\":\"" + reason + "\"}").status())
                .isEqualTo(200);
        assertThat(tern.get("/api/cases/RW-4/history").body().toString()).contains(reason, "went-ahead");

        // One that has its reason in the file needs no other.
        ObjectNode whole = file(tern, "RW-4").put("code", "RW-5");
        assertThat(look(tern, whole).get("blocked")).isEmpty();
    }

    @Test
    void aFileIsAskedAboutNamesAndControlCharactersAreRefused() {
        Accounts.newCase(tern, "RW-6");
        ObjectNode file = file(tern, "RW-6").put("code", "RW-010190");
        ((ObjectNode) file.get("intake")).put("mechanism", "Mr Plank fell from the quay");
        JsonNode look = look(tern, file);
        assertThat(look.get("doubts").toString()).contains("date of birth", "a name");
        Answer asked = bring(tern, look, "{}");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body().get("question").asBoolean()).isTrue();
        assertThat(bring(tern, look, "{\"sure\":true}").status()).isEqualTo(200);

        ObjectNode dirty = file(tern, "RW-6").put("code", "RW-7");
        ((ObjectNode) dirty.get("intake")).put("mechanism", "fell\u0007");
        Answer refused = tern.upload("/api/exchange/import", dirty.toString().getBytes(UTF_8));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains("intake.mechanism", "control character");
        Answer half = tern.put(
                "/api/cases/RW-6/intake",
                "{\"version\":0,\"intake\":"
                        + file(tern, "RW-6")
                                .get("intake")
                                .toString()
                                .replace("\"mechanism\":\"\"", "\"mechanism\":\"\\ud800\"")
                        + "}");
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.body().get("detail").asString()).contains("intake.mechanism");
    }

    @Test
    void aTextThatNoDocumentHoldsDoesNotStopTheReport() {
        Accounts.newCase(tern, "RW-8");
        JsonNode report =
                tern.post("/api/cases/RW-8/reports", "{\"kind\":\"record\"}").body();
        LEXICOR.part(org.springframework.jdbc.core.JdbcTemplate.class)
                .update(
                        "update report set sections = replace(sections, '\"text\":\"', '\"text\":\"' || ?) where id = ?",
                        "\\u0007\\ud800",
                        report.get("id").asLong());
        byte[] pdf = tern.download("/api/cases/RW-8/reports/" + report.get("id") + "/pdf");
        assertThat(new String(pdf, 0, 5, UTF_8)).isEqualTo("%PDF-");
    }

    @Test
    void noAnswerTellsWhetherSomebodyElsesCaseExists() {
        Accounts.newCase(tern, "SEC-1");
        tap(tern, "SEC-1", "sulcus", "{\"gapMm\":12}");
        ObjectNode file = file(tern, "SEC-1");

        // The same code of one's own, by typing and by a file; the same tap's id.
        Accounts.newCase(plover, "SEC-1");
        Answer again = plover.post(
                "/api/cases", "{\"code\":\"SEC-1\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}");
        assertThat(again.status()).isEqualTo(409);
        Caller dunlin = Accounts.in(LEXICOR, "dunlin", "clinician");
        assertThat(look(dunlin, file).get("added").asInt()).isEqualTo(1);
        assertThat(plover.post(
                                "/api/cases/SEC-1/taps",
                                "{\"tapId\":%s,\"test\":\"sulcus\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"gapMm\":3}}"
                                        .formatted(firstTap(file).get("id")))
                        .status())
                .isEqualTo(200);
        assertThat(tern.get("/api/cases/SEC-1/taps").body()).hasSize(1);

        // Shared, both are there: one's own by its code, the other's with who made it.
        JsonNode view = tern.get("/api/cases/SEC-1").body();
        tern.put(
                "/api/cases/SEC-1/sharing",
                "{\"version\":%s,\"owner\":\"tern\",\"shares\":[\"plover\"]}".formatted(view.get("version")));
        assertThat(plover.get("/api/cases?search=sec").body().toString()).contains("\"SEC-1\"", "\"SEC-1~tern\"");
        JsonNode shared = plover.get("/api/cases/SEC-1~tern").body();
        assertThat(shared.get("owner").asString()).isEqualTo("tern");
        assertThat(shared.get("code").asString()).isEqualTo("SEC-1~tern");
        assertThat(plover.get("/api/cases/SEC-1").body().get("owner").asString())
                .isEqualTo("plover");
        tap(plover, "SEC-1~tern", "sulcus", "{\"gapMm\":14}");
        assertThat(tern.get("/api/cases/SEC-1/taps").body()).hasSize(2);
        assertThat(tern.get("/api/cases/SEC-1").body().get("code").asString()).isEqualTo("SEC-1");
    }

    /** Two patients can come to have one code: what is meant for one is never recorded of the other. */
    @Test
    void aRequestThatNamesItsCaseIsNotTakenForAnotherOfThatCode() throws Exception {
        Accounts.newCase(tern, "TWO-1");
        Accounts.newCase(plover, "TWO-1");
        JsonNode mine = tern.get("/api/cases/TWO-1").body();
        JsonNode theirs = plover.get("/api/cases/TWO-1").body();
        String tap = "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":9}}"
                .formatted(UUID.randomUUID());
        Answer other = tern.meaning(theirs.get("id").asString(), "/api/cases/TWO-1/taps", tap);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.body().get("detail").asString()).contains("another case");
        assertThat(tern.meaning(mine.get("id").asString(), "/api/cases/TWO-1/taps", tap)
                        .status())
                .isEqualTo(200);
        assertThat(tern.get("/api/cases/TWO-1/taps").body()).hasSize(1);
        assertThat(plover.get("/api/cases/TWO-1/taps").body()).isEmpty();
    }

    @Test
    void aDeletedCaseCanBeBroughtBackByALeadUntilItIsGone() {
        Accounts.newCase(tern, "DEL-1");
        tap(tern, "DEL-1", "sulcus", "{\"gapMm\":12}");
        JsonNode asked = tern.post("/api/cases/DEL-1/deletion", "{\"reason\":\"Opened for a try\"}")
                .body();
        tern.delete("/api/cases/DEL-1?confirmation=" + asked.get("confirmation").asString());
        assertThat(tern.get("/api/cases/DEL-1").status()).isEqualTo(404);
        assertThat(plover.get("/api/history").body().toString()).doesNotContain("Opened for a try");
        JsonNode deleted = LEXICOR.get("/api/deleted-cases").body();
        assertThat(deleted.toString()).contains("DEL-1", "Opened for a try", "\"deletedBy\":\"tern\"");
        String back = "/api/deleted-cases/" + deleted.at("/0/id") + "/bring-back";
        assertThat(tern.post(back, "").status()).isEqualTo(403);
        assertThat(LEXICOR.post(back, "").status()).isEqualTo(204);
        assertThat(LEXICOR.post(back, "").status()).isEqualTo(404);
        assertThat(tern.get("/api/cases/DEL-1/taps").body()).hasSize(1);
        assertThat(LEXICOR.get("/api/deleted-cases").body()).isEmpty();
        assertThat(LEXICOR.get("/api/history").body().toString()).contains("brought back");
        assertThat(tern.get("/api/cases/DEL-1/history").body().toString()).contains("deleted");
    }
}
