package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Whatever field is wrong, it is named with what is expected of it, and what was there stays as it was. */
class RefusedFieldsTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String CASE = "/api/cases/RF-001";
    private static final String INTAKE =
            """
            {"version":0,"intake":{"complaint":"shoulder-pain","involvedSide":"left","dominantSide":"right",
             "ageBand":"46-64","setting":"community","mechanism":"","candidates":
             [{"condition":"frozen-shoulder","baseRate":0.2,"suspicion":"as-usual"}],
             "answers":{"history/night-pain":true},"precautions":["severe-osteoporosis"],"warnings":["infection"]}}
            """;
    private static final String FIGURE =
            """
            {"criterion":"neer/pain","condition":"subacromial-pain","kind":"study","source":"Harbour audit","year":2026,
             "counts":{"tp":12,"fn":4,"fp":3,"tn":17},"referenceStandard":"imaging","population":"our clinic",
             "bias":"low","confidence":"medium","note":"","why":"our own audit"}
            """;

    @BeforeAll
    static void aCase() {
        LEXICOR.post("/api/cases", "{\"code\":\"RF-001\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "shoulder-pain"                | "shoulder-joy"                   | complaint                        | there is no complaint
            "involvedSide":"left"          | "involvedSide":"top"             | intake.involvedSide              | expected left or right
            "dominantSide":"right"         | "dominantSide":"both"            | intake.dominantSide              | expected left or right
            "46-64"                        | "46-65"                          | intake.ageBand                   | expected under-18
            "ageBand"                      | "age":121,"ageBand"              | intake.age                       | from 0 to 120
            "ageBand"                      | "age":1958,"ageBand"             | intake.age                       | no date of birth is kept
            "ageBand"                      | "age":"3.5.1958","ageBand"       | intake.age                       | no date of birth is kept
            "ageBand"                      | "sex":"no","ageBand"             | intake.sex                       | expected female or male
            "community"                    | "harbour"                        | setting                          | expected community
            "mechanism":""                 | "mechanism":null                 | intake.mechanism                 | at most 400
            "frozen-shoulder"              | "frozen-knee"                    | intake.candidates[0].condition   | no such condition
            "baseRate":0.2                 | "baseRate":1                     | intake.candidates[0].baseRate    | strictly between 0 and 1
            "as-usual"                     | "quite"                          | intake.candidates[0].suspicion   | expected far-less-likely
            [{"condition"                  | [{"condition":"frozen-shoulder","suspicion":"as-usual"},{"condition" | intake.candidates[1].condition | given twice
            "candidates"                   | "candidates":null,"highBias":"low","candidates" | intake.highBias   | expected corrected
            {"history/night-pain":true}    | null                             | intake.answers                   | missing
            "history/night-pain"           | "history/day-pain"               | intake.answers.history/day-pain  | a question of the catalogue
            {"history/night-pain":true}    | {"history/stiff-for-years":true,"history/stiffened-over-weeks":true} | intake.answers.history/stiffened-over-weeks | cannot both be so
            {"history/night-pain":true}    | {"history/sudden-severe-pain":true},"told":{"onset":"after-an-injury"} | intake.answers.history/sudden-severe-pain | began after an injury
            "complaint":"shoulder-pain"    | "complaint":"shoulder-pain","alsoComplaint":"shoulder-pain" | intake.alsoComplaint | comes with already
            "mechanism":""                 | "mechanism":"","told":{"painAtNight":11} | intake.told.painAtNight | expected 0 to 10
            ["severe-osteoporosis"]               | ["courage"]                      | intake.precautions               | list of precautions
            ["infection"]                 | ["rain"]                         | intake.warnings                  | list of warning signs
            """)
    void ofAnIntake(String was, String is, String field, String expected) {
        JsonNode before = LEXICOR.get(CASE).body();
        String body = INTAKE.replace("\n", "").replaceFirst("\"version\":0", "\"version\":" + before.get("version"));
        assertThat(body).contains(was);
        refused(LEXICOR.put(CASE + "/intake", body.replace(was, is)), field, expected);
        assertThat(LEXICOR.get(CASE).body()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "neer/pain"            | "neer/joy"                | criterion         | there is no criterion
            "subacromial-pain"     | "subacromial-joy"         | condition         | there is no condition
            "study"                | "opinion"                 | kind              | expected study
            "tp":12                | "tp":-1                   | counts.tp         | no count below 0
            "tp":12,"fn":4         | "tp":0,"fn":0             | counts.tp         | at least one person with
            "fp":3,"tn":17         | "fp":0,"tn":0             | counts.tn         | at least one person without
            "Harbour audit"        | " "                       | source            | missing
            2026                   | 1066                      | year              | from
            "bias":"low"           | "bias":"some"             | bias              | expected one of
            "confidence":"medium"  | "confidence":"sure"       | confidence        | expected one of
            "counts":{"tp":12,"fn":4,"fp":3,"tn":17} | "specificity":0.5 | sensitivity | give it, or the four counts
            "counts":{"tp":12,"fn":4,"fp":3,"tn":17} | "sensitivity":0.5,"specificity":1.5 | specificity | from 0 to 1
            "our own audit"        | ""                        | why               | reason of at least
            """)
    void ofAFigure(String was, String is, String field, String expected) {
        long before = LEXICOR.count("select count(*) from own_figure");
        String body = FIGURE.replace("\n", "");
        assertThat(body).contains(was);
        refused(LEXICOR.post("/api/evidence/figures", body.replace(was, is)), field, expected);
        assertThat(LEXICOR.count("select count(*) from own_figure")).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"name":"x","role":"clinician","password":"seven gulls on a wet bollard"}       | name     | small letters
            {"name":"Tern","role":"clinician","password":"seven gulls on a wet bollard"}    | name     | small letters
            {"name":"avocet","role":"captain","password":"seven gulls on a wet bollard"}    | role     | expected
            {"name":"avocet","role":"clinician","password":"short"}                         | password | 15
            {"name":"avocet","role":"clinician","password":"avocetavocetavocet"}            | password | too easy to guess
            {"name":"avocet","role":"clinician"}                                            | password | 15
            """)
    void ofAPerson(String body, String field, String expected) {
        refused(LEXICOR.post("/api/people", body), field, expected);
        assertThat(LEXICOR.get("/api/people").body()).hasSize(1);
    }

    @Test
    void theSameIsTakenOnceItIsRight() {
        JsonNode before = LEXICOR.get(CASE).body();
        String body = INTAKE.replaceFirst("\"version\":0", "\"version\":" + before.get("version"));
        assertThat(LEXICOR.put(CASE + "/intake", body).status()).isEqualTo(200);
        assertThat(LEXICOR.post("/api/evidence/figures", FIGURE).status()).isEqualTo(201);
    }

    private static void refused(Caller.Answer answer, String field, String expected) {
        assertThat(answer.status()).as(String.valueOf(answer.body())).isBetween(400, 422);
        assertThat(answer.body().get("detail").asString()).contains(field).contains(expected);
    }
}
