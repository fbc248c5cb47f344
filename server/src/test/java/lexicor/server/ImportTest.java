package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Tables and packs out of the program and in again. */
@Tag("slow")
class ImportTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    @RegisterExtension
    static final Running OTHER = Running.empty();

    private static final String HEADER =
            "criterion,condition,kind,sensitivity,specificity,diseased,healthy,source,year,"
                    + "reference_standard,population,bias,confidence,note\r\n";

    /** A column, and a line in which it is wrong. */
    private static final List<List<String>> BAD = List.of(
            List.of("criterion", "neer/pane,subacromial-pain,study,0.8,0.5,20,20,A,2001,,,low,high,"),
            List.of("condition", "neer/pain,subacromial-pane,study,0.8,0.5,20,20,B,2001,,,low,high,"),
            List.of("kind", "neer/pain,subacromial-pain,opinion,0.8,0.5,20,20,C,2001,,,low,high,"),
            List.of("sensitivity", "neer/pain,subacromial-pain,study,1.8,0.5,20,20,D,2001,,,low,high,"),
            List.of("sensitivity", "neer/pain,subacromial-pain,study,most,0.5,20,20,E,2001,,,low,high,"),
            List.of("specificity", "neer/pain,subacromial-pain,study,0.8,,20,20,F,2001,,,low,high,"),
            List.of("specificity", "neer/pain,subacromial-pain,sensitivity-only,0.8,0.5,20,20,G,2001,,,low,high,"),
            List.of("diseased", "neer/pain,subacromial-pain,study,0.8,0.5,-3,20,H,2001,,,low,high,"),
            List.of("source", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,,2001,,,low,high,"),
            List.of("year", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,I,last year,,,low,high,"),
            List.of("bias", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,J,2001,,,some,high,"),
            List.of("", "neer/pain,subacromial-pain,study,0.8,0.5"),
            List.of("source", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,Good,2001,,,low,high,"));

    private static JsonNode preview(Running where, byte[] file) {
        Caller.Answer answer = where.caller().upload("/api/evidence/import", file);
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode apply(Running where, JsonNode preview) throws InterruptedException {
        String at = "/api/evidence/import/" + preview.get("id").asString();
        assertThat(where.post(at, "{\"why\":\"for the test\"}").status()).isEqualTo(200);
        JsonNode found = where.get(at).body();
        while (found.get("state").asString().equals("applying")) {
            Thread.sleep(50);
            found = where.get(at).body();
        }
        return found;
    }

    @Test
    void everyBadRowIsNamedByLineAndColumnAndNothingIsApplied() {
        StringBuilder table = new StringBuilder(HEADER)
                .append("neer/pain,subacromial-pain,study,0.8,0.5,20,20,Good,2001,,,low,high,\r\n");
        BAD.forEach(b -> table.append(b.get(1)).append("\r\n"));
        int before = LEXICOR.get("/api/evidence").body().toString().length();
        JsonNode preview = preview(LEXICOR, table.toString().getBytes(UTF_8));
        assertThat(preview.get("added").asInt()).isEqualTo(1);
        assertThat(preview.get("refused").asInt()).isEqualTo(BAD.size());
        for (int i = 0; i < BAD.size(); i++) {
            JsonNode line = preview.get("lines").get(i);
            assertThat(line.get("line").asInt()).isEqualTo(i + 3);
            assertThat(line.path("column").asString(""))
                    .as("line %d", i + 3)
                    .isEqualTo(BAD.get(i).get(0));
            assertThat(line.get("why").asString()).isNotBlank();
        }
        assertThat(LEXICOR.post("/api/evidence/import/" + preview.get("id").asString(), "{\"why\":\"for the test\"}")
                        .status())
                .isEqualTo(409);
        assertThat(LEXICOR.get("/api/evidence").body().toString()).hasSize(before);
    }

    @Test
    void aWholePackGoesToAnotherClinicAndBackWithoutLoss() throws InterruptedException {
        JsonNode studies = LEXICOR.get("/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain")
                .body()
                .get("studies");
        LEXICOR.put(
                "/api/evidence/checks/" + studies.get(0).get("fingerprint").asString(),
                "{\"state\":\"disputed\",\"note\":\"=cmd()\"}");
        String table = HEADER
                + "neer/pain,subacromial-pain,study,0.8,0.5,20,20,\"'=SUM(A1), quoted \"\"so\"\"\",2001,,,low,high,'-x\r\n"
                + "neer/pain,frozen-shoulder,judgement,0.8,0.5,8,8,\"judgement, no study\",2026,,,unclear,medium,\r\n";
        assertThat(apply(LEXICOR, preview(LEXICOR, table.getBytes(UTF_8)))
                        .get("state")
                        .asString())
                .isEqualTo("applied");
        JsonNode complaint =
                LEXICOR.get("/api/evidence/entries/complaint/shoulder-pain").body();
        LEXICOR.put(
                "/api/evidence/entries/complaint/shoulder-pain",
                "{\"version\":0,\"why\":\"for the test\",\"fields\":%s}"
                        .formatted(complaint.get("fields").toString().replace("\"name\":\"", "\"name\":\"Our ")));
        byte[] csv = LEXICOR.caller().download("/api/evidence/accuracy.csv");
        assertThat(new String(csv, UTF_8)).contains("\"'=SUM(A1), quoted \"\"so\"\"\"", "'-x");
        byte[] zip = LEXICOR.caller().download("/api/evidence/packs.zip");

        JsonNode there = preview(OTHER, zip);
        assertThat(there.get("refused").asInt()).as(there.toString()).isZero();
        assertThat(there.get("added").asInt()).isEqualTo(3);
        assertThat(there.get("changed").asInt()).isEqualTo(1);
        assertThat(apply(OTHER, there).get("state").asString()).isEqualTo("applied");
        assertThat(OTHER.caller().download("/api/evidence/accuracy.csv")).isEqualTo(csv);
        JsonNode again = preview(OTHER, zip);
        assertThat(again.get("added").asInt() + again.get("changed").asInt()).isZero();
        assertThat(preview(LEXICOR, csv).get("same").asInt()).isEqualTo(235);
        assertThat(OTHER.get("/api/catalogue").body().toString()).contains("Our Shoulder pain");
    }

    @Test
    void whatWasLookedAtIsNotAppliedToSomethingElse() throws InterruptedException {
        JsonNode preview = preview(
                OTHER, (HEADER + "neer/pain,slap-tear,study,0.8,0.5,20,20,Late,2001,,,low,high,\r\n").getBytes(UTF_8));
        JsonNode other = preview(
                OTHER,
                (HEADER + "neer/pain,slap-tear,study,0.8,0.5,20,20,Sooner,2001,,,low,high,\r\n").getBytes(UTF_8));
        apply(OTHER, other);
        assertThat(OTHER.post("/api/evidence/import/" + preview.get("id").asString(), "{\"why\":\"for the test\"}")
                        .status())
                .isEqualTo(409);
        assertThat(OTHER.post("/api/evidence/import/" + other.get("id").asString(), "{\"why\":\"for the test\"}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aZipCanNeitherEscapeNorExplodeNorHideAnything() throws IOException {
        byte[] bomb = zip("evidence/accuracy.csv", new byte[200 << 20]);
        for (byte[] bad : List.of(
                zip("../../outside.yaml", "x".getBytes(UTF_8)),
                zip("/etc/cron.d/x", "x".getBytes(UTF_8)),
                bomb,
                zip("evidence/accuracy.csv", new byte[] {(byte) 0xc3, 0x28}),
                "PK not a zip".getBytes(UTF_8))) {
            Caller.Answer answer = LEXICOR.caller().upload("/api/evidence/import", bad);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().get("detail").asString()).startsWith("zip");
        }
        assertThat(LEXICOR.caller()
                        .upload("/api/evidence/import", new byte[] {(byte) 0xff, 1})
                        .status())
                .isEqualTo(422);
        JsonNode broken = preview(LEXICOR, zip("evidence/conditions.yaml", "conditions: [".getBytes(UTF_8)));
        assertThat(broken.get("refused").asInt()).isPositive();
        assertThat(broken.at("/lines/0/file").asString()).isEqualTo("evidence/conditions.yaml");
    }

    private static byte[] zip(String name, byte[] content) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
            zip.closeEntry();
        }
        return bytes.toByteArray();
    }
}
