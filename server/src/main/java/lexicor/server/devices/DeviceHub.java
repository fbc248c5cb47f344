package lexicor.server.devices;

import java.io.IOException;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import lexicor.server.devices.DeviceEvents.Devices;
import lexicor.server.devices.DeviceEvents.Sample;
import lexicor.server.problems.Refusal;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Takes the lines of all devices and tells every page of them. Nothing is stored: a page keeps the trials it accepts. */
@Component
class DeviceHub {
    private static final int MOST_DEVICES = 20;
    private static final int MOST_PAGES = 200;
    private static final long SILENT_NANOS = TimeUnit.SECONDS.toNanos(2);
    private static final long WATCH_MILLIS = 500;
    private static final long SESSIONS_MILLIS = 2_000;

    private final Map<String, Device> devices = new TreeMap<>();
    /** Each page with whether its session goes on. */
    private final Map<SseEmitter, BooleanSupplier> pages = new ConcurrentHashMap<>();

    private final ExecutorService teller = Executors.newSingleThreadExecutor();

    /**
     * A page that is told of everything from now on, and first of what there is.
     *
     * @param stillIn whether whoever watches still may
     */
    SseEmitter watch(BooleanSupplier stillIn) {
        if (pages.size() >= MOST_PAGES) {
            throw Refusal.conflict("devices: too many pages are watching; close some");
        }
        SseEmitter page = new SseEmitter(0L);
        page.onCompletion(() -> pages.remove(page));
        page.onTimeout(() -> pages.remove(page));
        page.onError(e -> pages.remove(page));
        pages.put(page, stillIn);
        send(page, "devices", known());
        return page;
    }

    synchronized Devices known() {
        return new Devices(devices.values().stream().map(Device::view).toList());
    }

    /** Takes a line of a device. */
    synchronized void take(String id, DeviceLine line) {
        if (line instanceof DeviceLine.Hello hello) {
            if (!devices.containsKey(id) && devices.size() >= MOST_DEVICES) {
                throw Refusal.conflict("device: " + MOST_DEVICES + " devices are known already; let one of them leave");
            }
            devices.put(id, new Device(id, hello));
            tell("devices", known());
            return;
        }
        Device device = devices.get(id);
        if (device == null) {
            throw Refusal.conflict("device: " + id + " has not said hello");
        }
        if (line instanceof DeviceLine.Bye) {
            device.lose().ifPresent(t -> tell("trial", t));
            devices.remove(id);
            tell("devices", known());
        } else if (line instanceof DeviceLine.Value value) {
            if (device.heard()) {
                tell("devices", known());
            }
            try {
                device.take(value).ifPresent(t -> tell("trial", t));
            } catch (IllegalArgumentException e) {
                throw Refusal.field("ms", e.getMessage());
            }
            tell("sample", new Sample(id, value.millis(), value.value()));
        }
    }

    @Scheduled(fixedDelay = WATCH_MILLIS)
    synchronized void findTheSilent() {
        for (Device device : devices.values()) {
            if (device.isSilent(SILENT_NANOS)) {
                device.lose().ifPresent(t -> tell("trial", t));
                tell("devices", known());
            }
        }
    }

    /** A stream does not outlive its session, nor go on behind a locked screen. */
    @Scheduled(fixedDelay = SESSIONS_MILLIS)
    void endWithTheirSessions() {
        pages.forEach((page, stillIn) -> {
            if (!stillIn.getAsBoolean()) {
                pages.remove(page);
                page.complete();
            }
        });
    }

    /** In their order, and never holding up a device for a slow page. */
    private void tell(String event, Object data) {
        if (!teller.isShutdown()) {
            teller.execute(() -> pages.keySet().forEach(page -> send(page, event, data)));
        }
    }

    /** A page that still listens would hold up the end of the program. */
    @EventListener
    void end(ContextClosedEvent event) {
        teller.shutdown();
        pages.keySet().forEach(SseEmitter::complete);
    }

    private void send(SseEmitter page, String event, Object data) {
        try {
            page.send(SseEmitter.event().name(event).data(data, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException e) {
            pages.remove(page);
        }
    }
}
