package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The demo clinic tells the stories it is meant to tell. */
class DemoTest {
    @RegisterExtension
    static final Running LEXICOR = Running.shared();

    @Test
    void theCasesAreAtDifferentStagesAndStandWhereTheirFindingsPutThem() {
        List<String> unexamined = new ArrayList<>();
        LEXICOR.get("/api/cases").body().forEach(c -> {
            if (c.get("testsDone").asInt() == 0) {
                unexamined.add(c.get("code").asString());
            }
        });
        assertThat(unexamined).containsExactlyInAnyOrder("HB-010", "HB-011");
        assertThat(leading("HB-001")).isEqualTo("full-thickness-cuff-tear act");
        assertThat(leading("HB-002")).isEqualTo("anterior-instability settle first");
        assertThat(leading("HB-003")).startsWith("subacromial-pain ");
        assertThat(leading("HB-005")).startsWith("acromioclavicular-pain ");
    }

    @Test
    void aClinicThatBeginsWeighsSoberly() {
        JsonNode settings = LEXICOR.get("/api/settings").body();
        assertThat(settings.get("school").asString()).isEqualTo("sober");
        assertThat(settings.get("schoolSeen").asBoolean()).isTrue();
        assertThat(settings.get("crossActivation").asDouble()).isEqualTo(0.1);
    }

    @Test
    void threeOfFiveAreBelievedBesideTheirMembers() {
        JsonNode row = ledgerRow("HB-003", "subacromial-pain", "subacromial-five");
        assertThat(row.get("result").asString()).isEqualTo("positive");
        assertThat(row.get("reason").asString()).isEqualTo("3 of 5 positive");
        assertThat(row.get("status").asString()).isEqualTo("shared");
        assertThat(ledgerRow("HB-003", "subacromial-pain", "neer/pain")
                        .get("status")
                        .asString())
                .isEqualTo("counted");
        assertThat(LEXICOR.get("/api/cases/HB-003/weighed")
                        .body()
                        .at("/reasons/subacromial-pain/pull/words")
                        .asString())
                .contains("Subacromial pain, three of five", "believed by half");
    }

    @Test
    void aGuardedNegativeIsUnclear() {
        assertThat(ledgerRow("HB-004", "slap-tear", "passive-distraction/deep-pain")
                        .get("status")
                        .asString())
                .isEqualTo("unclear");
    }

    private static String leading(String code) {
        JsonNode first = LEXICOR.get("/api/cases/" + code).body().at("/examination/standing/conditions/0");
        return first.get("id").asString() + " " + first.get("verdict").asString();
    }

    private static JsonNode ledgerRow(String code, String condition, String id) {
        for (JsonNode row : LEXICOR.get("/api/cases/" + code + "/weighed")
                .body()
                .get("ledgers")
                .get(condition)) {
            if (row.get("id").asString().equals(id)) {
                return row;
            }
        }
        throw new AssertionError("no row " + id);
    }
}
