package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The department's figures and content over the shipped ones, and what open and closed cases make of them. */
@Tag("slow")
class LayerTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final String PAIR = "/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain";

    private static String figure(String figures) {
        return ("{\"criterion\":\"neer/pain\",\"condition\":\"subacromial-pain\",%s,\"source\":\"Harbour audit\","
                        + "\"bias\":\"low\",\"confidence\":\"high\",\"why\":\"Our own audit\"}")
                .formatted(figures);
    }

    private static String study(int year, int tp, int fn, int fp, int tn) {
        return figure("\"kind\":\"study\",\"year\":%d,\"counts\":{\"tp\":%d,\"fn\":%d,\"fp\":%d,\"tn\":%d}"
                .formatted(year, tp, fn, fp, tn));
    }

    /** A new case with a positive Neer sign. */
    private static String positiveCase() {
        String code = LEXICOR.post("/api/cases", "{\"complaint\":\"shoulder-pain\",\"involvedSide\":\"left\"}")
                .body()
                .get("code")
                .asString();
        String tap =
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID());
        assertThat(LEXICOR.post("/api/cases/" + code + "/taps", tap).status()).isEqualTo(200);
        return code;
    }

    private static JsonNode weighed(String code) {
        return LEXICOR.get("/api/cases/" + code + "/weighed").body();
    }

    private static double now(JsonNode conditions) {
        for (JsonNode c : conditions) {
            if (c.get("id").asString().equals("subacromial-pain")) {
                return c.get("posttest").asDouble();
            }
        }
        throw new AssertionError("no such candidate");
    }

    private static double now(String code) {
        return now(weighed(code).at("/standing/conditions"));
    }

    private static void close(String code, boolean closed) {
        long version = LEXICOR.get("/api/cases/" + code).body().get("version").asLong();
        assertThat(LEXICOR.put(
                                "/api/cases/" + code + "/closure",
                                "{\"version\":%d,\"closed\":%s}".formatted(version, closed))
                        .status())
                .isEqualTo(200);
    }

    /** The latest change of the field in the department's history. */
    private static JsonNode lineOfHistory(String field) {
        for (JsonNode change : LEXICOR.get("/api/history").body().get("changes")) {
            for (JsonNode line : change.get("lines")) {
                if (line.get("field").asString().equals(field)) {
                    return line;
                }
            }
        }
        throw new AssertionError("nothing in the history of " + field);
    }

    private static JsonNode row(String source) {
        for (JsonNode s : LEXICOR.get(PAIR).body().get("studies")) {
            if (s.get("source").asString().startsWith(source)) {
                return s;
            }
        }
        throw new AssertionError("no row of " + source);
    }

    @Test
    void aClosedCaseKeepsItsFiguresAndSaysWhatTodaysWouldChange() {
        String open = positiveCase();
        String closed = positiveCase();
        double before = now(open);
        close(closed, true);
        assertThat(weighed(closed).at("/closed/changes").asBoolean()).isFalse();

        String added = LEXICOR.post("/api/evidence/figures", study(2024, 95, 5, 10, 90))
                .body()
                .get("fingerprint")
                .asString();
        assertThat(now(open)).isGreaterThan(before + 0.03);
        assertThat(now(closed)).isEqualTo(before);
        JsonNode beside = weighed(closed).get("closed");
        assertThat(beside.get("changes").asBoolean()).isTrue();
        assertThat(now(beside.get("today"))).isEqualTo(now(open));
        assertThat(LEXICOR.get("/api/cases/" + closed + "/history").body().toString())
                .contains("closed by");
        String tap =
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":false}}"
                        .formatted(UUID.randomUUID());
        assertThat(LEXICOR.post("/api/cases/" + closed + "/taps", tap).status()).isEqualTo(409);

        LEXICOR.restart();
        assertThat(now(closed)).isCloseTo(before, within(1e-12));
        assertThat(now(open)).isGreaterThan(before + 0.03);
        assertThat(LEXICOR.delete("/api/evidence/figures/" + added + "?why=entered+by+mistake")
                        .status())
                .isEqualTo(204);
        assertThat(now(open)).isCloseTo(before, within(1e-12));
        LEXICOR.post("/api/evidence/figures", study(2025, 10, 90, 90, 10));
        close(closed, false);
        assertThat(now(closed)).isEqualTo(now(open)).isLessThan(before);
        LEXICOR.delete("/api/evidence/figures/"
                + row("Harbour audit").get("fingerprint").asString() + "?why=entered+by+mistake");
        JsonNode history = LEXICOR.get("/api/history").body();
        assertThat(history.toString()).contains("Our own audit", "entered by mistake", "heron");
    }

    @Test
    void aShippedRowIsCoveredComparedAndBroughtBack() {
        JsonNode shipped = row("Michener");
        assertThat(shipped.get("from").asString()).isEqualTo("shipped");
        String at = "/api/evidence/figures/" + shipped.get("fingerprint").asString();
        String change = figure(
                        "\"kind\":\"study\",\"year\":2009,\"sensitivity\":0.75,\"specificity\":0.54,\"diseased\":16,\"healthy\":39")
                .replace("Harbour audit", "Michener et al., Arch Phys Med Rehabil");
        assertThat(LEXICOR.delete(at + "?why=not+wanted").status()).isEqualTo(409);
        assertThat(LEXICOR.put(at, change).status()).isEqualTo(200);
        JsonNode covered = row("Michener");
        assertThat(covered.get("from").asString()).isEqualTo("changed");
        assertThat(covered.at("/sensitivity/value").asDouble()).isEqualTo(0.75);
        assertThat(covered.at("/shipped/sensitivity").asDouble()).isEqualTo(0.81);
        // Somebody who still has the page of before is told so.
        assertThat(LEXICOR.put(at, change).status()).isEqualTo(409);
        assertThat(LEXICOR.delete("/api/evidence/figures/"
                                + covered.get("fingerprint").asString() + "?why=the+shipped+one+was+right")
                        .status())
                .isEqualTo(204);
        assertThat(row("Michener")).isEqualTo(shipped);
    }

    @Test
    void whatAFigureComesToIsSaidBeforeItIsStored() {
        JsonNode preview = LEXICOR.post(
                        "/api/evidence/figures/preview",
                        figure(
                                "\"kind\":\"study\",\"year\":2024,\"sensitivity\":0.81,\"specificity\":0.55,\"diseased\":17,\"healthy\":20"))
                .body();
        assertThat(preview.at("/counts/tp").asInt()).isEqualTo(14);
        assertThat(preview.get("warnings")).hasSize(1);
        assertThat(preview.at("/warnings/0").asString()).contains("No whole number of 17 people", "0.81", "0.824");
        assertThat(LEXICOR.post(
                                "/api/evidence/figures/preview",
                                figure(
                                        "\"kind\":\"judgement\",\"year\":2024,\"sensitivity\":0.9,\"specificity\":0.5,\"diseased\":8,\"healthy\":8"))
                        .body()
                        .at("/warnings/0")
                        .asString())
                .contains("judgement, no study", "8 people");
        for (String[] wrong : new String[][] {
            {"\"kind\":\"guess\",\"year\":2024,\"sensitivity\":0.9", "kind: "},
            {"\"kind\":\"study\",\"year\":2024,\"sensitivity\":1.9,\"specificity\":0.5", "sensitivity: "},
            {"\"kind\":\"study\",\"year\":2024,\"sensitivity\":0.9", "specificity: missing"},
            {"\"kind\":\"study\",\"year\":2999,\"sensitivity\":0.9,\"specificity\":0.5", "year: expected a year up to "
            },
            {"\"kind\":\"study\",\"year\":24,\"sensitivity\":0.9,\"specificity\":0.5", "year: "},
            {"\"kind\":\"study\",\"year\":2024,\"counts\":{\"tp\":-1,\"fn\":5,\"fp\":1,\"tn\":1}", "counts.tp: "},
            {
                "\"kind\":\"judgement\",\"year\":2024,\"sensitivity\":0.9,\"specificity\":0.5,\"diseased\":300,\"healthy\":8",
                "diseased: a judgement may count for 1 to 30 people with the condition"
            }
        }) {
            Caller.Answer refused = LEXICOR.post("/api/evidence/figures", figure(wrong[0]));
            assertThat(refused.status()).as(wrong[0]).isEqualTo(422);
            assertThat(refused.body().get("detail").asString()).startsWith(wrong[1]);
        }
        assertThat(LEXICOR.post("/api/evidence/figures", study(2024, 1, 1, 1, 1).replace("Our own audit", ""))
                        .body()
                        .get("detail")
                        .asString())
                .startsWith("why: ");
    }

    @Test
    void whereTheDepartmentDemandsCheckedFiguresTheOthersAreListed() {
        String code = positiveCase();
        double before = now(code);
        assertThat(weighed(code).at("/reasons/subacromial-pain/uncheckedShare").asDouble())
                .isEqualTo(1);
        JsonNode settings = LEXICOR.get("/api/settings").body();
        settings = demand(settings, true);
        assertThat(now(code))
                .isEqualTo(weighed(code).at("/standing/conditions/0/pretest").asDouble());
        assertThat(weighed(code).at("/ledgers/subacromial-pain").toString()).contains("\"status\":\"unchecked\"");

        String first =
                "/api/evidence/checks/" + row("Michener").get("fingerprint").asString();
        assertThat(LEXICOR.put(first, "{\"state\":\"disputed\"}")
                        .body()
                        .get("detail")
                        .asString())
                .startsWith("note: Say what is wrong");
        assertThat(LEXICOR.put(first, "{\"state\":\"checked\",\"note\":\"Table 3\"}")
                        .status())
                .isEqualTo(204);
        assertThat(row("Michener").at("/check/by").asString()).isEqualTo("heron");
        assertThat(now(code)).isNotEqualTo(before).isGreaterThan(0.55);
        assertThat(weighed(code).at("/reasons/subacromial-pain/uncheckedShare").asDouble())
                .isZero();
        demand(settings, false);
        double share =
                weighed(code).at("/reasons/subacromial-pain/uncheckedShare").asDouble();
        assertThat(share)
                .as("a review stands for the pair, and nobody has checked that one")
                .isEqualTo(1);
        LEXICOR.put(first, "{\"state\":\"not-yet-checked\"}");
        assertThat(now(code)).isEqualTo(before);
    }

    private static JsonNode demand(JsonNode settings, boolean checkedOnly) {
        ObjectNode changed = ((ObjectNode) settings)
                .deepCopy()
                .put("checkedOnly", checkedOnly)
                .put("why", "Agreed at the meeting");
        return LEXICOR.put("/api/settings", changed.toString()).body();
    }

    @Test
    void anEntryIsChangedAddedRefusedAndResetWithTheValidationOfThePacks() {
        String at = "/api/evidence/entries/condition/subacromial-pain";
        JsonNode shipped = LEXICOR.get(at).body();
        String code = positiveCase();
        double before = now(code);
        ObjectNode fields = (ObjectNode) shipped.get("fields").deepCopy();
        ((ObjectNode) fields.get("pretest")).put("community", 1.5);
        Caller.Answer refused = LEXICOR.put(at, change(0, fields));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("errors")).hasSize(1);
        assertThat(refused.body().at("/errors/0/field").asString()).isEqualTo("pretest.community");
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("Base rate, community clinic: expected a probability strictly between 0 and 1, found 1.5");
        ObjectNode miscoded = ((ObjectNode) shipped.get("fields").deepCopy()).put("icd10", "75.1");
        assertThat(LEXICOR.put(at, change(0, miscoded)).body().get("detail").asString())
                .startsWith("ICD-10 code: expected a letter and two digits");

        ((ObjectNode) fields.get("pretest")).put("community", 0.2);
        String named = change(0, fields).replace("for the test", "Counted by the Hand Team");
        assertThat(LEXICOR.put(at, named).body().get("question").asBoolean()).isTrue();
        JsonNode changed =
                LEXICOR.put(at, named.replaceFirst("\\{", "{\"sure\":true,")).body();
        // The complaint has a base rate of its own, so the condition's own moves nothing here.
        assertThat(now(code)).isEqualTo(before);
        String complaint = "/api/evidence/entries/complaint/shoulder-pain";
        ObjectNode rates =
                (ObjectNode) LEXICOR.get(complaint).body().get("fields").deepCopy();
        ((ObjectNode) rates.at("/pretests/subacromial-pain")).put("community", 0.2);
        assertThat(LEXICOR.put(complaint, change(0, rates)).status()).isEqualTo(200);
        assertThat(now(code)).isLessThan(before);
        assertThat(changed.get("shipped")).isEqualTo(shipped.get("fields"));
        assertThat(LEXICOR.put(at, change(0, fields)).status()).isEqualTo(409);
        assertThat(LEXICOR.get("/api/catalogue").body().toString()).contains("\"community\":0.2");
        JsonNode line = lineOfHistory("Base rate, community clinic");
        assertThat(line.get("before").asString()).isEqualTo("55 %");
        assertThat(line.get("after").asString()).isEqualTo("20 %");
        String reset = at + "?version=" + changed.get("version") + "&why=Old+Figures+back";
        assertThat(LEXICOR.delete(reset).body().get("question").asBoolean()).isTrue();
        assertThat(LEXICOR.delete(reset + "&sure=true").status()).isEqualTo(204);
        JsonNode ours = LEXICOR.get(complaint).body();
        assertThat(LEXICOR.delete(complaint + "?version=" + ours.get("version") + "&why=as+it+was")
                        .status())
                .isEqualTo(204);
        assertThat(now(code)).isEqualTo(before);

        // What was recorded of a test stays readable.
        String neer = "/api/evidence/entries/test/neer";
        ObjectNode test = (ObjectNode) LEXICOR.get(neer).body().get("fields").deepCopy();
        test.put("minutes", 2).putArray("readings").add("arc");
        assertThat(LEXICOR.put(neer, change(0, test)).status()).isEqualTo(422);

        ObjectNode own = (ObjectNode) LEXICOR.get(neer).body().get("fields").deepCopy();
        own.put("id", "neer-seated").put("name", "Neer sign, seated");
        ObjectNode pain = ((ObjectNode) own.get("criteria").get(0)).deepCopy().put("id", "neer-seated/pain");
        own.putArray("criteria").add(pain);
        assertThat(LEXICOR.put("/api/evidence/entries/test/neer-seated", change(0, own))
                        .status())
                .isEqualTo(200);
        String tap =
                "{\"tapId\":\"%s\",\"test\":\"neer-seated\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}"
                        .formatted(UUID.randomUUID());
        assertThat(LEXICOR.post("/api/cases/" + code + "/taps", tap).body().toString())
                .contains("neer-seated/pain");
        assertThat(LEXICOR.delete("/api/evidence/entries/test/neer-seated?version=1&why=not+wanted")
                        .status())
                .isEqualTo(409);
    }

    private static String change(long version, JsonNode fields) {
        return JsonMapper.shared()
                .createObjectNode()
                .put("version", version)
                .put("why", "for the test")
                .<ObjectNode>set("fields", fields)
                .toString();
    }

    @Test
    void aRuleOfTheWorkbenchIsKeptAsDesignedWithTheFiguresWorkedOut() {
        String design =
                "{\"condition\":\"subacromial-pain\",\"criteria\":[\"neer/pain\",\"hawkins-kennedy/pain\",\"empty-can/either\"],"
                        + "\"familyOverlap\":0.45,\"generalOverlap\":0.2}";
        JsonNode rule = LEXICOR.post("/api/evidence/design", design).body().at("/rules/1/worth");
        JsonNode kept = LEXICOR.post(
                        "/api/evidence/clusters",
                        "{\"name\":\"Two of our three\",\"design\":%s,\"atLeast\":2,\"why\":\"for the test\"}"
                                .formatted(design))
                .body();
        assertThat(kept.get("designed").asBoolean()).isTrue();
        assertThat(kept.at("/figures/sensitivity").asDouble())
                .isCloseTo(rule.get("sensitivity").asDouble(), within(1e-9));
        assertThat(kept.get("source").asString()).contains("Designed by heron");
        assertThat(LEXICOR.get("/api/cluster-tally").body().get("clusters").toString())
                .contains(kept.get("id").asString());
    }

    @Test
    void aScoreOfTheWorkbenchHasALineForEverySumThatCanBeReachedAndKeepsItsPoints() {
        String design =
                "{\"condition\":\"subacromial-pain\",\"criteria\":[\"neer/pain\",\"hawkins-kennedy/pain\",\"empty-can/either\"],"
                        + "\"points\":{\"neer/pain\":2,\"empty-can/either\":4},\"familyOverlap\":0.45,\"generalOverlap\":0.2}";
        JsonNode scored = LEXICOR.post("/api/evidence/design", design).body();
        assertThat(scored.get("most").asInt()).isEqualTo(7);
        List<Double> sensitivities = new ArrayList<>();
        scored.get("rules")
                .forEach(r -> sensitivities.add(r.at("/worth/sensitivity").asDouble()));
        assertThat(sensitivities).hasSize(7).isSortedAccordingTo(Comparator.reverseOrder());
        JsonNode kept = LEXICOR.post(
                        "/api/evidence/clusters",
                        "{\"name\":\"Our score of three\",\"design\":%s,\"atLeast\":5,\"why\":\"for the test\"}"
                                .formatted(design))
                .body();
        assertThat(kept.at("/figures/sensitivity").asDouble())
                .isCloseTo(scored.at("/rules/4/worth/sensitivity").asDouble(), within(1e-9));
        assertThat(kept.get("atLeast").asDouble()).isEqualTo(5);
        assertThat(kept.get("points").asDouble()).isEqualTo(7);
        assertThat(LEXICOR.post("/api/evidence/design", design.replace(":4}", ":40}"))
                        .status())
                .isEqualTo(422);
    }
}
