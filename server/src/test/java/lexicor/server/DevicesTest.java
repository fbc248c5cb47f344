package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Anything that sends the documented lines is a device: here a client of the test's own, and the stand-in. */
@Tag("slow")
class DevicesTest {
    @RegisterExtension
    static final Running LEXICOR = Running.empty();

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    @Test
    void linesOfAForeignDeviceReachThePagesWithTheirTrial() throws Exception {
        BlockingQueue<String> events = listen();
        assertThat(send("bench-7", "{\"type\":\"hello\",\"kind\":\"grip\",\"name\":\"Bench gauge\"}\n" + press(0, 31))
                        .statusCode())
                .isEqualTo(204);
        assertThat(next(events, "devices").at("/devices/0/name").asString()).isEqualTo("Bench gauge");
        assertThat(next(events, "sample").get("device").asString()).isEqualTo("bench-7");
        JsonNode trial = next(events, "trial");
        assertThat(trial.get("unit").asString()).isEqualTo("kg");
        assertThat(trial.get("plateau").asDouble()).isCloseTo(31, within(1e-9));
        assertThat(trial.get("complete").asBoolean()).isTrue();
        assertThat(LEXICOR.get("/api/devices").body().at("/devices/0/connected").asBoolean())
                .isTrue();
        send("bench-7", "{\"type\":\"bye\"}");
        assertThat(LEXICOR.get("/api/devices").body().get("devices").toString()).doesNotContain("bench-7");
    }

    @Test
    void aStandInThatLosesItsLineHasOneBrokenTrialAndGoesOn() throws Exception {
        BlockingQueue<String> events = listen();
        LEXICOR.post(
                "/api/devices/simulated",
                "{\"kind\":\"dynamometer\",\"trials\":2,\"target\":90,\"pace\":10,\"dropped\":true}");
        assertThat(next(events, "trial").get("complete").asBoolean()).isFalse();
        JsonNode whole = next(events, "trial");
        assertThat(whole.get("complete").asBoolean()).isTrue();
        assertThat(whole.get("plateau").asDouble()).isBetween(70.0, 110.0);
        assertThat(whole.get("seconds").asDouble()).isBetween(6.0, 8.0);
        // It takes its leave, which another test would hear of otherwise.
        JsonNode known;
        do {
            known = next(events, "devices").get("devices");
        } while (!known.isEmpty());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Bench_7 | {"type":"hello","kind":"grip","name":"x"}  | 422 | small letters
            nobody  | {"type":"sample","ms":0,"value":1}         | 409 | has not said hello
            odd     | {"type":"hello","kind":"lamp","name":"x"}  | 422 | expected kind
            odd     | {"type":"hello","kind":"grip","name":""}   | 422 | expected a name
            odd     | {"type":"wave"}                            | 422 | hello, sample or bye
            odd     | nonsense                                   | 422 | line 1: not a JSON object
            """)
    void aWrongLineIsRefusedByItsNumber(String id, String line, int status, String named)
            throws IOException, InterruptedException {
        HttpResponse<String> answer = send(id, line);
        assertThat(answer.statusCode()).isEqualTo(status);
        assertThat(answer.body()).contains(named);
    }

    private static String deviceKey() {
        return LEXICOR.get("/api/settings/device-key").body().get("key").asString();
    }

    /** At rest for a second, pressed for seven, at rest again. */
    private static String press(int fromMillis, double value) {
        StringBuilder lines = new StringBuilder();
        for (int ms = 0; ms < 9000; ms += 50) {
            lines.append("{\"type\":\"sample\",\"ms\":%d,\"value\":%s}%n"
                    .formatted(fromMillis + ms, ms >= 1000 && ms < 8000 ? value : 0));
        }
        return lines.toString();
    }

    private static HttpResponse<String> send(String id, String lines) throws IOException, InterruptedException {
        return CLIENT.send(
                HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/devices/" + id + "/lines")))
                        .header("content-type", "application/x-ndjson")
                        .header("authorization", "Bearer " + deviceKey())
                        .POST(HttpRequest.BodyPublishers.ofString(lines))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** The events that pages are told, as {@code name data}. */
    private static BlockingQueue<String> listen() throws InterruptedException {
        BlockingQueue<String> events = new LinkedBlockingQueue<>();
        HttpRequest request = HttpRequest.newBuilder(URI.create(LEXICOR.url("/api/devices/events")))
                .header("accept", "text/event-stream")
                .header("cookie", LEXICOR.caller().cookieHeader())
                .build();
        CLIENT.sendAsync(request, HttpResponse.BodyHandlers.ofLines()).thenAccept(answer -> {
            try (Stream<String> lines = answer.body()) {
                String[] name = {""};
                lines.forEach(line -> {
                    if (line.startsWith("event:")) {
                        name[0] = line.substring("event:".length());
                    } else if (line.startsWith("data:")) {
                        events.add(name[0] + " " + line.substring("data:".length()));
                    }
                });
            }
        });
        // The first event says that the page is being told.
        assertThat(events.poll(20, TimeUnit.SECONDS)).startsWith("devices ");
        return events;
    }

    private static JsonNode next(BlockingQueue<String> events, String name) throws InterruptedException {
        while (true) {
            String event = events.poll(20, TimeUnit.SECONDS);
            assertThat(event).as("an event " + name).isNotNull();
            if (event.startsWith(name + " ")) {
                return new JsonMapper().readTree(event.substring(name.length() + 1));
            }
        }
    }
}
