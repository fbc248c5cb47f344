package lexicor.bench.server;

import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/** Taps of one case that the server said it keeps, over every time it is killed in the middle of recording them. */
final class Acknowledged {
    private final String path;
    private final Set<UUID> taps = ConcurrentHashMap.newKeySet();

    Acknowledged(String code) {
        path = "/api/cases/" + code + "/taps";
    }

    int count() {
        return taps.size();
    }

    /**
     * @throws IllegalStateException if one of them is gone
     */
    void lookFor(Browser lead) throws IOException, InterruptedException {
        String kept = lead.expect(200, "GET", path, "");
        taps.stream().filter(id -> !kept.contains(id.toString())).findFirst().ifPresent(lost -> {
            throw new IllegalStateException("the acknowledged tap " + lost + " is gone");
        });
    }

    /**
     * Records without a pause, and kills the server once so many more are acknowledged.
     *
     * @throws IllegalStateException if the recording ends by itself before
     */
    void recordUntilKilled(ServerProcess server, Browser lead, int more) throws InterruptedException {
        int before = taps.size();
        Thread recorder = new Thread(() -> {
            for (int n = 0; ; n++) {
                UUID id = UUID.randomUUID();
                try {
                    lead.expect(200, "POST", path, Taps.gap(id, n % 50));
                } catch (IOException | InterruptedException e) {
                    // The server is gone; whatever was on its way was not acknowledged.
                    return;
                }
                taps.add(id);
            }
        });
        recorder.start();
        while (recorder.isAlive() && taps.size() - before < more) {
            Thread.sleep(1);
        }
        int acknowledged = taps.size() - before;
        server.kill();
        recorder.join();
        if (acknowledged < more) {
            throw new IllegalStateException("only " + acknowledged + " of " + more + " taps were acknowledged");
        }
    }
}
