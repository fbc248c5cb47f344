package lexicor.bench.server;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;

/**
 * A document on its way while the program is killed: in the middle of recording before it was taken, and after it was taken
 * but before the answer.
 */
public final class OutboxRun {
    private static final int FULL = 507;
    private static final int CREATED = 201;
    private static final int TAPS = 20;
    private static final String CASE = "HB-001";
    private static final long PATIENCE_MILLIS = 60_000;

    private final Map<String, Integer> received = new ConcurrentHashMap<>();
    private final Acknowledged acknowledged = new Acknowledged(CASE);
    private final CountDownLatch refused = new CountDownLatch(1);
    private final CountDownLatch taken = new CountDownLatch(1);
    private volatile boolean full = true;
    private volatile boolean answers;

    private OutboxRun() {}

    /**
     * How often each document came, by its own id.
     *
     * @throws IllegalStateException if it does not arrive, or a tap is gone that was acknowledged on the way
     */
    public static Map<String, Integer> run(Path root, Path data) throws IOException, InterruptedException {
        OutboxRun run = new OutboxRun();
        HttpServer records = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        records.createContext("/", run::take);
        records.setExecutor(task -> new Thread(task).start());
        records.start();
        try {
            return run.send(
                    root, data, "http://127.0.0.1:" + records.getAddress().getPort() + "/");
        } finally {
            records.stop(0);
        }
    }

    private Map<String, Integer> send(Path root, Path data, String address) throws IOException, InterruptedException {
        try (ServerProcess server = ServerProcess.start(root, data)) {
            Browser lead = Browser.lead(server);
            String settings = lead.expect(200, "GET", "/api/settings", "");
            lead.expect(
                    200,
                    "PUT",
                    "/api/settings",
                    settings.replace("\"recordSystem\":\"\"", "\"recordSystem\":\"" + address + "\"")
                            .replace("\"insideHost\":\"\"", "\"insideHost\":\"127.0.0.1\""));
            lead.expect(201, "POST", "/api/cases", Taps.newCase(CASE));
            lead.expect(200, "POST", "/api/cases/" + CASE + "/outbox", "");
            refused.await();
            acknowledged.recordUntilKilled(server, lead, TAPS);
        }
        full = false;
        try (ServerProcess server = ServerProcess.start(root, data)) {
            taken.await();
            server.kill();
        }
        answers = true;
        try (ServerProcess server = ServerProcess.start(root, data)) {
            Browser lead = Browser.lead(server);
            acknowledged.lookFor(lead);
            long until = System.currentTimeMillis() + PATIENCE_MILLIS;
            while (!lead.expect(200, "GET", "/api/cases/" + CASE + "/outbox", "")
                    .contains("\"state\":\"sent\"")) {
                if (System.currentTimeMillis() > until) {
                    throw new IllegalStateException("the document did not arrive");
                }
                Thread.sleep(200);
            }
        }
        return Map.copyOf(received);
    }

    private void take(HttpExchange exchange) throws IOException {
        exchange.getRequestBody().readAllBytes();
        if (full) {
            exchange.sendResponseHeaders(FULL, -1);
            refused.countDown();
        } else {
            received.merge(exchange.getRequestHeaders().getFirst("idempotency-key"), 1, Integer::sum);
            taken.countDown();
            if (answers) {
                exchange.sendResponseHeaders(CREATED, -1);
            }
        }
        exchange.close();
    }
}
