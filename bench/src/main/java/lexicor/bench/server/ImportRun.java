package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

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
            byte[] archive = Archives.of(List.of(lead.expect(OK, "GET", "/api/cases/HB-001/file", "")), 0, cases);
            double[] megabytes = {server.residentMegabytes(), 0, 0};
            long begin = System.nanoTime();
            JsonNode looked = Archives.look(lead, archive);
            double look = (System.nanoTime() - begin) / 1e9;
            megabytes[1] = server.residentMegabytes();
            begin = System.nanoTime();
            JsonNode done = Archives.bring(lead, looked);
            double bring = (System.nanoTime() - begin) / 1e9;
            megabytes[2] = server.residentMegabytes();
            if (done.get("added").asInt() != cases) {
                throw new IllegalStateException("not all were brought in: " + done);
            }
            return new Result(cases, taps, look, bring, archive.length / 1e6, megabytes);
        }
    }
}
