package lexicor.core.weighfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import lexicor.core.document.InvalidDocumentException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** What a self-contained file gets wrong is refused with its path; what is allowed is not. */
class RefusalsTest {
    private static final String CASE =
            """
            {"weighing": {"familyOverlap": 0.4, "generalOverlap": 0.1},
             "conditions": [{"id": "tear", "pretest": 0.3, "ruleOutBelow": 0.05, "actAbove": 0.7}],
             "findings": [{"id": "lag", "family": "cuff", "result": "positive",
               "accuracy": [{"condition": "tear", "tp": 21, "fn": 39, "fp": 5, "tn": 75}]}],
             "clusters": [{"id": "signs", "condition": "tear", "members": ["lag", "arc"],
               "strata": [{"positives": 0, "lr": 0.2}, {"positives": 1, "lr": 1}, {"positives": 2, "lr": 4}]}],
             "candidates": [{"id": "arc", "family": "arc", "minutes": 1,
               "accuracy": [{"condition": "tear", "sensitivity": 0.7, "specificity": 0.6}]}]}
            """;

    @Test
    void theCaseAsItStandsIsAnswered() {
        ObjectNode answer = WeighFile.answer("case.json", CASE);
        assertThat(answer.get("conditions").get(0).get("posttest").asDouble()).isBetween(0.6, 0.75);
        assertThat(answer.toString()).contains("\"status\":\"open\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "familyOverlap": 0.4                | "familyOverlap": 0.95             | weighing.familyOverlap
            "generalOverlap": 0.1               | "generalOverlap": 0.5             | weighing.generalOverlap
            "generalOverlap": 0.1               | "general": 0.1                    | weighing.general
            "generalOverlap": 0.1               | "crossActivation": 0.6            | weighing.crossActivation
            "generalOverlap": 0.1               | "clusterShare": 1.5               | weighing.clusterShare
            "generalOverlap": 0.1               | "school": "majority"              | weighing.school
            "minutes": 1                        | "minutes": 1, "provokes": ["flu"] | candidates[0].provokes
            "minutes": 1                        | "minutes": 1, "provokes": ["tear", "tear"] | candidates[0].provokes
            "pretest": 0.3                      | "pretest": 1                      | conditions[0].pretest
            "pretest": 0.3                      | "pretest": 0                      | conditions[0].pretest
            "pretest": 0.3                      | "pretest": "a third"              | conditions[0].pretest
            "ruleOutBelow": 0.05, "actAbove": 0.7 | "actAbove": 0.7                 | conditions[0].ruleOutBelow
            "result": "positive"                | "result": "yes"                   | findings[0].result
            {"condition": "tear", "tp": 21      | {"condition": "bursitis", "tp": 21 | findings[0].accuracy[0].condition
            "tp": 21                            | "tp": -1                          | findings[0].accuracy[0].tp
            "tp": 21, "fn": 39                  | "tp": 0, "fn": 0                  | findings[0].accuracy[0].tp
            "tp": 21                            | "tp": 21, "sensitivity": 0.4      | findings[0].accuracy[0].tp
            "sensitivity": 0.7, "specificity"   | "specificity"                     | candidates[0].accuracy[0].sensitivity
            "sensitivity": 0.7                  | "sensitivity": 0.7, "diseased": 0 | candidates[0].accuracy[0].diseased
            {"positives": 1, "lr": 1},          | ''                                | clusters[0].strata
            {"positives": 1, "lr": 1}           | {"positives": 0, "lr": 1}         | clusters[0].strata[1].positives
            "members": ["lag", "arc"],          | "members": ["lag", "lag"],        | clusters[0].members
            "minutes": 1                        | "minutes": 1, "colour": "red"     | candidates[0].colour
            "minutes": 1                        | "minutes": 0                      | candidates[0].minutes
            """)
    void oneFaultIsNamedByItsPath(String original, String fault, String path) {
        String broken = CASE.replace(original, fault);
        assertThat(broken).isNotEqualTo(CASE);
        assertThatThrownBy(() -> WeighFile.answer("case.json", broken))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageStartingWith("case.json: " + path + ": ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"pool": []}                                                        | pool
            {"pool": [{"sensitivity": 0.5}]}                                    | pool
            {"pool": [{"sensitivity": 0.5, "specificity": 1.5}]}                | pool[0].specificity
            {"pool": [{"tp": 1, "fn": 1, "fp": 1, "tn": 1}], "highBias": "no"}  | highBias
            {"design": {"findings": []}}                                        | design.findings
            {"design": {"findings": [{"id": "a", "family": "f", "sensitivity": 1, "specificity": 0.5}]}} | design.findings[0].sensitivity
            {}                                                                  | conditions
            """)
    void theOtherFormsAreCheckedToo(String file, String path) {
        assertThatThrownBy(() -> WeighFile.answer("f", file))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageStartingWith("f: " + path + ": ");
    }

    @Test
    void whatIsNoJsonObjectIsRefusedWhole() {
        byte[] noise = new byte[10 << 20];
        new Random(1).nextBytes(noise);
        String garbage = new String(noise, java.nio.charset.StandardCharsets.ISO_8859_1);
        for (String text : new String[] {"", " ", "[]", "{\"conditions\":", "{} {}", garbage, "[".repeat(10 << 20)}) {
            assertThatThrownBy(() -> WeighFile.answer("f", text)).isInstanceOf(InvalidDocumentException.class);
        }
    }
}
