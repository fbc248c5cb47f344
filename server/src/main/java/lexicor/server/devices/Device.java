package lexicor.server.devices;

import java.util.Optional;
import lexicor.core.measuring.DeviceTrial;
import lexicor.core.measuring.TraceReader;
import lexicor.server.devices.DeviceEvents.DeviceView;
import lexicor.server.devices.DeviceEvents.Trial;

/** One device and the trace it draws. Guarded by the hub. */
final class Device {
    private final String id;
    private final DeviceKind kind;
    private final String name;
    private final TraceReader trace;
    private long heardNanos = System.nanoTime();
    private boolean connected = true;

    Device(String id, DeviceLine.Hello hello) {
        this.id = id;
        this.kind = hello.kind();
        this.name = hello.name();
        this.trace = new TraceReader(kind.threshold());
    }

    DeviceView view() {
        return new DeviceView(id, name, kind.id(), kind.unit(), connected);
    }

    /** Takes a value; true if the device was thought lost before. */
    boolean heard() {
        boolean back = !connected;
        connected = true;
        heardNanos = System.nanoTime();
        return back;
    }

    Optional<Trial> take(DeviceLine.Value value) {
        return trace.take(value.millis(), value.value()).map(this::trial);
    }

    /** Whether it was connected and has been silent for so long. */
    boolean isSilent(long nanos) {
        return connected && System.nanoTime() - heardNanos > nanos;
    }

    Optional<Trial> lose() {
        connected = false;
        return trace.lost().map(this::trial);
    }

    private Trial trial(DeviceTrial t) {
        return new Trial(id, kind.unit(), t.peak(), t.plateau(), t.seconds(), t.baseline(), t.complete());
    }
}
