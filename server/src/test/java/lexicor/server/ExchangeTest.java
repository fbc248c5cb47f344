package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lexicor.core.weighfile.WeighFile;
import lexicor.standin.FhirCheck;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Cases out of one clinic's program and into another's, as files and as documents. */
@Tag("slow")
class ExchangeTest {
    @RegisterExtension
    static final Running CLINIC = Running.demo();

    @RegisterExtension
    static final Running OTHER = Running.empty();

    private static List<String> codes() {
        List<String> codes = new ArrayList<>();
        CLINIC.get("/api/cases").body().forEach(c -> codes.add(c.get("code").asString()));
        return codes;
    }

    private static JsonNode preview(Running where, byte[] file) {
        Caller.Answer answer = where.caller().upload("/api/exchange/import", file);
        assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode bringIn(Running where, byte[] file) {
        JsonNode preview = preview(where, file);
        assertThat(preview.get("refused").asInt()).as(preview.toString()).isZero();
        return where.post("/api/exchange/import/" + preview.get("id").asString(), "{}")
                .body();
    }

    /** Without what differs from clinic to clinic: whose it is. */
    private static JsonNode standing(Running where, String code) {
        return where.get("/api/cases/" + code + "/weighed").body().get("standing");
    }

    @Test
    void everyCaseIsADocumentThatPassesAndRestoresIt() {
        for (String code : codes()) {
            byte[] document = CLINIC.caller().download("/api/cases/" + code + "/fhir");
            String text = new String(document, UTF_8);
            assertThat(FhirCheck.errors(text)).as(code).isEmpty();
            assertThat(text)
                    .doesNotContainPattern("\\b(tern|plover|heron)\\b")
                    .contains("RiskAssessment", "probabilityDecimal");
        }
        assertThat(FhirCheck.errors("{\"resourceType\":\"Bundle\",\"type\":\"nonsense\"}"))
                .isNotEmpty();
        byte[] document = CLINIC.caller().download("/api/cases/HB-002/fhir");
        assertThat(CLINIC.caller().download("/api/cases/HB-002/fhir")).isEqualTo(document);
        Running there = OTHER;
        assertThat(bringIn(there, document).get("added").asInt()).isEqualTo(1);
        assertThat(standing(there, "HB-002")).isEqualTo(standing(CLINIC, "HB-002"));
        assertThat(there.caller()
                        .upload("/api/exchange/import", "{\"resourceType\":\"Bundle\"}".getBytes(UTF_8))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void allCasesGoToAnotherClinicWithoutLossAndAreRecognisedThere() {
        byte[] zip = CLINIC.caller().download("/api/exchange/cases.zip");
        JsonNode preview = preview(OTHER, zip);
        assertThat(preview.get("refused").asInt()).as(preview.toString()).isZero();
        bringIn(OTHER, zip);
        for (String code : codes()) {
            ObjectNode there = file(OTHER, code, true);
            ObjectNode here = file(CLINIC, code, true);
            assertThat(there).as(code).isEqualTo(here);
        }
        JsonNode again = preview(OTHER, zip);
        assertThat(again.get("same").asInt()).isEqualTo(codes().size());

        // Gone on with at home, the case is continued there; gone on with there, it is not overwritten.
        String tap =
                "{\"tapId\":\"%s\",\"test\":\"neer\",\"at\":\"\",\"side\":\"left\",\"changes\":{\"pain.familiar\":true}}";
        CLINIC.post("/api/cases/HB-004/taps", tap.formatted(java.util.UUID.randomUUID()));
        byte[] later = CLINIC.caller().download("/api/cases/HB-004/file");
        assertThat(bringIn(OTHER, later).get("changed").asInt()).isEqualTo(1);
        assertThat(standing(OTHER, "HB-004")).isEqualTo(standing(CLINIC, "HB-004"));
        OTHER.post("/api/cases/HB-004/taps", tap.formatted(java.util.UUID.randomUUID()));
        JsonNode refused = preview(OTHER, later);
        assertThat(refused.at("/cases/0/why").asString()).contains("gone on with here");
        assertThat(OTHER.post("/api/exchange/import/" + refused.get("id").asString(), "{}")
                        .status())
                .isEqualTo(409);
    }

    private static ObjectNode file(Running where, String code, boolean dates) {
        return (ObjectNode)
                where.get("/api/cases/" + code + "/file?dates=" + dates).body();
    }

    /** Whatever a case holds, it comes out as it went in: cases made at random from the whole catalogue. */
    @Test
    void noCaseLosesAnythingOnTheWay() {
        JsonNode catalogue = CLINIC.get("/api/catalogue").body();
        StringBuilder lines = new StringBuilder();
        List<RandomCase> made = new ArrayList<>();
        for (int n = 0; n < 40; n++) {
            RandomCase random = new RandomCase(catalogue, "RC-" + (100 + n), n);
            made.add(random);
            lines.append(random.json()).append('\n');
        }
        assertThat(bringIn(OTHER, zip(lines.toString())).get("added").asInt()).isEqualTo(40);
        for (RandomCase random : made) {
            ObjectNode out = file(OTHER, random.code(), true);
            out.remove("weigh");
            assertThat(out).isEqualTo(new JsonMapper().readTree(random.json().toString()));
        }
    }

    private static byte[] zip(String lines) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("cases.jsonl"));
            zip.write(lines.getBytes(UTF_8));
            zip.closeEntry();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    @Test
    void everyFileKeepsToThePublishedSchema() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Running.root().resolve("server/src/main/resources/case-file.schema.json")));
        for (String code : codes()) {
            for (boolean dates : List.of(true, false)) {
                assertThat(schema.validate(file(CLINIC, code, dates).toString(), InputFormat.JSON))
                        .as(code)
                        .isEmpty();
            }
        }
        assertThat(schema.validate("{\"format\":\"lexicor-case\",\"version\":2}", InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    void aFileIsWeighedAgainToTheSame() {
        for (String code : codes()) {
            JsonNode result = WeighFile.answer(code, file(CLINIC, code, true).toString());
            JsonNode shown = standing(CLINIC, code).get("conditions");
            for (JsonNode c : shown) {
                String id = c.get("id").asString();
                double weighed = 0;
                for (JsonNode r : result.get("conditions")) {
                    weighed = r.get("id").asString().equals(id)
                            ? r.get("posttest").asDouble()
                            : weighed;
                }
                assertThat(weighed)
                        .as(code + " " + id)
                        .isEqualTo(c.get("posttest").asDouble());
            }
        }
    }

    @Test
    void withoutDatesNoneIsInTheFileAndTheVisitsKeepTheirDistance() {
        ObjectNode file = file(CLINIC, "HB-001", false);
        assertThat(file.toString()).doesNotContainPattern("20\\d\\d-\\d\\d-\\d\\d");
        JsonNode dated = file(CLINIC, "HB-001", true);
        for (int i = 0; i < file.get("visits").size(); i++) {
            assertThat(file.at("/visits/" + i + "/day")).isEqualTo(dated.at("/visits/" + i + "/day"));
        }
        file.put("code", "HB-900");
        // Nobody learns from a copy under another code whether its taps are in somebody else's case.
        assertThat(bringIn(CLINIC, file.toString().getBytes(UTF_8)).get("added").asInt())
                .isEqualTo(1);
        assertThat(standing(CLINIC, "HB-900")).isEqualTo(standing(CLINIC, "HB-001"));
    }

    @Test
    void whatIsNoCaseIsRefusedByItsField() {
        ObjectNode file = file(CLINIC, "HB-003", true);
        for (String[] wrong : new String[][] {
            {"\"version\":1", "\"version\":7", "version"},
            {"\"complaint\":\"", "\"complaint\":\"no-", "complaint"},
            {"\"involvedSide\":\"left\"", "\"involvedSide\":\"top\"", "involvedSide"},
            {"\"involvedSide\":\"right\"", "\"involvedSide\":\"top\"", "involvedSide"},
            {"\"visit\":1", "\"visit\":9", "visit"},
        }) {
            String text = file.toString();
            if (!text.contains(wrong[0])) {
                continue;
            }
            JsonNode preview = preview(OTHER, text.replace(wrong[0], wrong[1]).getBytes(UTF_8));
            assertThat(preview.get("refused").asInt()).as(wrong[1]).isEqualTo(1);
            assertThat(preview.at("/cases/0/why").asString()).contains(wrong[2]);
        }
        for (String text : List.of("", "{", "[]", "PK nothing", "{\"format\":\"lexicor-case\",\"colour\":1}")) {
            assertThat(OTHER.caller()
                            .upload("/api/exchange/import", text.getBytes(UTF_8))
                            .status())
                    .as(text)
                    .isBetween(400, 422);
        }
    }
}
