package lexicor.server;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_16LE;
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

    @RegisterExtension
    static final Running THIRD = Running.empty();

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
            List.of("source", "neer/pain,subacromial-pain,study,0.8,0.5"),
            List.of("year", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,K,2199,,,low,high,"),
            List.of("source", "neer/pain,subacromial-pain,study,0.8,0.5,20,20,Good,2001,,,low,high,"));

    private static JsonNode preview(Running where, byte[] file) {
        Caller.Answer answer = where.caller().upload("/api/evidence/import", file);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode apply(Running where, JsonNode preview, String... goes) throws InterruptedException {
        String at = "/api/evidence/import/" + preview.get("id").asString();
        String ticked = goes.length == 0 ? "[]" : "[\"" + String.join("\",\"", goes) + "\"]";
        assertThat(where.post(at, "{\"why\":\"for the test\",\"goes\":%s}".formatted(ticked))
                        .status())
                .isEqualTo(200);
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
            int row = i + 3;
            assertThat(preview.get("lines")
                            .valueStream()
                            .filter(l -> l.path("line").asInt(0) == row))
                    .as("row %d", row)
                    .isNotEmpty()
                    .anyMatch(l -> l.path("column")
                            .asString("")
                            .equals(BAD.get(row - 3).get(0)))
                    .allMatch(l -> l.get("status").asString().equals("refused"))
                    .allMatch(l -> l.get("why").asString().matches("(?s).*(expected|there is no|the same study).*"));
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
        assertThat(preview(LEXICOR, csv).get("same").asInt()).isEqualTo(313);
        assertThat(OTHER.get("/api/evidence/pair?criterion=neer/pain&condition=subacromial-pain")
                        .body()
                        .at("/studies/0/check/from")
                        .asString())
                .startsWith("brought in by heron on ");
        assertThat(OTHER.get("/api/catalogue").body().toString()).contains("Our Shoulder pain");
    }

    /** The table as a spreadsheet of another country keeps it, and as a workbook: nothing in it is a change. */
    @Test
    void everyWayTheTableGoesOutComesInAgainAsTheSame() throws InterruptedException {
        String own = HEADER
                + "neer/pain,slap-tear,study,0.81,0.5,,20,\"Made-up, \u00e9 et al.\",2003,,,low,high,\"=two\nlines\"\r\n";
        apply(THIRD, preview(THIRD, own.getBytes(UTF_8)));
        int rows = preview(THIRD, THIRD.caller().download("/api/evidence/accuracy.csv"))
                .get("same")
                .asInt();
        String semicolons = "/api/evidence/accuracy.csv?separator=semicolon&decimal=comma&mark=true";
        String text = new String(THIRD.caller().download(semicolons), UTF_8);
        assertThat(text).startsWith("\ufeffcriterion;condition").contains("neer/pain;slap-tear;study;0,81;0,5;;20;");
        List<byte[]> files = List.of(
                text.getBytes(UTF_8),
                text.getBytes(UTF_16LE),
                text.substring(1).getBytes(java.nio.charset.Charset.forName("windows-1252")),
                THIRD.caller().download("/api/evidence/accuracy.csv?separator=tab"),
                THIRD.caller().download("/api/evidence/accuracy.xlsx"));
        for (byte[] file : files) {
            JsonNode found = preview(THIRD, file);
            assertThat(found.get("lines")).as(found.get("lines").toString()).isEmpty();
            assertThat(found.get("same").asInt()).isEqualTo(rows);
        }
        assertThat(THIRD.get("/api/evidence/accuracy.csv?separator=dash")
                        .body()
                        .get("detail")
                        .asString())
                .isEqualTo("separator: expected one of comma, semicolon, tab, found dash");
        assertThat(preview(THIRD, files.get(0)).get("remarks").toString())
                .contains("separated by semicolons; decimals have a comma");
    }

    @Test
    void aRowOfOursThatIsMissingStaysUnlessItIsTickedAndAShippedOneAlwaysStays() throws InterruptedException {
        String ours = "neer/pain,frozen-shoulder,study,0.8,0.5,20,20,%s,2003,,,low,high,\r\n";
        apply(THIRD, preview(THIRD, (HEADER + ours.formatted("Kept") + ours.formatted("Gone")).getBytes(UTF_8)));
        JsonNode found =
                preview(THIRD, (HEADER + "\r\n,,\r\n" + ours.formatted("Kept").replace("0.8", "7 %")).getBytes(UTF_8));
        assertThat(found.get("changed").asInt()).isEqualTo(1);
        assertThat(found.at("/remarks/1").asString()).isEqualTo("2 empty rows are no rows.");
        assertThat(found.get("lines").toString()).contains("sensitivity: 0.8 becomes 0.07");
        JsonNode missing = found.get("lines")
                .valueStream()
                .filter(l -> l.get("name").asString().contains("Gone 2003"))
                .findFirst()
                .orElseThrow();
        assertThat(missing.get("status").asString()).isEqualTo("missing");
        assertThat(apply(THIRD, found).get("state").asString()).isEqualTo("applied");
        String table = new String(THIRD.caller().download("/api/evidence/accuracy.csv"), UTF_8);
        assertThat(table).contains("Kept,2003", "Gone,2003", "Michener");

        JsonNode again = preview(THIRD, (HEADER + ours.formatted("Kept")).getBytes(UTF_8));
        String id = "/api/evidence/import/" + again.get("id").asString();
        assertThat(THIRD.post(id, "{\"why\":\"for the test\",\"goes\":[\"0123\"]}")
                        .status())
                .isEqualTo(422);
        apply(THIRD, again, missing.get("fingerprint").asString());
        assertThat(new String(THIRD.caller().download("/api/evidence/accuracy.csv"), UTF_8))
                .contains("Kept,2003", "Michener")
                .doesNotContain("Gone,2003");
    }

    @Test
    void whatIsNoTableOfFiguresSaysByWhat() {
        for (List<String> bad : List.of(
                List.of(
                        "criterion;condition;kind\nx;y;z\n",
                        "The columns are separated by semicolons; missing: sensitivity"),
                List.of("just words", "No commas, semicolons or tabs"),
                List.of("\u00d0\u00cf\u0011\u00e0", "save it as XLSX"))) {
            Caller.Answer answer =
                    THIRD.caller().upload("/api/evidence/import", bad.get(0).getBytes(ISO_8859_1));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().get("detail").asString())
                    .startsWith("file: ")
                    .contains(bad.get(1));
        }
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
        byte[] vast = zip("[Content_Types].xml", new byte[200 << 20]);
        for (byte[] bad : List.of(vast, zip("[Content_Types].xml", "<x/>".getBytes(UTF_8)))) {
            Caller.Answer answer = LEXICOR.caller().upload("/api/evidence/import", bad);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().get("detail").asString()).startsWith("workbook");
        }
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
