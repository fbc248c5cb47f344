package lexicor.bench.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Archives of many cases, and the bringing in of them. */
final class Archives {
    private static final int OK = 200;

    private Archives() {}

    /** The same few cases again and again, their figures too, each with a code and tap ids of its own. */
    static byte[] of(List<String> files, int from, int cases) throws IOException {
        List<ObjectNode> some = files.stream()
                .map(f -> (ObjectNode) new JsonMapper().readTree(f))
                .toList();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("cases.jsonl"));
            for (int n = from; n < from + cases; n++) {
                ObjectNode one = some.get(n % some.size());
                one.put("code", "MV-" + n);
                one.get("taps").forEach(t -> ((ObjectNode) t)
                        .put("id", UUID.randomUUID().toString()));
                zip.write((one + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** What bringing it in would do, as soon as all of it was looked at. */
    static JsonNode look(Browser lead, byte[] archive) throws IOException, InterruptedException {
        return settled(lead, lead.upload("/api/exchange/import", archive).body());
    }

    /** Brings in what was looked at. */
    static JsonNode bring(Browser lead, JsonNode looked) throws IOException, InterruptedException {
        return settled(
                lead,
                lead.expect(
                        OK, "POST", "/api/exchange/import/" + looked.get("id").asString(), "{}"));
    }

    private static JsonNode settled(Browser lead, String answer) throws IOException, InterruptedException {
        JsonNode now = new JsonMapper().readTree(answer);
        while (now.get("state").asString().matches("looking|bringing")) {
            Thread.sleep(500);
            now = new JsonMapper()
                    .readTree(lead.expect(
                            OK, "GET", "/api/exchange/import/" + now.get("id").asString(), ""));
        }
        return now;
    }
}
