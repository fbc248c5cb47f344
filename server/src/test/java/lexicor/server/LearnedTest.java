package lexicor.server;

import static lexicor.server.Examined.close;
import static lexicor.server.Examined.done;
import static lexicor.server.Examined.neer;
import static lexicor.server.Examined.note;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Locale;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a department learns from its own cases, and takes over when a lead says so. */
class LearnedTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String PAIN = "subacromial-pain";
    private static final LocalDate TODAY = LocalDate.now();

    /** Positive and there, positive and not, negative and there, negative and not. */
    private static final int[] CELLS = {14, 6, 5, 12};

    private static Caller tern;

    /** Thirty-seven people with an answer and eight without; all but one of the negative ones without are the clinician's own. */
    @BeforeAll
    static void aSmallDepartment() {
        tern = Accounts.in(LEXICOR, "e-tern", "clinician");
        int made = 0;
        for (int cell = 0; cell < CELLS.length; cell++) {
            for (int i = 0; i < CELLS[cell]; i++) {
                String code = examined(LEXICOR.caller(), "LE-" + made++, cell < 2);
                done(note(
                        LEXICOR.caller(),
                        code,
                        "mri",
                        TODAY,
                        "{\"%s\":\"%s\"}".formatted(PAIN, cell % 2 == 0 ? "present" : "absent")));
            }
        }
        for (int i = 0; i < 8; i++) {
            examined(i == 0 ? LEXICOR.caller() : tern, "LE-" + made++, false);
        }
    }

    private static String examined(Caller caller, String code, boolean positive) {
        Accounts.newCase(caller, code);
        neer(caller, code, positive);
        return code;
    }

    private static JsonNode table(Caller caller, String query) {
        for (JsonNode row : done(caller.get("/api/outcomes/accuracy" + query)).get("rows")) {
            if (row.get("of").asString().equals("neer/pain")
                    && row.get("condition").asString().equals(PAIN)) {
                return row;
            }
        }
        return null;
    }

    @Test
    void theTableStandsBesideThePublishedFiguresWithWhoWasVerified() {
        JsonNode row = table(LEXICOR.caller(), "");
        assertThat(row.get("tp").asInt()).isEqualTo(14);
        assertThat(row.get("fp").asInt()).isEqualTo(6);
        assertThat(row.get("fn").asInt()).isEqualTo(5);
        assertThat(row.get("tn").asInt()).isEqualTo(12);
        assertThat(row.get("positiveOnly").asInt()).isZero();
        assertThat(row.get("negativeOnly").asInt()).isEqualTo(8);
        assertThat(row.at("/sensitivity/value").asDouble()).isEqualTo(14 / 19.0);
        // Everybody positive was verified, of 25 negatives 17: the missed ones among the rest count too.
        double missed = 5 * 25 / 17.0;
        assertThat(row.at("/correctedSensitivity/value").asDouble())
                .isCloseTo(14 / (14 + missed), org.assertj.core.api.Assertions.within(1e-9));
        assertThat(row.get("sentence").asString()).contains("20 of 20 positives and 17 of 25 negatives");
        assertThat(row.get("small").asBoolean()).isFalse();
        assertThat(row.at("/published/sensitivity/value").asDouble()).isBetween(0.3, 0.95);
    }

    @Test
    void anExaminerSeesTheirOwnAndNobodyElses() {
        assertThat(tern.get("/api/outcomes/accuracy?examiner=heron").status()).isEqualTo(403);
        assertThat(tern.get("/api/outcomes/foresight?examiner=heron").status()).isEqualTo(403);
        assertThat(done(tern.get("/api/outcomes/accuracy")).get("examiners").toString())
                .isEqualTo("[\"e-tern\"]");
        assertThat(table(tern, "?examiner=e-tern"))
                .as("nothing of theirs is verified")
                .isNull();
        assertThat(table(LEXICOR.caller(), "?examiner=heron").get("tp").asInt()).isEqualTo(14);
        assertThat(table(LEXICOR.caller(), "?reference=ultrasound")).isNull();
        assertThat(tern.get("/api/outcomes/accuracy?setting=anywhere").status()).isEqualTo(422);
    }

    @Test
    void aLeadMakesItAStudyThatStaysAtItsCountUntilItIsBroughtUpToDate() {
        String closed = examined(LEXICOR.caller(), "LE-100", true);
        close(LEXICOR.caller(), closed);
        JsonNode before = LEXICOR.get("/api/cases/" + closed + "/weighed").body();
        JsonNode published = table(LEXICOR.caller(), "").get("published");
        assertThat(study(true).status()).isEqualTo(204);
        JsonNode row = table(LEXICOR.caller(), "");
        assertThat(row.get("study").asString()).isEqualTo("as-it-is");
        assertThat(row.get("published")).as("never with the own cases in it").isEqualTo(published);
        JsonNode pair = LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=" + PAIN)
                .body();
        assertThat(pair.toString()).contains("Own cases", "MRI 37", "not-yet-checked");
        JsonNode after = LEXICOR.get("/api/cases/" + closed + "/weighed").body();
        assertThat(after.get("standing")).isEqualTo(before.get("standing"));

        String more = examined(LEXICOR.caller(), "LE-101", true);
        done(note(LEXICOR.caller(), more, "mri", TODAY, "{\"%s\":\"present\"}".formatted(PAIN)));
        assertThat(table(LEXICOR.caller(), "").get("study").asString()).isEqualTo("earlier");
        assertThat(study(true).status()).isEqualTo(204);
        assertThat(table(LEXICOR.caller(), "").get("study").asString()).isEqualTo("as-it-is");
        assertThat(LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=" + PAIN)
                        .body()
                        .toString())
                .contains("MRI 38");
        assertThat(study(false).status()).isEqualTo(204);
        assertThat(table(LEXICOR.caller(), "").get("study").asString()).isEqualTo("no");
        // The counts of this one are put back, so that the other tests find what they count.
        long id = LEXICOR.get("/api/cases/" + more + "/outcome")
                .body()
                .at("/notes/0/id")
                .asLong();
        done(LEXICOR.delete("/api/cases/" + more + "/outcome/notes/" + id));
        remove(more);
        remove(closed);
    }

    private static void remove(String code) {
        String confirmation = LEXICOR.post("/api/cases/" + code + "/deletion", "{\"reason\":\"Made for a test alone\"}")
                .body()
                .get("confirmation")
                .asString();
        assertThat(LEXICOR.delete("/api/cases/" + code + "?confirmation=" + confirmation)
                        .status())
                .isEqualTo(204);
    }

    private static Caller.Answer study(boolean on) {
        return LEXICOR.post(
                "/api/outcomes/accuracy/study",
                "{\"of\":\"neer/pain\",\"condition\":\"%s\",\"on\":%s,\"why\":\"Agreed at the meeting\"}"
                        .formatted(PAIN, on));
    }

    @Test
    void aBaseRateIsTakenOverAndClosedCasesKeepTheirs() {
        String closed = examined(LEXICOR.caller(), "LE-200", true);
        close(LEXICOR.caller(), closed);
        JsonNode kept = LEXICOR.get("/api/cases/" + closed + "/weighed").body();
        JsonNode row = rate();
        assertThat(row.get("known").asInt()).isEqualTo(37);
        assertThat(row.get("present").asInt()).isEqualTo(19);
        double start = row.get("start").asDouble();
        double learned = (20 * start + 19) / 57;
        assertThat(row.at("/rate/value").asDouble()).isCloseTo(learned, org.assertj.core.api.Assertions.within(1e-9));
        done(LEXICOR.post(
                "/api/outcomes/rates",
                "{\"complaint\":\"shoulder-pain\",\"setting\":\"community\",\"condition\":\"%s\",\"why\":\"Agreed at the meeting\"}"
                        .formatted(PAIN)));
        assertThat(rate().get("taken").asBoolean()).isTrue();
        assertThat(rate().get("start").asDouble())
                .as("what it is drawn towards stays")
                .isEqualTo(start);
        String fresh = examined(LEXICOR.caller(), "LE-201", true);
        JsonNode now = LEXICOR.get("/api/cases/" + fresh + "/outcome").body();
        assertThat(Examined.condition(now, PAIN).get("start").asDouble())
                .isEqualTo(Math.round(1000 * learned) / 1000.0);
        JsonNode after = LEXICOR.get("/api/cases/" + closed + "/weighed").body();
        assertThat(after.get("standing")).isEqualTo(kept.get("standing"));
        remove(closed);
        remove(fresh);
    }

    private static JsonNode rate() {
        for (JsonNode row : LEXICOR.get("/api/outcomes/rates").body().get("rows")) {
            if (row.get("condition").asString().equals(PAIN)) {
                return row;
            }
        }
        throw new AssertionError("nothing learned");
    }

    @Test
    void predictionsAreHeldAgainstWhatCameOut() {
        JsonNode foresight = LEXICOR.get("/api/outcomes/foresight").body();
        assertThat(foresight.get("outcomes").asInt()).isEqualTo(37);
        assertThat(foresight.get("enough").asBoolean()).isTrue();
        assertThat(foresight.get("schools")).hasSize(6);
        assertThat(foresight.at("/program/area/value").asDouble()).isBetween(0.5, 1.0);
        JsonNode few = LEXICOR.get("/api/outcomes/foresight?from=" + TODAY.plusDays(0) + "&setting=sports")
                .body();
        assertThat(few.get("sentence").asString()).startsWith("Nothing that was examined");
        Caller.Answer noDay = LEXICOR.get("/api/outcomes/foresight?from=yesterday");
        assertThat(noDay.status()).isEqualTo(422);
        assertThat(noDay.body().at("/errors/0/field").asString()).isEqualTo("from");
        assertThat(noDay.body().get("detail").asString())
                .isEqualTo("from: expected a day, as in 2026-01-31, found yesterday");
        assertThat(LEXICOR.get("/api/outcomes/foresight?from=2026-02-01&to=2026-01-01")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void nothingAboutFewerThanFiveGoesOut() {
        String table = text("/api/outcomes/accuracy.csv");
        String neer = table.lines()
                .filter(l -> l.startsWith("neer/pain,") && l.contains("Subacromial"))
                .findFirst()
                .orElseThrow();
        assertThat(neer)
                .contains(",14,5,6,12,under 5,8,")
                .contains(String.format(Locale.ROOT, "%.3f", 14 / 19.0))
                .as("what would tell how many were not verified")
                .endsWith(",,,,,,");
        // Of the same test by its other criteria, or for other conditions, nothing is known or a cell is small.
        assertThat(table.lines()
                        .filter(l -> l.contains("under 5,under 5,under 5,under 5"))
                        .toList())
                .isNotEmpty()
                .allSatisfy(l -> assertThat(l).endsWith("under 5,under 5,under 5,under 5,,,,,,,,,,,,,,,,,,,,"));
        assertThat(text("/api/outcomes/rates.csv")).contains("37,19");
        byte[] pdf = LEXICOR.caller().download("/api/outcomes/meeting.pdf");
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        assertThat(LEXICOR.get("/api/outcomes/meeting")
                        .body()
                        .at("/cameOut/0/present")
                        .asInt())
                .isEqualTo(19);
    }

    private static String text(String path) {
        return new String(LEXICOR.caller().download(path), StandardCharsets.UTF_8);
    }
}
