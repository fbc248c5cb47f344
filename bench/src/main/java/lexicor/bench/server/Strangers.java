package lexicor.bench.server;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/** People from outside who try to sign in, so many a second, until they are sent away. */
final class Strangers implements AutoCloseable {
    private static final String TOKEN = "A".repeat(32);
    private static final int MOST_AT_ONCE = 1000;

    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(10))
            .build();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();
    private final Map<Integer, Integer> byStatus = new ConcurrentHashMap<>();
    private final AtomicInteger underWay = new AtomicInteger();
    private final AtomicInteger tried = new AtomicInteger();

    Strangers(String url, int perSecond) {
        clock.scheduleAtFixedRate(() -> tryOnce(url), 0, 1_000_000L / perSecond, TimeUnit.MICROSECONDS);
    }

    private void tryOnce(String url) {
        if (underWay.incrementAndGet() > MOST_AT_ONCE) {
            underWay.decrementAndGet();
            byStatus.merge(0, 1, Integer::sum);
            return;
        }
        String body = "{\"name\":\"stranger-%d\",\"password\":\"four wet ropes on the slipway\"}"
                .formatted(tried.incrementAndGet());
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + "/api/session"))
                .timeout(Duration.ofSeconds(30))
                .header("content-type", "application/json")
                .header("cookie", "XSRF-TOKEN=" + TOKEN)
                .header("x-xsrf-token", TOKEN)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        client.sendAsync(request, HttpResponse.BodyHandlers.discarding()).whenComplete((answer, failure) -> {
            underWay.decrementAndGet();
            byStatus.merge(answer == null ? -1 : answer.statusCode(), 1, Integer::sum);
        });
    }

    /** How they were answered; 0 where so many were under way that one was not sent, -1 without an answer. */
    Map<Integer, Integer> byStatus() {
        return new TreeMap<>(byStatus);
    }

    @Override
    public void close() {
        clock.shutdownNow();
    }
}
