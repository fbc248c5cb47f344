package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Random;

/** Kills the server in the middle of recording, again and again on the same records, and looks for what it acknowledged. */
public final class KillRun {
    private static final String CASE = "HB-001";
    private static final int MOST_TAPS = 40;
    private static final int REPORT_EVERY = 10;

    private KillRun() {}

    /**
     * @return how many taps were acknowledged over all kills, every one of which was found again
     * @throws IllegalStateException if an acknowledged tap is gone
     */
    public static int run(Path root, Path data, int kills) throws IOException, InterruptedException {
        Acknowledged acknowledged = new Acknowledged(CASE);
        Random random = new Random(11);
        for (int kill = 0; kill <= kills; kill++) {
            try (ServerProcess server = ServerProcess.start(root, data)) {
                Browser lead = Browser.lead(server);
                if (kill == 0) {
                    lead.expect(201, "POST", "/api/cases", Taps.newCase(CASE));
                }
                acknowledged.lookFor(lead);
                if (kill > 0 && kill % REPORT_EVERY == 0) {
                    System.err.println(kill + " kills, " + acknowledged.count() + " taps acknowledged, none lost");
                }
                if (kill < kills) {
                    acknowledged.recordUntilKilled(server, lead, 1 + random.nextInt(MOST_TAPS));
                }
            }
        }
        return acknowledged.count();
    }
}
