package lexicor.server.deletion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import lexicor.server.Caller.Answer;
import lexicor.server.Running;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A case can be taken out of the records, and after the retention time out of the history. */
class DeletionTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @Test
    void aCaseIsDeletedInTwoStepsAndLeavesAStone() {
        String code = "/api/cases/"
                + LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-slipping\",\"involvedSide\":\"right\"}")
                        .body()
                        .get("code")
                        .asString();
        noteWhatCameOut(code);
        Answer noReason = LEXICOR.post(code + "/deletion", "{\"reason\":\"no\"}");
        assertThat(noReason.status()).isEqualTo(422);
        assertThat(LEXICOR.delete(code + "?confirmation=" + UUID.randomUUID()).status())
                .isEqualTo(409);
        String confirmation = LEXICOR.post(code + "/deletion", "{\"reason\":\"Opened twice by mistake\"}")
                .body()
                .get("confirmation")
                .asString();
        assertThat(LEXICOR.get(code).status()).isEqualTo(200);
        assertThat(LEXICOR.delete(code + "?confirmation=" + confirmation).status())
                .isEqualTo(204);
        assertThat(LEXICOR.get(code).status()).isEqualTo(404);
        String name = code.substring(code.lastIndexOf('/') + 1);
        assertThat(LEXICOR.get("/api/cases").body().toString()).doesNotContain(name);
        assertThat(LEXICOR.get("/api/history").body().toString()).contains(name, "Opened twice by mistake");

        JsonNode settings = LEXICOR.get("/api/settings").body();
        LEXICOR.put(
                "/api/settings",
                settings.toString()
                        .replace("\"retentionDays\":30", "\"retentionDays\":0")
                        .replace("\"why\":\"\"", "\"why\":\"For a try\""));
        LEXICOR.part(Deletion.class).removeForGood();
        assertThat(LEXICOR.get("/api/history").body().toString()).contains("removed for good");
        assertThat(LEXICOR.count("select count(*) from examination_case_aud where code = '" + name + "'"))
                .isZero();
        for (String table : List.of("note", "answer", "report", "report_content", "referral", "foreseen", "fact")) {
            assertThat(LEXICOR.count("select count(*) from outcome_" + table))
                    .as(table)
                    .isZero();
        }
        assertThat(LEXICOR.get("/api/outcomes/accuracy")
                        .body()
                        .at("/restsOn/cases")
                        .asInt())
                .as("counted no more, though nobody looked in between")
                .isZero();
        assertThat(LEXICOR.count("select count(*) from tombstone where code = '" + name + "'"))
                .isEqualTo(1);
    }

    private static void noteWhatCameOut(String code) {
        Answer noted = LEXICOR.post(
                code + "/outcome/notes",
                "{\"key\":\"%s\",\"reference\":\"mri\",\"on\":\"2026-01-02\",\"answers\":{\"anterior-instability\":\"present\"}}"
                        .formatted(UUID.randomUUID()));
        assertThat(noted.status()).isEqualTo(200);
        assertThat(LEXICOR.get("/api/outcomes/accuracy")
                        .body()
                        .at("/restsOn/withOutcome")
                        .asInt())
                .isEqualTo(1);
    }
}
