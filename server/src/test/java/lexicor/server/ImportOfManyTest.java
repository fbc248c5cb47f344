package lexicor.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Many cases in one archive: watched, stopped between two, and gone on with. */
@Tag("slow")
class ImportOfManyTest {
    private static final int MANY = 60;

    @RegisterExtension
    static final Running LEXICOR = Running.demo();

    private static byte[] archive(int cases, int brokenAt) throws IOException {
        ObjectNode file = (ObjectNode) LEXICOR.get("/api/cases/HB-001/file").body();
        file.remove("weigh");
        StringBuilder lines = new StringBuilder();
        for (int n = 0; n < cases; n++) {
            lines.append(file.put("code", (n == brokenAt ? "no code " : "MANY-") + n))
                    .append('\n');
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("cases.jsonl"));
            zip.write(lines.toString().getBytes(UTF_8));
        }
        return bytes.toByteArray();
    }

    private static JsonNode settled(JsonNode seen) throws InterruptedException {
        JsonNode now = seen;
        while (now.get("state").asString().matches("looking|bringing")) {
            Thread.sleep(50);
            now = LEXICOR.get("/api/exchange/import/" + seen.get("id").asString())
                    .body();
        }
        return now;
    }

    private static JsonNode look(byte[] archive) throws InterruptedException {
        JsonNode looked =
                settled(LEXICOR.caller().upload("/api/exchange/import", archive).body());
        assertThat(looked.get("state").asString()).as(looked.toString()).isEqualTo("looked");
        assertThat(looked.get("done")).isEqualTo(looked.get("of"));
        return looked;
    }

    @Test
    void whatWasBroughtInBeforeItWasStoppedStaysAndTheRestFollows() throws Exception {
        byte[] archive = archive(MANY, -1);
        JsonNode look = look(archive);
        assertThat(look.get("added").asInt()).isEqualTo(MANY);
        String at = "/api/exchange/import/" + look.get("id").asString();
        Thread stopper = new Thread(() -> LEXICOR.delete(at));
        stopper.start();
        LEXICOR.post(at, "{}");
        stopper.join();
        JsonNode stopped = settled(LEXICOR.get(at).body());
        assertThat(stopped.get("state").asString()).isIn("stopped", "done");
        long there = LEXICOR.count("select count(*) from examination_case where code like 'MANY-%'");
        assertThat(stopped.get("done").asLong()).isEqualTo(there);
        // Whole cases alone: each has all its taps.
        assertThat(LEXICOR.count("select count(distinct n) from (select count(*) as n from tap where case_id in"
                        + " (select id from examination_case where code like 'MANY-%' or code = 'HB-001')"
                        + " group by case_id)"))
                .isEqualTo(1);

        JsonNode again = look(archive);
        assertThat(again.get("same").asLong()).isEqualTo(there);
        assertThat(again.get("added").asLong()).isEqualTo(MANY - there);
        JsonNode done =
                settled(LEXICOR.post("/api/exchange/import/" + again.get("id").asString(), "{}")
                        .body());
        assertThat(done.get("state").asString()).isEqualTo("done");
        assertThat(look(archive).get("same").asInt()).isEqualTo(MANY);
    }

    @Test
    void oneThatIsRefusedKeepsAllOut() throws Exception {
        JsonNode look = look(archive(5, 3));
        assertThat(look.get("refused").asInt()).isEqualTo(1);
        assertThat(look.at("/cases/0/status").asString()).isEqualTo("refused");
        assertThat(LEXICOR.post("/api/exchange/import/" + look.get("id").asString(), "{}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void anImportIsItsOwnersAlone() throws Exception {
        JsonNode look = look(archive(2, -1));
        Caller other = LEXICOR.anotherCaller();
        other.signInToDemo("plover");
        String at = "/api/exchange/import/" + look.get("id").asString();
        assertThat(other.get(at).status()).isEqualTo(404);
        assertThat(other.post(at, "{}").status()).isEqualTo(404);
        assertThat(other.delete(at).status()).isEqualTo(404);
    }
}
