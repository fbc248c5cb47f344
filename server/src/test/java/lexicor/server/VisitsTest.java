package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Visits have their days, also those on paper; each is weighed by its own findings and says what stood before. */
class VisitsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void anEarlierVisitIsEnteredFromPaperUnderItsDayAndTheLaterOneStaysAsItIs() {
        String at = open();
        tap(at, 1, "apprehension", "{\"apprehension\":true}");
        JsonNode paper =
                done(LEXICOR.post(at + "/visits", "{\"version\":%s,\"day\":\"2026-09-03\"}".formatted(version(at))));
        assertThat(paper.get("visit").asInt()).isEqualTo(2);
        assertThat(paper.at("/visits/1").asString()).startsWith("2026-09-03T");
        assertThat(paper.at("/examination/readings")).isEmpty();
        // Nothing is earlier than the visit on paper, so nothing stood before it.
        tap(at, 2, "sulcus", "{\"gapMm\":25}");
        assertThat(condition(at, "anterior-instability").has("last")).isFalse();

        JsonNode today = done(LEXICOR.put(at + "/visits/1/open", "{\"version\":%s}".formatted(version(at))));
        assertThat(today.get("visit").asInt()).isEqualTo(1);
        assertThat(today.at("/examination/readings").toString())
                .contains("apprehension")
                .doesNotContain("gapMm");
        JsonNode before = condition(at, "multidirectional-instability").get("last");
        assertThat(before.get("words").asString()).matches("not tested today, last \\d+ % on 3 September");
    }

    @Test
    void aTapStaysWithTheVisitThatItWasMadeAt() {
        String at = open();
        tap(at, 1, "apprehension", "{\"apprehension\":true}");
        done(LEXICOR.post(at + "/visits", "{\"version\":%s}".formatted(version(at))));
        tap(at, 2, "sulcus", "{\"gapMm\":4}");
        // One that was on its way while somebody opened the next visit.
        tap(at, 1, "relocation", "{\"relief\":true}");
        assertThat(LEXICOR.get(at).body().at("/examination/readings").toString())
                .contains("gapMm")
                .doesNotContain("relief");
        done(LEXICOR.put(at + "/visits/1/open", "{\"version\":%s}".formatted(version(at))));
        assertThat(LEXICOR.get(at).body().at("/examination/readings").toString())
                .contains("relief")
                .doesNotContain("gapMm");
    }

    @Test
    void aFreshVisitSaysWhyItStandsAtTheBaseRatesAgain() {
        String at = open();
        tap(at, 1, "apprehension", "{\"apprehension\":true}");
        assertThat(LEXICOR.get(at).body().at("/examination/standing").has("fresh"))
                .isFalse();
        JsonNode second = done(LEXICOR.post(at + "/visits", "{\"version\":%s}".formatted(version(at))));
        assertThat(second.at("/examination/standing/fresh").asString()).contains("base rate");
        for (JsonNode c : second.at("/examination/standing/conditions")) {
            assertThat(c.has("probabilityFirst")).as(c.get("id").asString()).isFalse();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1899-12-31", "2999-01-01", "yesterday"})
    void aDayThatCannotBeIsRefused(String day) {
        String at = open();
        Answer refused =
                LEXICOR.put(at + "/visits/1/day", "{\"version\":%s,\"day\":\"%s\"}".formatted(version(at), day));
        assertThat(refused.status()).isBetween(400, 422);
        assertThat(refused.body().toString()).contains("day");
        Answer missing = LEXICOR.put(at + "/visits/1/day", "{\"version\":%s}".formatted(version(at)));
        assertThat(missing.body().get("detail").asString()).contains("day: missing");
        Answer none = LEXICOR.put(
                at + "/visits/4/day", "{\"version\":%s,\"day\":\"%s\"}".formatted(version(at), LocalDate.EPOCH));
        assertThat(none.body().get("detail").asString()).contains("expected 1 to 1");
    }

    /** A free text is asked about once where it looks like a name, as every other, and its tap is kept as sent. */
    @Test
    void aNoteThatLooksLikeANameIsAskedAbout() {
        String at = open();
        String note = "{\"mark.note\":\"portal scars, operated on by Dr Ada Heron in 2019\"}";
        Answer asked = send(at, 1, "sulcus", note, false);
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body().get("question").asBoolean()).isTrue();
        assertThat(LEXICOR.get(at + "/taps").body()).isEmpty();
        done(send(at, 1, "sulcus", note, true));
        assertThat(LEXICOR.get(at)
                        .body()
                        .at("/examination/readings/0/values")
                        .get("mark.note")
                        .asString())
                .isEqualTo("portal scars, operated on by Dr Ada Heron in 2019");
        assertThat(LEXICOR.get(at).body().at("/examination/findings").findValuesAsString("outcome"))
                .as("a note weighs nothing")
                .doesNotContain("positive", "negative");
    }

    private static String open() {
        return "/api/cases/"
                + done(LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-slipping\",\"involvedSide\":\"right\"}"))
                        .get("code")
                        .asString();
    }

    private static void tap(String at, int visit, String test, String changes) {
        done(send(at, visit, test, changes, false));
    }

    private static Answer send(String at, int visit, String test, String changes, boolean sure) {
        return LEXICOR.post(
                at + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"right\",\"visit\":%d,\"sure\":%s,\"changes\":%s}"
                        .formatted(UUID.randomUUID(), test, visit, sure, changes));
    }

    private static JsonNode condition(String at, String id) {
        for (JsonNode c : LEXICOR.get(at).body().at("/examination/standing/conditions")) {
            if (c.get("id").asString().equals(id)) {
                return c;
            }
        }
        throw new AssertionError("no candidate " + id);
    }

    private static String version(String at) {
        return LEXICOR.get(at).body().get("version").toString();
    }

    private static JsonNode done(Answer answer) {
        assertThat(answer.status()).as("%s", answer.body()).isIn(200, 201);
        return answer.body();
    }
}
