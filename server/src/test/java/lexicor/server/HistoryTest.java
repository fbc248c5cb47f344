package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What happened to a case can be read, stepped back to and brought back. */
class HistoryTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static String open() {
        return "/api/cases/"
                + LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-slipping\",\"involvedSide\":\"right\"}")
                        .body()
                        .get("code")
                        .asString();
    }

    private static String gap(String code, int mm) {
        String id = UUID.randomUUID().toString();
        LEXICOR.post(
                code + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":%d}}"
                        .formatted(id, mm));
        return id;
    }

    private static List<JsonNode> history(String code) {
        return StreamSupport.stream(LEXICOR.get(code + "/history").body().spliterator(), false)
                .toList();
    }

    @Test
    void aReadingOverwrittenByMistakeIsBroughtBack() {
        String code = open();
        String first = gap(code, 22);
        String mistake = gap(code, 2);
        JsonNode entry = history(code).stream()
                .filter(h -> h.path("tap").asString("").equals(mistake))
                .findFirst()
                .orElseThrow();
        assertThat(entry.get("who").asString()).isEqualTo("heron");
        assertThat(entry.get("lines").toString())
                .contains("\"field\":\"gap\"", "\"before\":\"22 mm\"", "\"after\":\"2 mm\"");
        assertThat(entry.get("canBringBack").asBoolean()).isTrue();

        JsonNode then = LEXICOR.get(code + "/history/at?tap=" + first).body();
        assertThat(then.get("readings").toString()).contains("\"gapMm\":22.0");
        assertThat(then.get("conditions")).isNotEmpty();

        JsonNode back = LEXICOR.post(
                        code + "/history/bring-back",
                        "{\"tap\":\"%s\",\"tapId\":\"%s\"}".formatted(mistake, UUID.randomUUID()))
                .body();
        assertThat(back.get("readings").toString()).contains("\"gapMm\":22.0");
        assertThat(history(code))
                .noneMatch(h -> h.path("tap").asString("").equals(mistake)
                        && h.get("canBringBack").asBoolean());
        Answer nothing = LEXICOR.post(
                code + "/history/bring-back", "{\"tap\":\"%s\",\"tapId\":\"%s\"}".formatted(first, UUID.randomUUID()));
        assertThat(nothing.status()).isEqualTo(409);
    }

    @Test
    void everyKindOfChangeIsThereWithWhoAndWhatItWas() {
        String code = open();
        JsonNode view = LEXICOR.get(code).body();
        String intake = view.get("intake").toString();
        LEXICOR.put(
                code + "/intake",
                "{\"version\":%s,\"intake\":%s}"
                        .formatted(
                                view.get("version"), intake.replace("\"mechanism\":\"\"", "\"mechanism\":\"Fell\"")));
        String tap = gap(code, 9);
        LEXICOR.post(code + "/undo", "{\"tapId\":\"%s\"}".formatted(tap));
        LEXICOR.put(
                code + "/measures",
                "{\"tapId\":\"%s\",\"measure\":\"full-can\",\"side\":\"left\",\"changes\":{\"forceN\":[80,84]}}"
                        .formatted(UUID.randomUUID()));
        LEXICOR.put(
                code + "/measures",
                "{\"tapId\":\"%s\",\"measure\":\"full-can\",\"side\":\"left\",\"changes\":{\"forceN\":[90]}}"
                        .formatted(UUID.randomUUID()));
        LEXICOR.get(code + "/weigh-file");
        String all = LEXICOR.get(code + "/history").body().toString();
        assertThat(all)
                .contains("\"kind\":\"taken-back\"", "\"kind\":\"opened\"", "\"kind\":\"exported\"")
                .contains("{\"field\":\"what happened\",\"before\":\"\",\"after\":\"Fell\"}")
                .contains("\"before\":\"80 84\",\"after\":\"90\"");
        assertThat(history(code).stream().filter(h -> h.get("kind").asString().equals("opened")))
                .hasSize(1);
        assertThat(history(code)).allMatch(h -> h.get("who").asString().equals("heron"));
    }

    @Test
    void whatLooksLikePersonalDetailsIsAskedAboutAndKeptWhenMeant() {
        String code = open();
        JsonNode view = LEXICOR.get(code).body();
        String intake = view.get("intake").toString().replace("\"mechanism\":\"\"", "\"mechanism\":\"Mr Plank fell\"");
        String body = "{\"version\":%s,\"intake\":%s,\"sure\":%s}";
        Answer asked = LEXICOR.put(code + "/intake", body.formatted(view.get("version"), intake, false));
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body().get("question").asBoolean()).isTrue();
        assertThat(asked.body().get("detail").asString()).contains("intake.mechanism", "looks like a name");
        assertThat(LEXICOR.put(code + "/intake", body.formatted(view.get("version"), intake, true))
                        .status())
                .isEqualTo(200);
        Answer date = LEXICOR.post(
                "/api/cases", "{\"code\":\"K-120380\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}");
        assertThat(date.body().get("question").asBoolean()).isTrue();
    }
}
