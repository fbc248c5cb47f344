package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/** Kills the server in the middle of recording, again and again on the same records, and looks for what it acknowledged. */
public final class KillRun {
    private static final int MOST_TAPS = 40;
    private static final int REPORT_EVERY = 10;

    private KillRun() {}

    /**
     * @return how many taps were acknowledged over all kills, every one of which was found again
     * @throws IllegalStateException if an acknowledged tap is gone
     */
    public static int run(Path root, Path data, int kills) throws IOException, InterruptedException {
        Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
        Random random = new Random(11);
        for (int kill = 0; kill <= kills; kill++) {
            try (ServerProcess server = ServerProcess.start(root, data)) {
                Browser lead = Browser.lead(server);
                if (kill == 0) {
                    lead.expect(201, "POST", "/api/cases", Taps.newCase("HB-001"));
                }
                String kept = lead.expect(200, "GET", "/api/cases/HB-001/taps", "");
                acknowledged.stream()
                        .filter(id -> !kept.contains(id.toString()))
                        .findFirst()
                        .ifPresent(lost -> {
                            throw new IllegalStateException("the acknowledged tap " + lost + " is gone");
                        });
                if (kill > 0 && kill % REPORT_EVERY == 0) {
                    System.err.println(kill + " kills, " + acknowledged.size() + " taps acknowledged, none lost");
                }
                if (kill < kills) {
                    recordUntilKilled(server, lead, acknowledged, 1 + random.nextInt(MOST_TAPS));
                }
            }
        }
        return acknowledged.size();
    }

    private static void recordUntilKilled(ServerProcess server, Browser lead, Set<UUID> acknowledged, int taps)
            throws InterruptedException {
        int before = acknowledged.size();
        Thread recorder = new Thread(() -> {
            for (int n = 0; ; n++) {
                UUID id = UUID.randomUUID();
                try {
                    lead.expect(200, "POST", "/api/cases/HB-001/taps", Taps.gap(id, n % 50));
                } catch (IOException | InterruptedException e) {
                    // The server is gone; whatever was on its way was not acknowledged.
                    return;
                }
                acknowledged.add(id);
            }
        });
        recorder.start();
        while (recorder.isAlive() && acknowledged.size() - before < taps) {
            Thread.sleep(1);
        }
        server.kill();
        recorder.join();
    }
}
