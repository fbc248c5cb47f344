package lexicor.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import lexicor.server.start.LexicorServer;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a free port with a database of its own, for the tests of one class. */
public final class Running implements BeforeAllCallback, AfterAllCallback {
    private static final Path ROOT = Path.of(System.getProperty("lexicor.packs", "../packs"))
            .toAbsolutePath()
            .normalize()
            .getParent();

    private final HttpClient client = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();
    private final boolean demo;
    private ConfigurableApplicationContext context;
    private Path data;

    private Running(boolean demo) {
        this.demo = demo;
    }

    /** On an empty database. */
    public static Running empty() {
        return new Running(false);
    }

    /** With the demo clinic's cases. */
    public static Running demo() {
        return new Running(true);
    }

    @Override
    public void beforeAll(ExtensionContext test) throws IOException {
        data = Files.createTempDirectory("lexicor-test");
        start();
    }

    @Override
    public void afterAll(ExtensionContext test) throws IOException {
        context.close();
        FileSystemUtils.deleteRecursively(data);
    }

    private void start() {
        context = SpringApplication.run(
                LexicorServer.class,
                "--lexicor.data=" + data,
                "--lexicor.port=0",
                "--lexicor.packs=" + ROOT.resolve("packs"),
                "--lexicor.demo=" + (demo ? ROOT.resolve("demo") : ""));
    }

    /** Stops and starts again on the same data. */
    public void restart() {
        context.close();
        start();
    }

    Path data() {
        return data;
    }

    public String url(String path) {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port") + path;
    }

    static Path root() {
        return ROOT;
    }

    /** An answer: its status and its JSON. */
    public record Answer(int status, JsonNode body) {}

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path))).GET());
    }

    public Answer post(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer put(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("content-type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("content-type").orElse("");
            return new Answer(response.statusCode(), type.contains("json") ? json.readTree(response.body()) : null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
