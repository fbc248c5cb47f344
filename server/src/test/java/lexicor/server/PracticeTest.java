package lexicor.server;

import static lexicor.server.AtPractice.at;
import static lexicor.server.AtPractice.deed;
import static lexicor.server.AtPractice.did;
import static lexicor.server.AtPractice.done;
import static lexicor.server.AtPractice.end;
import static lexicor.server.AtPractice.hunch;
import static lexicor.server.AtPractice.tried;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A student practises on simulated patients; a lead looks on; nothing of it is a case. */
class PracticeTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static Caller student;
    private static Caller other;
    private static Caller clinician;

    @BeforeAll
    static void people() {
        student = Accounts.in(LEXICOR, "a-dunlin", "student");
        other = Accounts.in(LEXICOR, "a-knot", "student");
        clinician = Accounts.in(LEXICOR, "a-ruff", "clinician");
    }

    private static String begin(Caller caller, String more) {
        JsonNode begun = done(caller.post("/api/practice/patients", "{\"complaint\":\"shoulder-pain\"" + more + "}"));
        return at(begun);
    }

    /** Seeds of the same patient, so that what follows is the same every time. */
    @Test
    void theSameSeedIsTheSamePatientForEverybody() {
        String mine = begin(student, ",\"seed\":77,\"setting\":\"specialist\"");
        String theirs = begin(other, ",\"seed\":77,\"setting\":\"specialist\"");
        assertThat(student.get(mine + "/encounter").body().get("person"))
                .isEqualTo(other.get(theirs + "/encounter").body().get("person"));
        assertThat(student.get(theirs).status()).isEqualTo(404);
    }

    @Test
    void aPatientIsAskedExaminedJudgedAndTalkedOver() {
        String at = begin(student, ",\"seed\":4,\"minutes\":15");
        JsonNode met = student.get(at + "/encounter").body();
        String involved = met.at("/person/involved").asString();
        assertThat(met.at("/person/opening").asString()).isNotEmpty();
        assertThat(met.toString()).doesNotContain("\"present\"");
        assertThat(tried(student, at, did("neer", involved)).status())
                .as("no hunch yet")
                .isEqualTo(409);
        done(hunch(student, at, false, 0.2));

        deed(student, at, "\"kind\":\"said\",\"said\":\"permission\"");
        JsonNode asked = deed(student, at, "\"kind\":\"asked\",\"question\":\"history\",\"id\":\"history/night-pain\"");
        assertThat(asked.get("questions")).anySatisfy(q -> {
            assertThat(q.get("id").asString()).isEqualTo("history/night-pain");
            assertThat(q.get("words").asString()).isNotEmpty();
        });
        JsonNode neer = deed(student, at, did("neer", involved));
        assertThat(neer.at("/replies/0").has("shown")).as("nobody looked").isFalse();
        assertThat(neer.get("used").asDouble()).isGreaterThan(0);
        JsonNode looked = deed(student, at, "\"kind\":\"looked\"");
        assertThat(looked.at("/replies/0/shown")).isNotEmpty();
        assertThat(hunch(student, at, false, 0.9).status())
                .as("what was thought before stays")
                .isEqualTo(409);

        JsonNode tapped = tap(student, at, "neer", involved);
        assertThat(tapped.at("/standing/conditions"))
                .as("the program keeps its own")
                .isEmpty();
        assertThat(tapped.at("/findings")).isNotEmpty();
        assertThat(end(student, at, "").status()).as("no hunch at the end").isEqualTo(409);
        assertThat(student.get(at + "/debrief").status()).isEqualTo(409);
        done(hunch(student, at, true, 0.3));
        JsonNode debrief = done(end(student, at, ""));
        assertThat(debrief.get("truth").asString()).isNotEmpty();
        assertThat(debrief.get("judged")).hasSize(met.get("candidates").size());
        assertThat(debrief.get("points"))
                .anySatisfy(p -> assertThat(p.get("words").asString()).contains("other side"));
        assertThat(student.get(at + "/debrief").body()).isEqualTo(debrief);
        assertThat(tried(student, at, did("speed", involved)).status())
                .as("over")
                .isEqualTo(409);
        assertThat(student.get(at).body().at("/examination/standing/conditions"))
                .isNotEmpty();
        assertThat(student.get("/api/practice/hunches")
                        .body()
                        .at("/hunches/hunches")
                        .asInt())
                .isGreaterThanOrEqualTo(met.get("candidates").size());
    }

    private static JsonNode tap(Caller caller, String at, String test, String side) {
        return done(caller.post(
                at + "/taps",
                "{\"tapId\":\"%s\",\"test\":\"%s\",\"at\":\"\",\"side\":\"%s\",\"changes\":{\"pain.present\":true,\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID(), test, side)));
    }

    @Test
    void whoAsksForTheProgramsOwnSeesItAndItIsNoted() {
        String at = begin(student, ",\"seed\":5");
        done(hunch(student, at, false, 0.2));
        deed(student, at, "\"kind\":\"peeked\"");
        assertThat(student.get(at).body().at("/examination/standing/conditions"))
                .isNotEmpty();
        done(hunch(student, at, true, 0.2));
        assertThat(done(end(student, at, "")).get("peeked").asBoolean()).isTrue();
    }

    @Test
    void aTapIsTakenBackAndSentTwiceIsOne() {
        String at = begin(student, ",\"seed\":6");
        String side = student.get(at).body().at("/intake/involvedSide").asString();
        String tap =
                "{\"tapId\":\"%s\",\"test\":\"speed\",\"at\":\"\",\"side\":\"%s\",\"changes\":{\"pain.present\":true}}"
                        .formatted(UUID.randomUUID(), side);
        done(student.post(at + "/taps", tap));
        JsonNode twice = done(student.post(at + "/taps", tap));
        assertThat(twice.get("lastTaps")).hasSize(1);
        JsonNode back = done(student.post(
                at + "/undo",
                "{\"tapId\":\"%s\"}".formatted(twice.at("/lastTaps/0/tapId").asString())));
        assertThat(back.get("readings")).isEmpty();
        assertThat(done(student.get(at + "/taps")))
                .singleElement()
                .satisfies(t -> assertThat(t.get("takenBack").asBoolean()).isTrue());
        assertThat(student.post(at + "/taps", tap.replace("speed", "nothing")).status())
                .isEqualTo(422);
    }

    @Test
    void whatIsBlockedTakesAReasonAsOnTheCouch() {
        // A patient with a precaution that blocks something, told when asked.
        for (int seed = 1; seed < 200; seed++) {
            String at = begin(other, ",\"seed\":" + seed);
            done(hunch(other, at, false, 0.2));
            String side = other.get(at).body().at("/intake/involvedSide").asString();
            deed(other, at, "\"kind\":\"asked\",\"question\":\"precaution\",\"id\":\"recent-surgery\"");
            JsonNode blocked = other.get(at).body().at("/examination/blocked");
            if (!blocked.isEmpty()) {
                String test = blocked.get(0).get("test").asString();
                String place = LEXICOR.get("/api/catalogue")
                        .body()
                        .get("tests")
                        .valueStream()
                        .filter(t -> t.get("id").asString().equals(test))
                        .findFirst()
                        .orElseThrow()
                        .at("/boards/0/at")
                        .asString();
                String deed =
                        "\"kind\":\"did\",\"test\":\"%s\",\"at\":\"%s\",\"side\":\"%s\"".formatted(test, place, side);
                assertThat(tried(other, at, deed).status()).isEqualTo(409);
                done(other.post(
                        at + "/overrides",
                        "{\"test\":\"%s\",\"reason\":\"The surgeon agreed to it\"}".formatted(test)));
                deed(other, at, deed);
                return;
            }
        }
        throw new AssertionError("nobody was operated on");
    }

    @Test
    void practiceIsOnesOwnALeadLooksOnAndNothingOfItIsACase() {
        String at = begin(student, ",\"seed\":8");
        String name = "a-dunlin";
        assertThat(other.get(at + "/encounter").status()).isEqualTo(404);
        assertThat(clinician.get(at + "/encounter").status()).isEqualTo(404);
        assertThat(other.get("/api/practice/hunches?of=" + name).status()).isEqualTo(404);
        assertThat(clinician.get("/api/practice/students/" + name + "/patients").status())
                .isEqualTo(403);
        assertThat(LEXICOR.get(at + "/encounter").body().get("own").asBoolean()).isFalse();
        assertThat(LEXICOR.get("/api/practice/students/" + name + "/patients").body())
                .isNotEmpty();
        assertThat(LEXICOR.get("/api/practice/home").body().get("students"))
                .extracting(s -> s.get("name").asString())
                .contains(name, "a-knot")
                .doesNotContain("a-ruff");
        assertThat(LEXICOR.post(at + "/end", "{\"key\":\"%s\"}".formatted(UUID.randomUUID()))
                        .status())
                .as("a lead changes nothing of it")
                .isEqualTo(404);
        String own = begin(clinician, "");
        assertThat(LEXICOR.get(own + "/encounter").status())
                .as("a clinician's own")
                .isEqualTo(404);
        assertThat(LEXICOR.get("/api/cases").body()).isEmpty();
        assertThat(student.get("/api/cases").status()).isEqualTo(403);
    }

    @Test
    void itGoesOutAsAFileAndCanBeDeleted() {
        Caller third = Accounts.in(LEXICOR, "a-sanderling", "student");
        String at = begin(third, ",\"seed\":9");
        done(hunch(third, at, false, 0.1));
        JsonNode file = done(third.get("/api/practice/file"));
        assertThat(file.at("/patients/0/seed").asLong()).isEqualTo(9);
        assertThat(file.at("/patients/0/steps/0/kind").asString()).isEqualTo("hunch");
        assertThat(third.delete("/api/practice").status()).isEqualTo(204);
        assertThat(third.get(at).status()).isEqualTo(404);
        assertThat(done(third.get("/api/practice/file")).get("patients")).isEmpty();
        assertThat(other.get("/api/practice/home").status()).isEqualTo(200);
    }

    @Test
    void whatCannotBeIsRefusedWithItsField() {
        List<String> refused = new ArrayList<>();
        for (String body : List.of(
                "{\"complaint\":\"toothache\"}",
                "{\"complaint\":\"shoulder-pain\",\"minutes\":2}",
                "{\"seed\":\"x\"}")) {
            Answer answer = student.post("/api/practice/patients", body);
            assertThat(answer.status()).isIn(400, 422);
            refused.add(answer.body().toString());
        }
        assertThat(refused.get(0)).contains("complaint");
        assertThat(refused.get(1)).contains("minutes");
        String at = begin(student, ",\"seed\":10");
        assertThat(hunch(student, at, false, 1.5).body().toString()).contains("probabilities.");
        assertThat(tried(student, at, "\"kind\":\"asked\",\"question\":\"history\",\"id\":\"history/none\"")
                        .status())
                .isEqualTo(422);
    }
}
