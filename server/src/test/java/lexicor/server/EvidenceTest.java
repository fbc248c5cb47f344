package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.weighfile.WeighFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The figures shown are those of the self-contained file, whatever the number of studies. */
class EvidenceTest {
    @RegisterExtension
    static final Running LEXICOR = Running.shared();

    private static String address(JsonNode pair) {
        return "/api/evidence/pair?criterion=" + pair.get("criterion").asString() + "&condition="
                + pair.get("condition").asString();
    }

    /** A row as the self-contained file takes it. */
    private static String row(JsonNode study) {
        String row = "{\"sensitivity\":%s".formatted(study.at("/sensitivity/value"));
        if (study.has("specificity")) {
            row += ",\"specificity\":" + study.at("/specificity/value");
        }
        if (study.has("diseased")) {
            row += ",\"diseased\":" + study.get("diseased");
        }
        if (study.has("healthy")) {
            row += ",\"healthy\":" + study.get("healthy");
        }
        if (study.has("people")) {
            row += ",\"people\":" + study.get("people");
        }
        return row + ",\"bias\":\"%s\"}".formatted(study.get("bias").asString());
    }

    @Test
    void everyPairIsPooledAsTheSelfContainedFileWouldPoolIt() {
        int several = 0;
        for (JsonNode line : LEXICOR.get("/api/evidence").body().get("pairs")) {
            if (!line.get("status").asString().equals("weighable")) {
                continue;
            }
            JsonNode pair = LEXICOR.get(address(line)).body();
            List<String> rows = new ArrayList<>();
            double sensitivityShares = 0;
            double specificityShares = 0;
            for (JsonNode study : pair.get("studies")) {
                if (study.get("used").asBoolean()) {
                    rows.add(row(study));
                }
                sensitivityShares += study.get("sensitivityShare").asDouble();
                specificityShares += study.get("specificityShare").asDouble();
            }
            several += rows.size() > 1 ? 1 : 0;
            JsonNode expected = WeighFile.answer("pool.json", "{\"pool\":[" + String.join(",", rows) + "]}");
            JsonNode pooled = pair.get("pooled");
            assertThat(pooled.get("method").asString())
                    .isEqualTo(expected.get("method").asString());
            same(pooled.at("/sensitivity/value"), expected.get("sensitivity"));
            same(pooled.at("/sensitivity/low"), expected.get("sensitivityLow"));
            same(pooled.at("/specificity/high"), expected.get("specificityHigh"));
            same(pooled.at("/newClinicSpecificity/low"), expected.at("/predictive/specificityLow"));
            same(pooled.at("/positive/value"), expected.get("lrPositive"));
            same(pooled.at("/negative/value"), expected.get("lrNegative"));
            assertThat(sensitivityShares).isCloseTo(1, within(1e-9));
            assertThat(specificityShares).isCloseTo(1, within(1e-9));
            assertThat(pooled.get("predictionRegion").isEmpty())
                    .isEqualTo(pooled.get("studies").asInt() < 4);
        }
        assertThat(several).isPositive();
    }

    private static void same(JsonNode shown, JsonNode expected) {
        assertThat(shown.asDouble()).isCloseTo(expected.asDouble(), within(1e-9 * Math.max(1, expected.asDouble())));
    }

    @Test
    void aCountIsWorthLessWithOverlapAndTheFileSaysTheSame() {
        List<String> offered = new ArrayList<>();
        LEXICOR.get("/api/evidence").body().get("pairs").forEach(p -> {
            if (p.get("condition").asString().equals("subacromial-pain")
                    && p.get("status").asString().equals("weighable")) {
                offered.add("\"" + p.get("criterion").asString() + "\"");
            }
        });
        assertThat(offered).hasSizeGreaterThan(3);
        String criteria = String.join(",", offered.subList(0, 4));
        JsonNode design = LEXICOR.post(
                        "/api/evidence/design",
                        "{\"condition\":\"subacromial-pain\",\"criteria\":[%s],\"familyOverlap\":0.45,\"generalOverlap\":0.2}"
                                .formatted(criteria))
                .body();
        List<String> findings = new ArrayList<>();
        design.get("members")
                .forEach(m -> findings.add("{\"id\":%s,\"family\":%s,\"sensitivity\":%s,\"specificity\":%s}"
                        .formatted(m.get("criterion"), m.get("family"), m.get("sensitivity"), m.get("specificity"))));
        JsonNode expected = WeighFile.answer(
                "design.json",
                "{\"design\":{\"familyOverlap\":0.45,\"generalOverlap\":0.2,\"findings\":[%s]}}"
                        .formatted(String.join(",", findings)));
        for (int k = 0; k < 4; k++) {
            JsonNode rule = design.get("rules").get(k);
            same(rule.at("/worth/lrPositive"), expected.at("/rules/" + k + "/lrPositive"));
            same(rule.at("/worth/specificity"), expected.at("/rules/" + k + "/specificity"));
            double odds = 0.3 / 0.7 * rule.at("/worth/lrPositive").asDouble();
            assertThat(rule.at("/fromBaseRates/1/ifPositive").asDouble()).isCloseTo(odds / (1 + odds), within(1e-9));
        }
        JsonNode all = design.get("rules").get(3);
        assertThat(all.at("/worth/lrPositive").asDouble())
                .isLessThan(all.at("/independent/lrPositive").asDouble());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            subacromial-pain | "neer/pain"              | 0.45 | 0.2 | criteria: expected 2 to 12
            subacromial-pain | "neer/pain","neer/pain"  | 0.45 | 0.2 | criteria: expected 2 to 12
            subacromial-pain | "neer/pain","nowhere/no" | 0.45 | 0.2 | nowhere/no has no figures
            nobody           | "neer/pain","speed/pain" | 0.45 | 0.2 | there is no condition
            subacromial-pain | "neer/pain","speed/pain" | 0.95 | 0.2 | familyOverlap
            subacromial-pain | "neer/pain","speed/pain" | 0.20 | 0.3 | generalOverlap
            """)
    void aCountThatCannotBeWorkedOutIsRefused(
            String condition, String criteria, double family, double general, String named) {
        Caller.Answer refused = LEXICOR.post(
                "/api/evidence/design",
                "{\"condition\":\"%s\",\"criteria\":[%s],\"familyOverlap\":%s,\"generalOverlap\":%s}"
                        .formatted(condition, criteria, family, general));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains(named);
    }

    @Test
    void aPublishedCountStandsBesideWhatItsMembersPredict() {
        int both = 0;
        for (JsonNode cluster : LEXICOR.get("/api/evidence").body().get("clusters")) {
            assertThat(cluster.get("members")).isNotEmpty();
            both += cluster.has("figures") && cluster.has("predicted") ? 1 : 0;
        }
        assertThat(both).isPositive();
        assertThat(LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=gout")
                        .status())
                .isEqualTo(404);
    }
}
