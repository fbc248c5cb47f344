package lexicor.server;

import static lexicor.server.Examined.close;
import static lexicor.server.Examined.condition;
import static lexicor.server.Examined.done;
import static lexicor.server.Examined.neer;
import static lexicor.server.Examined.note;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What came out of a case is noted beside it, speaks by its strongest reference, and changes nothing of the case. */
class OutcomesTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String PAIN = "subacromial-pain";
    private static final String TEAR = "full-thickness-cuff-tear";
    private static final LocalDate TODAY = LocalDate.now();

    private static String examined(String code) {
        Accounts.newCase(LEXICOR.caller(), code);
        neer(LEXICOR.caller(), code, true);
        return code;
    }

    private static Answer noted(String code, String reference, LocalDate on, String answers) {
        return note(LEXICOR.caller(), code, reference, on, answers);
    }

    private static JsonNode outcome(String code) {
        return LEXICOR.get("/api/cases/" + code + "/outcome").body();
    }

    @Test
    void theStrongestReferenceSpeaksAndTheCaseStaysAsItWas() {
        String code = examined("OUT-1");
        close(LEXICOR.caller(), code);
        JsonNode before = LEXICOR.get("/api/cases/" + code + "/weighed").body();
        long version = LEXICOR.get("/api/cases/" + code).body().get("version").asLong();
        double shown = posttest(before, PAIN);

        done(noted(code, "mri", TODAY, "{\"%s\":\"absent\",\"%s\":\"present\"}".formatted(PAIN, TEAR)));
        JsonNode known = done(noted(code, "arthroscopy", TODAY, "{\"%s\":\"present\"}".formatted(PAIN)));
        assertThat(condition(known, PAIN).at("/known/present").asBoolean()).isTrue();
        assertThat(condition(known, PAIN).at("/known/referenceWords").asString())
                .isEqualTo("arthroscopy");
        assertThat(condition(known, PAIN).at("/known/of").asInt()).isEqualTo(2);
        assertThat(condition(known, TEAR).at("/known/present").asBoolean()).isTrue();
        assertThat(condition(known, PAIN).at("/foreseen/shown").asDouble()).isEqualTo(shown);

        long arthroscopy = known.at("/notes/1/id").asLong();
        JsonNode back = done(LEXICOR.delete("/api/cases/" + code + "/outcome/notes/" + arthroscopy));
        assertThat(condition(back, PAIN).at("/known/present").asBoolean())
                .as("without it the other speaks")
                .isFalse();
        assertThat(back.at("/notes/1/takenBackBy").asString()).isEqualTo("heron");

        JsonNode view = LEXICOR.get("/api/cases/" + code).body();
        assertThat(view.get("version").asLong()).isEqualTo(version);
        assertThat(LEXICOR.get("/api/cases/" + code + "/weighed").body()).isEqualTo(before);
        assertThat(LEXICOR.get("/api/cases/" + code + "/history").body().toString())
                .contains("What came out", "by arthroscopy of " + TODAY, "by MRI of " + TODAY);
    }

    private static double posttest(JsonNode weighed, String id) {
        for (JsonNode c : weighed.at("/standing/conditions")) {
            if (c.get("id").asString().equals(id)) {
                return c.get("posttest").asDouble();
            }
        }
        throw new AssertionError("no " + id);
    }

    @Test
    void whatWasThoughtIsKeptAsItWasBeforeItWasKnown() {
        String code = examined("OUT-2");
        done(LEXICOR.put(
                "/api/cases/" + code + "/outcome/hunches", "{\"probabilities\":{\"%s\":0.8}}".formatted(PAIN)));
        JsonNode first = done(noted(code, "ultrasound", TODAY, "{\"%s\":\"present\"}".formatted(PAIN)));
        double then = condition(first, PAIN).at("/foreseen/shown").asDouble();
        assertThat(condition(first, PAIN).at("/foreseen/hunch").asDouble()).isEqualTo(0.8);
        Examined.tap(LEXICOR.caller(), code, "hawkins-kennedy", "{\"pain.present\":true,\"pain.familiar\":true}");
        JsonNode again = done(noted(code, "mri", TODAY, "{\"%s\":\"present\"}".formatted(PAIN)));
        assertThat(condition(again, PAIN).at("/foreseen/shown").asDouble()).isEqualTo(then);
        // Known before anybody examined: nothing was foreseen.
        JsonNode late = done(noted(code, "xray", TODAY.minusDays(3), "{\"%s\":\"absent\"}".formatted(TEAR)));
        assertThat(condition(late, TEAR).has("foreseen")).isFalse();
        assertThat(LEXICOR.put(
                                "/api/cases/" + code + "/outcome/hunches",
                                "{\"probabilities\":{\"%s\":0.3}}".formatted(PAIN))
                        .status())
                .as("it is known already")
                .isEqualTo(409);
    }

    @Test
    void whatCannotBeNotedIsRefusedAtItsField() {
        String code = examined("OUT-3");
        refused(noted(code, "mri", TODAY.plusDays(1), "{\"%s\":\"present\"}".formatted(PAIN)), "on");
        refused(noted(code, "mri", TODAY, "{}"), "answers");
        refused(noted(code, "mri", TODAY, "{\"no-such-thing\":\"present\"}"), "answers.no-such-thing");
        refused(noted(code, "follow-up", TODAY, "{\"%s\":\"absent\"}".formatted(PAIN)), "months");
        refused(
                LEXICOR.put(
                        "/api/cases/" + code + "/outcome/hunches", "{\"probabilities\":{\"%s\":1}}".formatted(PAIN)),
                "probabilities." + PAIN);
        refused(
                LEXICOR.post(
                        "/api/cases/" + code + "/outcome/notes",
                        "{\"key\":\"%s\",\"reference\":\"mri\",\"on\":\"%s\",\"answers\":{\"%s\":\"present\"},\"note\":\"Mr Harbour, born 1970\"}"
                                .formatted(UUID.randomUUID(), TODAY, PAIN)),
                "note");
        assertThat(outcome(code).get("notes")).isEmpty();
    }

    private static void refused(Answer answer, String field) {
        assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(422);
        assertThat(answer.body().at("/errors/0/field").asString()).isEqualTo(field);
    }

    @Test
    void aReferralWaitsUntilItsAnswerComesAndTheSameIsNotedOnce() {
        String code = examined("OUT-4");
        LocalDate sent = TODAY.minusWeeks(9);
        String referral =
                "{\"key\":\"%s\",\"reference\":\"nerve-study\",\"on\":\"%s\"}".formatted(UUID.randomUUID(), sent);
        done(LEXICOR.post("/api/cases/" + code + "/outcome/referrals", referral));
        done(LEXICOR.post("/api/cases/" + code + "/outcome/referrals", referral));
        JsonNode waiting = LEXICOR.get("/api/outcomes/waiting").body();
        assertThat(waiting).hasSize(1);
        assertThat(waiting.at("/0/words").asString()).isEqualTo("referred for a nerve study 9 weeks ago");
        assertThat(waiting.at("/0/late").asBoolean()).isTrue();
        assertThat(Accounts.in(LEXICOR, "c-ruff", "clinician")
                        .get("/api/outcomes/waiting")
                        .body())
                .as("another's case")
                .isEmpty();

        String note = "{\"key\":\"%s\",\"reference\":\"nerve-study\",\"on\":\"%s\",\"answers\":{\"%s\":\"not-known\"}}"
                .formatted(UUID.randomUUID(), TODAY, PAIN);
        done(LEXICOR.post("/api/cases/" + code + "/outcome/notes", note));
        JsonNode twice = done(LEXICOR.post("/api/cases/" + code + "/outcome/notes", note));
        assertThat(twice.get("notes")).hasSize(1);
        assertThat(condition(twice, PAIN).has("known")).as("an open answer").isFalse();
        assertThat(LEXICOR.get("/api/outcomes/waiting").body()).isEmpty();
        // Taken back, it is waited for again; then no answer will come.
        long id = twice.at("/notes/0/id").asLong();
        JsonNode back = done(LEXICOR.delete("/api/cases/" + code + "/outcome/notes/" + id));
        assertThat(back.at("/referrals/0/waiting").asBoolean()).isTrue();
        long waited = back.at("/referrals/0/id").asLong();
        JsonNode ended = done(LEXICOR.put(
                "/api/cases/" + code + "/outcome/referrals/" + waited, "{\"why\":\"Moved to another town\"}"));
        assertThat(ended.at("/referrals/0/waiting").asBoolean()).isFalse();
        assertThat(ended.at("/referrals/0/why").asString()).isEqualTo("Moved to another town");
    }

    @Test
    void theReportThatCameBackIsKeptAndCanBeTakenAwayForGood() {
        String code = examined("OUT-5");
        JsonNode noted = done(noted(code, "mri", TODAY, "{\"%s\":\"present\"}".formatted(TEAR)));
        String reports = "/api/cases/" + code + "/outcome/notes/"
                + noted.at("/notes/0/id").asLong() + "/reports";
        byte[] pdf = "%PDF-1.7 a shoulder".getBytes(StandardCharsets.US_ASCII);
        Caller caller = LEXICOR.caller();
        refused(caller.upload(reports + "?name=a.pdf", "just words".getBytes(StandardCharsets.UTF_8)), "file");
        refused(caller.upload(reports + "?name=..%2Fa.pdf", pdf), "name");
        byte[] large = Arrays.copyOf(pdf, (10 << 20) + 1);
        refused(caller.upload(reports + "?name=large.pdf", large), "file");
        JsonNode kept = done(caller.upload(reports + "?name=shoulder.pdf", pdf));
        long id = kept.at("/notes/0/reports/0/id").asLong();
        String address = "/api/cases/" + code + "/outcome/reports/" + id;
        assertThat(caller.download(address)).isEqualTo(pdf);
        assertThat(Accounts.in(LEXICOR, "c-knot", "clinician").get(address).status())
                .as("another's case")
                .isEqualTo(404);
        JsonNode gone = done(LEXICOR.delete(address));
        assertThat(gone.at("/notes/0/reports/0/removedBy").asString()).isEqualTo("heron");
        assertThat(LEXICOR.get(address).status()).isEqualTo(404);
        assertThat(LEXICOR.count("select count(*) from outcome_report_content where report_id = " + id))
                .isZero();
    }

    @Test
    void whatCameOutGoesWithTheCasesFileAndSpeaksWhereItIsBroughtIn() {
        String code = examined("OUT-6");
        done(noted(code, "mri", TODAY, "{\"%s\":\"absent\"}".formatted(PAIN)));
        long id = done(noted(code, "opinion", TODAY, "{\"%s\":\"present\"}".formatted(PAIN)))
                .at("/notes/1/id")
                .asLong();
        done(LEXICOR.delete("/api/cases/" + code + "/outcome/notes/" + id));
        String file = LEXICOR.get("/api/cases/" + code + "/file").body().toString();
        Caller other = Accounts.in(LEXICOR, "c-dotterel", "clinician");
        JsonNode looked = done(other.upload("/api/exchange/import", file.getBytes(StandardCharsets.UTF_8)));
        JsonNode in = done(other.post("/api/exchange/import/" + looked.get("id").asString(), "{}"));
        assertThat(in.get("added").asInt()).as(String.valueOf(in)).isEqualTo(1);
        JsonNode there = other.get("/api/cases/" + code + "/outcome").body();
        assertThat(there.get("notes")).hasSize(2);
        assertThat(there.at("/notes/1/takenBackBy").asString()).isEqualTo("c-dotterel");
        assertThat(condition(there, PAIN).at("/known/present").asBoolean()).isFalse();
        assertThat(condition(there, PAIN).has("foreseen"))
                .as("by other figures it would be another thought")
                .isFalse();
        String nonsense = file.replace("\"reference\":\"mri\"", "\"reference\":\"x-ray-vision\"");
        assertThat(done(other.upload("/api/exchange/import", nonsense.getBytes(StandardCharsets.UTF_8)))
                        .toString())
                .contains("there is no reference x-ray-vision");
    }
}
