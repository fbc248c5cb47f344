package lexicor.server.devices;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;

/**
 * A stand-in for a device that knows nothing of the program but its address: it sends the documented lines over HTTP like any
 * other.
 */
public final class SimulatedDevice {
    /** Values in one request: a quarter of a second's worth. */
    private static final int BATCH = 5;

    private static final int NO_CONTENT = 204;
    private static final double MILLIS = 1000;

    private final HttpClient client = HttpClient.newHttpClient();
    private final URI lines;
    private final String key;

    /**
     * @param server for example {@code http://localhost:8080}
     * @param id of the device
     * @param key that lets a device in
     */
    public SimulatedDevice(String server, String id, String key) {
        this.key = key;
        this.lines = URI.create(server + "/api/devices/" + id + "/lines");
    }

    /**
     * Measures and leaves.
     *
     * @param kind dynamometer, grip or inclinometer
     * @param trials how many efforts
     * @param target what they come to, in the kind's unit
     * @param pace 1 for real time, more for faster
     * @param dropped whether the connection is lost in the middle of the first effort
     */
    public void run(String kind, int trials, double target, double pace, boolean dropped, long seed)
            throws IOException, InterruptedException {
        SimulatedSignal signal = new SimulatedSignal(seed, target, target / 80, target / 2000);
        send("{\"type\":\"hello\",\"kind\":\"%s\",\"name\":\"Simulated %s\"}\n".formatted(kind, kind));
        double end = trials * SimulatedSignal.CYCLE_SECONDS + SimulatedSignal.REST_SECONDS / 2;
        double lostFrom = dropped ? SimulatedSignal.REST_SECONDS + SimulatedSignal.HOLD_SECONDS / 2 : end;
        double backAt = dropped ? SimulatedSignal.CYCLE_SECONDS : end;
        StringBuilder batch = new StringBuilder();
        int inBatch = 0;
        for (int i = 0; i * SimulatedSignal.STEP_SECONDS < end; i++) {
            double t = i * SimulatedSignal.STEP_SECONDS;
            double value = signal.at(t);
            if (t < lostFrom || t >= backAt) {
                batch.append(String.format(
                        Locale.ROOT, "{\"type\":\"sample\",\"ms\":%.0f,\"value\":%.2f}%n", t * MILLIS, value));
            }
            if (++inBatch == BATCH) {
                send(batch.toString());
                batch.setLength(0);
                inBatch = 0;
                Thread.sleep((long) (BATCH * SimulatedSignal.STEP_SECONDS * MILLIS / pace));
            }
        }
        send(batch + "{\"type\":\"bye\"}\n");
    }

    private void send(String body) throws IOException, InterruptedException {
        if (body.isEmpty()) {
            return;
        }
        HttpRequest request = HttpRequest.newBuilder(lines)
                .header("content-type", "application/x-ndjson")
                .header("authorization", "Bearer " + key)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != NO_CONTENT) {
            throw new IOException(answer.body());
        }
    }
}
