package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import lexicor.server.start.LexicorServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** The process is killed in the middle of recording: every tap that was acknowledged is there afterwards. */
class CrashTest {
    private static final int TAPS_BEFORE_THE_KILL = 25;

    private final HttpClient client = HttpClient.newHttpClient();

    @TempDir
    Path data;

    @Test
    void everyAcknowledgedTapSurvivesAKill() throws Exception {
        List<Integer> acknowledged = new ArrayList<>();
        Server first = Server.start(data);
        post(first, "/api/cases", "{\"code\":\"HB-001\",\"complaint\":\"shoulder-pain\",\"involvedSide\":\"right\"}");
        CompletableFuture<Void> kill = new CompletableFuture<>();
        Thread recorder = new Thread(() -> {
            for (int gap = 1; gap < 500; gap++) {
                try {
                    if (post(first, "/api/cases/HB-001/taps", tap(gap)) == 200) {
                        acknowledged.add(gap);
                    }
                } catch (IOException e) {
                    return;
                }
                if (gap == TAPS_BEFORE_THE_KILL) {
                    kill.complete(null);
                }
            }
        });
        recorder.start();
        kill.get(180, TimeUnit.SECONDS);
        first.process.destroyForcibly().waitFor();
        recorder.join();

        Server second = Server.start(data);
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(second.url + "/api/cases/HB-001"))
                    .build();
            String body =
                    client.send(request, HttpResponse.BodyHandlers.ofString()).body();
            double gap = new JsonMapper()
                    .readTree(body)
                    .at("/examination/readings/0/values/gapMm")
                    .asDouble();
            // One more than the last acknowledged may have been saved without its answer getting through.
            int last = acknowledged.get(acknowledged.size() - 1);
            assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(TAPS_BEFORE_THE_KILL);
            assertThat(gap).isBetween((double) last, last + 1.0);
        } finally {
            second.process.destroyForcibly().waitFor();
        }
    }

    private static String tap(int gap) {
        return "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":%d}}"
                .formatted(UUID.randomUUID(), gap);
    }

    private int post(Server server, String path, String body) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.url + path))
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            return client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (InterruptedException e) {
            throw new IOException(e);
        }
    }

    /** The server as a process of its own. */
    private record Server(Process process, String url) {
        static Server start(Path data) throws IOException {
            Process process = new ProcessBuilder(
                            ProcessHandle.current().info().command().orElse("java"),
                            "-cp",
                            System.getProperty("java.class.path"),
                            "-Dlexicor.data=" + data,
                            "-Dlexicor.port=0",
                            "-Dlexicor.packs=" + Running.root().resolve("packs"),
                            LexicorServer.class.getName())
                    .redirectErrorStream(true)
                    .start();
            BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()));
            StringBuilder said = new StringBuilder();
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.append(line).append('\n');
                if (line.startsWith("Lexicor is ready at ")) {
                    return new Server(process, line.split(" ")[4]);
                }
            }
            throw new IOException("the server did not start: " + said);
        }
    }
}
