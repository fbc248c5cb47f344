package lexicor.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;

/**
 * Receives documents over HTTP as a record system would: checks them, keeps each once, and on request is slow, full or down.
 * It keeps them in memory alone and listens on this machine alone.
 *
 * <p>{@code POST /documents} takes one, {@code GET /documents} tells what it has, {@code POST /mode/slow} and so on changes
 * how it behaves.
 */
public final class RecordSystem implements AutoCloseable {
    /** How it behaves. */
    public enum Mode {
        OK,
        SLOW,
        FULL,
        DOWN
    }

    private static final Duration SLOWNESS = Duration.ofSeconds(4);
    private static final int MOST_BYTES = 32 << 20;
    private static final int CREATED = 201;
    private static final int OK = 200;
    private static final int UNPROCESSABLE = 422;
    private static final int FULL = 507;
    private static final int NOT_FOUND = 404;

    private final HttpServer server;
    private final Map<String, Integer> received = new LinkedHashMap<>();
    private volatile Mode mode = Mode.OK;

    private RecordSystem(HttpServer server) {
        this.server = server;
    }

    /**
     * @param port 0 for any that is free
     */
    public static RecordSystem start(int port) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        RecordSystem system = new RecordSystem(server);
        server.createContext("/documents", system::documents);
        server.createContext("/mode/", system::mode);
        server.setExecutor(Executors.newCachedThreadPool(r -> {
            Thread thread = new Thread(r, "record-system");
            thread.setDaemon(true);
            return thread;
        }));
        server.start();
        return system;
    }

    /** Where documents are sent to. */
    public String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/documents";
    }

    public void behave(Mode next) {
        mode = next;
    }

    /** How often each document was stored: once, or something is wrong with it. */
    public synchronized Map<String, Integer> received() {
        return Map.copyOf(received);
    }

    private void documents(HttpExchange exchange) throws IOException {
        if (mode == Mode.DOWN) {
            exchange.close();
            return;
        }
        if (!exchange.getRequestMethod().equals("POST")) {
            answer(exchange, OK, state());
            return;
        }
        byte[] content = exchange.getRequestBody().readNBytes(MOST_BYTES);
        if (mode == Mode.SLOW) {
            sleep();
        }
        if (mode == Mode.FULL) {
            answer(exchange, FULL, "The record system is full.");
            return;
        }
        String text = new String(content, StandardCharsets.UTF_8);
        Optional<String> id = FhirCheck.identifier(text);
        List<String> errors = id.isEmpty() ? List.of("not a document") : FhirCheck.errors(text);
        if (!errors.isEmpty()) {
            answer(exchange, UNPROCESSABLE, String.join("\n", errors));
            return;
        }
        boolean isNew = keep(id.orElseThrow());
        answer(exchange, isNew ? CREATED : OK, isNew ? "Kept." : "Known already.");
    }

    private synchronized boolean keep(String id) {
        return received.putIfAbsent(id, 1) == null;
    }

    private synchronized String state() {
        return String.format(Locale.ROOT, "%s, %d documents%n", mode.name().toLowerCase(Locale.ROOT), received.size());
    }

    private void mode(HttpExchange exchange) throws IOException {
        String path = URLDecoder.decode(exchange.getRequestURI().getPath(), StandardCharsets.UTF_8);
        String word = path.substring(path.lastIndexOf('/') + 1).toUpperCase(Locale.ROOT);
        Optional<Mode> next =
                Arrays.stream(Mode.values()).filter(m -> m.name().equals(word)).findFirst();
        next.ifPresent(this::behave);
        answer(exchange, next.isPresent() ? OK : NOT_FOUND, next.isPresent() ? state() : "ok, slow, full or down");
    }

    private static void sleep() {
        try {
            Thread.sleep(SLOWNESS.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void answer(HttpExchange exchange, int status, String text) throws IOException {
        byte[] body = text.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(status, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
