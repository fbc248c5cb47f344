package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import lexicor.core.weighfile.WeighFile;
import lexicor.standin.FhirCheck;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Whatever was tapped on whichever complaint: everything that can be asked of the case is answered, and agrees. */
class RandomCasesTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static JsonNode get(String path) {
        Caller.Answer answer = LEXICOR.get(path);
        assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(200);
        return answer.body();
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void everythingThatCanBeAskedOfACaseAgrees(long seed) throws IOException {
        RandomCase random = new RandomCase(get("/api/catalogue"), "RX-" + seed, seed);
        JsonNode preview = LEXICOR.caller()
                .upload("/api/exchange/import", random.json().toString().getBytes(UTF_8))
                .body();
        assertThat(LEXICOR.post("/api/exchange/import/" + preview.get("id").asString(), "{}")
                        .body()
                        .get("added")
                        .asInt())
                .isEqualTo(1);
        String at = "/api/cases/" + random.code();
        JsonNode weighed = get(at + "/weighed");
        List<String> order = ranking(weighed.at("/standing/conditions"));
        ledgersLeadWhereTheCaseStands(weighed);
        theFileSaysTheSame(at, weighed);
        theQuestionsFit(at, weighed, order);
        thePapersSayIt(at, random, weighed);
        assertThat(FhirCheck.errors(new String(LEXICOR.caller().download(at + "/fhir"), UTF_8)))
                .isEmpty();
        assertThat(get(at + "/history").size())
                .isGreaterThanOrEqualTo(random.json().get("taps").size());
    }

    /** The list in its parts (method M18); what is untouched stands among what rose. */
    private static final List<String> PARTS = List.of("weighed", "found", "raised", "", "fell", "negative");

    /** In order of what they come to, within their bands, which lie within each other. */
    private static List<String> ranking(JsonNode conditions) {
        List<String> order = new ArrayList<>();
        double before = 1;
        double first = 0;
        int part = 0;
        for (JsonNode c : conditions) {
            double now = c.get("posttest").asDouble();
            // What stands where it stood at an earlier visit has a place by that.
            if (!c.has("under") && !c.has("last")) {
                int own = PARTS.indexOf(c.get("group").asString().replace("untouched", "raised"));
                assertThat(own).as(c.toString()).isGreaterThanOrEqualTo(part);
                if (own % 2 == 0) {
                    assertThat(now).isBetween(0.0, own == part ? before : 1);
                    before = now;
                }
                part = own;
            }
            assertThat(now).isBetween(c.get("low").asDouble(), c.get("high").asDouble());
            assertThat(c.get("lowNewClinic").asDouble())
                    .isLessThanOrEqualTo(c.get("low").asDouble() + 1e-12);
            assertThat(c.get("highNewClinic").asDouble())
                    .isGreaterThanOrEqualTo(c.get("high").asDouble() - 1e-12);
            assertThat(c.get("verdict").asString())
                    .isEqualTo(
                            now < c.get("ruleOut").asDouble()
                                    ? c.get("verdict").asString().equals("keep in mind") ? "keep in mind" : "put aside"
                                    : now <= c.get("act").asDouble()
                                            ? "undecided"
                                            : c.has("settle") ? "settle first" : "act");
            first += c.has("probabilityFirst") ? c.get("probabilityFirst").asDouble() : 0;
            order.add(c.get("id").asString());
        }
        assertThat(first).isBetween(0.0, 1 + 1e-9);
        return order;
    }

    /** The path of every candidate begins at its pretest and ends where it stands, over what was counted. */
    private static void ledgersLeadWhereTheCaseStands(JsonNode weighed) {
        for (JsonNode c : weighed.at("/standing/conditions")) {
            String id = c.get("id").asString();
            JsonNode path = weighed.at("/reasons/" + id + "/path");
            int counted = 0;
            for (JsonNode row : weighed.at("/ledgers/" + id)) {
                counted += row.get("status").asString().equals("counted") ? 1 : 0;
            }
            assertThat(c.get("counted").asInt()).isEqualTo(counted);
            double at = c.get("pretest").asDouble();
            for (JsonNode step : path) {
                assertThat(step.get("from").asDouble()).as(id).isCloseTo(at, within(1e-9));
                at = step.get("to").asDouble();
            }
            assertThat(c.get("posttest").asDouble()).as(id).isCloseTo(at, within(1e-9));
        }
    }

    private static void theFileSaysTheSame(String at, JsonNode weighed) {
        JsonNode answer = WeighFile.answer("f", get(at + "/weigh-file").toString());
        for (JsonNode there : answer.get("conditions")) {
            for (JsonNode here : weighed.at("/standing/conditions")) {
                if (here.get("id").equals(there.get("id"))) {
                    assertThat(there.get("posttest").asDouble())
                            .isCloseTo(here.get("posttest").asDouble(), within(1e-9));
                }
            }
        }
        assertThat(answer.get("conditions")).hasSameSizeAs(weighed.at("/standing/conditions"));
    }

    private static void theQuestionsFit(String at, JsonNode weighed, List<String> order) {
        if (order.size() > 1) {
            JsonNode one = get(at + "/apart?first=" + order.get(0) + "&second=" + order.get(1));
            JsonNode other = get(at + "/apart?first=" + order.get(1) + "&second=" + order.get(0));
            assertThat(one.propertyNames()).containsExactlyElementsOf(other.propertyNames());
        }
        JsonNode sequence = get(at + "/short-sequence?minutes=5");
        assertThat(sequence.get("minutes").asDouble()).isBetween(0.0, 5.0);
        for (JsonNode next : weighed.at("/standing/next")) {
            assertThat(next.get("gain").asDouble()).isNotNegative();
            for (JsonNode e : next.get("effects")) {
                double now = e.get("now").asDouble();
                double yes = e.get("ifPositive").asDouble();
                double no = e.get("ifNegative").asDouble();
                // One outcome cannot make both more and less likely than it is: what is likely is between the two.
                assertThat(now)
                        .as(next.get("criterion") + " " + e)
                        .isBetween(Math.min(yes, no) - 1e-6, Math.max(yes, no) + 1e-6);
            }
        }
    }

    private static void thePapersSayIt(String at, RandomCase random, JsonNode weighed) throws IOException {
        JsonNode report = LEXICOR.post(at + "/reports", "{\"kind\":\"record\"}").body();
        try (PDDocument pdf = Loader.loadPDF(LEXICOR.caller().download(at + "/reports/" + report.get("id") + "/pdf"))) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(random.code(), "It does not diagnose")
                    .containsIgnoringCase(
                            weighed.at("/standing/conditions/0/name").asString())
                    .contains(random.json().at("/intake/mechanism").asString());
        }
    }
}
