package lexicor.server;

import static lexicor.server.AtPractice.at;
import static lexicor.server.AtPractice.deed;
import static lexicor.server.AtPractice.did;
import static lexicor.server.AtPractice.done;
import static lexicor.server.AtPractice.end;
import static lexicor.server.AtPractice.hunch;
import static lexicor.server.AtPractice.tried;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Stations, rounds and quick questions: who composes, who sits, what is counted. */
class StationsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static Caller student;
    private static Caller other;
    private static Caller clinician;

    @BeforeAll
    static void people() {
        student = Accounts.in(LEXICOR, "b-dunlin", "student");
        other = Accounts.in(LEXICOR, "b-knot", "student");
        clinician = Accounts.in(LEXICOR, "b-ruff", "clinician");
    }

    private static String station(String name, boolean once) {
        return """
                {"name":"%s","complaint":"shoulder-pain","setting":"community","seed":12,"minutes":10,"once":%s,
                 "wish":{"conditions":["frozen-shoulder"],"precautions":[],"warnings":[]},
                 "marks":[{"kind":"permission","points":2},{"kind":"test","test":"neer","points":3},{"kind":"plan","points":1}],
                 "given":["b-dunlin"]}
                """
                .formatted(name, once);
    }

    private static long compose(String name, boolean once) {
        return done(LEXICOR.post("/api/practice/stations", station(name, once)))
                .get("id")
                .asLong();
    }

    private static String sit(Caller caller, long station) {
        return at(done(caller.post("/api/practice/stations/" + station + "/sittings", "{}")));
    }

    @Test
    void aStationIsComposedSatMarkedAndGoesOutAsATable() {
        long id = compose("Stiff", true);
        assertThat(student.get("/api/practice/stations")
                        .body()
                        .at("/toSit/0/mayBegin")
                        .asBoolean())
                .isTrue();
        assertThat(student.get("/api/practice/stations").body().get("made")).isEmpty();
        String at = sit(student, id);
        assertThat(sit(student, id)).as("one goes on where one was").isEqualTo(at);
        String side =
                student.get(at + "/encounter").body().at("/person/involved").asString();
        deed(student, at, "\"kind\":\"said\",\"said\":\"permission\"");
        done(hunch(student, at, false, 0.2));
        assertThat(tried(student, at, "\"kind\":\"peeked\"").status())
                .as("the program keeps its own at a station")
                .isEqualTo(409);
        deed(student, at, did("neer", side));
        deed(student, at, "\"kind\":\"looked\"");
        done(hunch(student, at, true, 0.2));
        done(end(student, at, "frozen-shoulder"));
        assertThat(student.post("/api/practice/stations/" + id + "/sittings", "{}")
                        .status())
                .isEqualTo(409);

        JsonNode results =
                LEXICOR.get("/api/practice/stations/" + id + "/results").body();
        assertThat(results.get("points").asInt()).isEqualTo(6);
        JsonNode sitting = results.at("/sittings/0");
        assertThat(sitting.get("person").asString()).isEqualTo("b-dunlin");
        assertThat(sitting.at("/marked/0/got").asInt()).as("permission").isEqualTo(2);
        assertThat(sitting.at("/marked/1/got").asInt())
                .as("done, and nothing recorded")
                .isEqualTo(1);
        assertThat(sitting.at("/marked/2/got").asInt()).as("the plan fits").isEqualTo(1);
        assertThat(sitting.get("got").asInt()).isEqualTo(4);
        assertThat(student.get("/api/practice/stations/" + id + "/results")
                        .body()
                        .get("sittings"))
                .hasSize(1);
        String csv = new String(
                LEXICOR.caller().download("/api/practice/stations/" + id + "/results.csv"), StandardCharsets.UTF_8);
        assertThat(csv.lines().findFirst().orElseThrow())
                .startsWith("student,ended,Permission,")
                .contains("points,of");
        assertThat(csv.lines().skip(1).findFirst().orElseThrow())
                .startsWith("b-dunlin,")
                .contains(",4,6,");
    }

    @Test
    void whoItIsNotGivenToDoesNotSitItAndOnlyALeadComposes() {
        long id = compose("Not for all", false);
        for (Caller caller : List.of(other, clinician)) {
            assertThat(caller.post("/api/practice/stations/" + id + "/sittings", "{}")
                            .status())
                    .isEqualTo(404);
            assertThat(caller.get("/api/practice/stations/" + id + "/results").status())
                    .isEqualTo(404);
        }
        for (Caller caller : List.of(student, clinician)) {
            assertThat(caller.post("/api/practice/stations", station("Mine", true))
                            .status())
                    .isEqualTo(403);
            assertThat(caller.put("/api/practice/stations/" + id, station("Mine", true))
                            .status())
                    .isEqualTo(403);
            assertThat(caller.delete("/api/practice/stations/" + id).status()).isEqualTo(403);
            assertThat(caller.post("/api/practice/rounds", "{}").status()).isEqualTo(403);
        }
        assertThat(LEXICOR.post("/api/practice/stations/" + id + "/sittings", "{}")
                        .status())
                .as("a lead is not given it")
                .isEqualTo(404);
    }

    @Test
    void aStationThatCannotBeIsRefusedWithItsField() {
        String good = station("Good", true);
        for (String[] wrong : new String[][] {
            {"\"name\":\"Good\"", "\"name\":\" \"", "name"},
            {"shoulder-pain", "toothache", "complaint"},
            {"\"minutes\":10", "\"minutes\":2", "minutes"},
            {"frozen-shoulder", "trigger-finger", "wish.conditions"},
            {"\"test\":\"neer\"", "\"test\":\"none\"", "marks[1].test"},
            {"\"kind\":\"plan\",\"points\":1", "\"kind\":\"plan\",\"points\":99", "marks[2]"},
            {"b-dunlin", "nobody", "given"},
        }) {
            Answer refused = LEXICOR.post("/api/practice/stations", good.replace(wrong[0], wrong[1]));
            assertThat(refused.status()).as(wrong[2]).isEqualTo(422);
            assertThat(refused.body().at("/errors/0/field").asString()).isEqualTo(wrong[2]);
        }
        long id = compose("Changed", true);
        assertThat(LEXICOR.put("/api/practice/stations/" + id, good.replace("\"name\"", "\"version\":99,\"name\""))
                        .status())
                .as("over another version")
                .isEqualTo(409);
    }

    @Test
    void aRoundGivesItsStationsRingsAndIsSeenByWhoGoesRound() {
        long first = compose("First", false);
        long second = compose("Second", false);
        String round =
                "{\"name\":\"Morning\",\"stations\":[%d,%d],\"students\":[\"b-knot\"],\"minutes\":8,\"pauseMinutes\":2}"
                        .formatted(first, second);
        long id = done(LEXICOR.post("/api/practice/rounds", round)).get("id").asLong();
        assertThat(student.get("/api/practice/rounds").body()).as("not in it").isEmpty();
        JsonNode mine = other.get("/api/practice/rounds").body().get(0);
        assertThat(mine.has("startedAt")).isFalse();
        assertThat(other.post("/api/practice/rounds/" + id + "/start", "{}").status())
                .isEqualTo(403);
        done(LEXICOR.post("/api/practice/rounds/" + id + "/start", "{}"));
        assertThat(other.get("/api/practice/rounds").body().get(0).has("startedAt"))
                .isTrue();
        sit(other, second);
        assertThat(LEXICOR.post("/api/practice/rounds", round.replace("\"minutes\":8", "\"minutes\":0"))
                        .body()
                        .at("/errors/0/field")
                        .asString())
                .isEqualTo("minutes");
        assertThat(LEXICOR.delete("/api/practice/rounds/" + id).status()).isEqualTo(204);
        assertThat(other.get("/api/practice/rounds").body()).isEmpty();
    }

    @Test
    void aQuestionIsAskedAnsweredAndComesAgainToWhomItWasAskedAlone() {
        for (String kind : List.of("separate", "baseRate", "landmark", "arc", "verdict")) {
            JsonNode asked = done(student.get("/api/practice/drills/next?kind=" + kind));
            assertThat(asked.has("answer")).as("the answer is not sent along").isFalse();
            String answer =
                    "{\"kind\":\"%s\",\"key\":%s,\"answer\":\"none of them\"}".formatted(kind, asked.get("key"));
            JsonNode told = done(student.post("/api/practice/drills/answers", answer));
            assertThat(told.get("right").asBoolean()).isFalse();
            JsonNode right = done(student.post(
                    "/api/practice/drills/answers",
                    answer.replace("none of them", told.get("answer").asString())));
            assertThat(right.get("right").asBoolean()).isTrue();
            assertThat(right.get("dueAt").asString())
                    .isGreaterThan(told.get("dueAt").asString());
        }
        JsonNode tallies = student.get("/api/practice/drills").body().get("tallies");
        assertThat(tallies).allSatisfy(t -> {
            assertThat(t.get("right").asInt()).isEqualTo(1);
            assertThat(t.get("wrong").asInt()).isEqualTo(1);
        });
        assertThat(clinician.get("/api/practice/drills").body().get("tallies"))
                .allSatisfy(t -> assertThat(t.get("wrong").asInt()).isZero());
        assertThat(student.get("/api/practice/drills/next?kind=juggling").status())
                .isEqualTo(422);
        assertThat(student.post("/api/practice/drills/answers", "{\"kind\":\"arc\",\"key\":\"x\",\"answer\":\"y\"}")
                        .status())
                .isEqualTo(422);
    }
}
