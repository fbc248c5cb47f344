package lexicor.server.devices;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Starts stand-ins, each in a thread of its own, that reach this server by its address. */
@Component
class Simulations {
    private static final Logger LOG = LoggerFactory.getLogger(Simulations.class);
    private static final int MOST_AT_ONCE = 4;
    private static final int MOST_TRIALS = 6;
    private static final double MOST = 500;
    private static final double FASTEST = 20;

    private final Environment environment;
    private final SettingsService settings;
    private final AtomicInteger running = new AtomicInteger();
    private final Map<DeviceKind, Lock> turns = new EnumMap<>(DeviceKind.class);

    Simulations(Environment environment, SettingsService settings) {
        this.settings = settings;
        this.environment = environment;
        for (DeviceKind kind : DeviceKind.values()) {
            turns.put(kind, new ReentrantLock(true));
        }
    }

    /**
     * What a stand-in is to measure.
     *
     * @param trials one to six; absent for three
     * @param target what the efforts come to; absent for 80
     * @param pace 1 for real time, up to 20; absent for 1
     * @param dropped whether the connection is lost in the first effort; absent for no
     */
    record Request(
            String kind,
            @Schema(nullable = true) Integer trials,
            @Schema(nullable = true) Double target,
            @Schema(nullable = true) Double pace,
            @Schema(nullable = true) Boolean dropped) {}

    void start(Request request) {
        DeviceKind kind = DeviceKind.withId(Optional.ofNullable(request.kind()).orElse(""))
                .orElseThrow(() -> Refusal.field("kind", "expected dynamometer, grip or inclinometer"));
        int trials = Optional.ofNullable(request.trials()).orElse(3);
        double target = Optional.ofNullable(request.target()).orElse(80.0);
        double pace = Optional.ofNullable(request.pace()).orElse(1.0);
        boolean dropped = Boolean.TRUE.equals(request.dropped());
        within("trials", trials, 1, MOST_TRIALS);
        within("target", target, 1, MOST);
        within("pace", pace, 1, FASTEST);
        if (running.incrementAndGet() > MOST_AT_ONCE) {
            running.decrementAndGet();
            throw Refusal.conflict("kind: " + MOST_AT_ONCE + " stand-ins are measuring already; wait for one to leave");
        }
        String server = "http://localhost:" + environment.getProperty("local.server.port");
        SimulatedDevice device = new SimulatedDevice(server, "simulated-" + kind.id(), settings.deviceKey());
        Thread thread = new Thread(() -> run(device, kind, trials, target, pace, dropped), "simulated-device");
        thread.setDaemon(true);
        thread.start();
    }

    private void run(SimulatedDevice device, DeviceKind kind, int trials, double target, double pace, boolean dropped) {
        // One of a kind measures after another: they have one name, and the first would take its leave for both.
        Lock turn = turns.get(kind);
        turn.lock();
        try {
            device.run(kind.id(), trials, target, pace, dropped, System.nanoTime());
        } catch (IOException e) {
            LOG.warn("A simulated device gave up: {}", e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            turn.unlock();
            running.decrementAndGet();
        }
    }

    private static void within(String field, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw Refusal.field(field, String.format(java.util.Locale.ROOT, "expected %.0f to %.0f", low, high));
        }
    }
}
