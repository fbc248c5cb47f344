package lexicor.bench.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/** Clinicians who record one tap a second each against a server with many cases. */
public final class LoadRun {
    private static final int MAKERS = 4;
    private static final int WARM_UP_PART = 4;

    private LoadRun() {}

    /**
     * What came of it.
     *
     * @param megabytes the server's memory at the start, in the middle and at the end
     */
    public record Result(
            int taps, int errors, double perSecond, double p50, double p95, double p99, double[] megabytes) {
        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d taps, %d errors, %.1f a second; p50 %.1f ms, p95 %.1f ms, p99 %.1f ms; memory %.0f, %.0f, %.0f MB",
                    taps,
                    errors,
                    perSecond,
                    p50,
                    p95,
                    p99,
                    megabytes[0],
                    megabytes[1],
                    megabytes[2]);
        }
    }

    /**
     * @param strangersPerSecond who try to sign in from outside during a second play; 0 for none
     * @return of the play alone, and of the one beside strangers
     */
    public static List<Result> run(Path root, Path data, int clinicians, int cases, int seconds, int strangersPerSecond)
            throws IOException, InterruptedException {
        try (ServerProcess server = ServerProcess.start(root, data)) {
            return run(server, Browser.lead(server), clinicians, cases, seconds, strangersPerSecond);
        }
    }

    /** The same on a server that runs already. */
    static List<Result> run(
            ServerProcess server, Browser lead, int clinicians, int cases, int seconds, int strangersPerSecond)
            throws IOException, InterruptedException {
        List<Browser> people = new ArrayList<>();
        for (int i = 0; i < clinicians; i++) {
            lead.expect(
                    201,
                    "POST",
                    "/api/people",
                    "{\"name\":\"c%d\",\"role\":\"clinician\",\"password\":\"%s\"}".formatted(i, Browser.PASSWORD));
            Browser person = new Browser(server.url());
            person.signIn("c" + i);
            people.add(person);
        }
        makeCases(people, cases);
        // A running server has been in use for a while; what it learns in its first minute is not counted.
        play(server, people, seconds / WARM_UP_PART);
        Result alone = play(server, people, seconds);
        if (strangersPerSecond == 0) {
            return List.of(alone);
        }
        try (Strangers strangers = new Strangers(server.url(), strangersPerSecond)) {
            Result beside = play(server, people, seconds);
            System.err.println("strangers who tried to sign in, by answer: " + strangers.byStatus());
            return List.of(alone, beside);
        }
    }

    private static void makeCases(List<Browser> people, int cases) throws InterruptedException {
        ExecutorService makers = Executors.newFixedThreadPool(MAKERS);
        AtomicInteger failed = new AtomicInteger();
        for (int n = 0; n < cases; n++) {
            int number = n;
            makers.submit(() -> {
                try {
                    people.get(number % people.size()).expect(201, "POST", "/api/cases", Taps.newCase("LD-" + number));
                } catch (IOException | InterruptedException e) {
                    failed.incrementAndGet();
                }
            });
        }
        makers.shutdown();
        makers.awaitTermination(1, TimeUnit.HOURS);
        if (failed.get() > 0) {
            throw new IllegalStateException(failed.get() + " cases could not be made");
        }
    }

    private static Result play(ServerProcess server, List<Browser> people, int seconds) throws InterruptedException {
        ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
        AtomicInteger errors = new AtomicInteger();
        double[] megabytes = {server.residentMegabytes(), 0, 0};
        ExecutorService pool = Executors.newFixedThreadPool(people.size());
        long begin = System.nanoTime();
        for (int i = 0; i < people.size(); i++) {
            int clinician = i;
            pool.submit(() -> {
                // Spread over the second, as people are.
                long next = begin + TimeUnit.MILLISECONDS.toNanos(1000L * clinician / people.size());
                for (int n = 0; n < seconds; n++) {
                    sleepUntil(next);
                    next += TimeUnit.SECONDS.toNanos(1);
                    long start = System.nanoTime();
                    try {
                        people.get(clinician)
                                .expect(
                                        200,
                                        "POST",
                                        "/api/cases/LD-" + clinician + "/taps",
                                        Taps.nth(UUID.randomUUID(), n));
                        times.add((System.nanoTime() - start) / 1e6);
                    } catch (IOException | InterruptedException e) {
                        errors.incrementAndGet();
                    }
                }
            });
        }
        pool.shutdown();
        pool.awaitTermination(seconds / 2, TimeUnit.SECONDS);
        megabytes[1] = server.residentMegabytes();
        pool.awaitTermination(1, TimeUnit.HOURS);
        megabytes[2] = server.residentMegabytes();
        double[] sorted =
                times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double elapsed = (System.nanoTime() - begin) / 1e9;
        return new Result(
                sorted.length,
                errors.get(),
                sorted.length / elapsed,
                at(sorted, 0.50),
                at(sorted, 0.95),
                at(sorted, 0.99),
                Arrays.copyOf(megabytes, megabytes.length));
    }

    private static double at(double[] sorted, double share) {
        return sorted.length == 0
                ? Double.NaN
                : sorted[(int) Math.min(sorted.length - 1L, (long) (share * sorted.length))];
    }

    private static void sleepUntil(long nanos) {
        long left = nanos - System.nanoTime();
        if (left > 0) {
            try {
                TimeUnit.NANOSECONDS.sleep(left);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
