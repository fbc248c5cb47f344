package lexicor.bench.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Brings an archive of many cases in, as a clinic that moves house does. */
public final class ImportRun {
    private static final int CREATED = 201;
    private static final int OK = 200;

    private ImportRun() {}

    /** @param megabytes the server's memory before, when all was looked at, and at the end */
    public record Result(
            int cases, int taps, double lookSeconds, double bringSeconds, double archive, double[] megabytes) {
        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d cases of %d taps (%.1f MB): looked at in %.1f s, brought in in %.1f s; memory %.0f, %.0f, %.0f MB",
                    cases,
                    taps,
                    archive,
                    lookSeconds,
                    bringSeconds,
                    megabytes[0],
                    megabytes[1],
                    megabytes[2]);
        }
    }

    public static Result run(Path root, Path data, int cases, int taps) throws IOException, InterruptedException {
        try (ServerProcess server = ServerProcess.start(root, data)) {
            Browser lead = Browser.lead(server);
            lead.expect(CREATED, "POST", "/api/cases", Taps.newCase("HB-001"));
            for (int n = 0; n < taps; n++) {
                lead.expect(OK, "POST", "/api/cases/HB-001/taps", Taps.nth(UUID.randomUUID(), n));
            }
            byte[] archive = archive(lead.expect(OK, "GET", "/api/cases/HB-001/file", ""), cases);
            double[] megabytes = {server.residentMegabytes(), 0, 0};
            long begin = System.nanoTime();
            JsonNode looked =
                    settled(lead, lead.upload("/api/exchange/import", archive).body());
            double look = (System.nanoTime() - begin) / 1e9;
            megabytes[1] = server.residentMegabytes();
            begin = System.nanoTime();
            JsonNode done = settled(
                    lead,
                    lead.expect(
                            OK,
                            "POST",
                            "/api/exchange/import/" + looked.get("id").asString(),
                            "{}"));
            double bring = (System.nanoTime() - begin) / 1e9;
            megabytes[2] = server.residentMegabytes();
            if (done.get("added").asInt() != cases) {
                throw new IllegalStateException("not all were brought in: " + done);
            }
            return new Result(cases, taps, look, bring, archive.length / 1e6, megabytes);
        }
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

    /** The same case again and again, its figures too, each with a code and tap ids of its own. */
    private static byte[] archive(String file, int cases) throws IOException {
        ObjectNode one = (ObjectNode) new JsonMapper().readTree(file);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("cases.jsonl"));
            for (int n = 0; n < cases; n++) {
                one.put("code", "MV-" + n);
                one.get("taps").forEach(t -> ((ObjectNode) t)
                        .put("id", UUID.randomUUID().toString()));
                zip.write((one + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }
}
