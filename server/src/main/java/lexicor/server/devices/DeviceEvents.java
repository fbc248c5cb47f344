package lexicor.server.devices;

import java.util.List;

/** What the pages are told of devices. */
final class DeviceEvents {
    private DeviceEvents() {}

    /** A device as it is known: {@code connected} turns false when it falls silent. */
    record DeviceView(String id, String name, String kind, String unit, boolean connected) {}

    /** All devices known. */
    record Devices(List<DeviceView> devices) {}

    /**
     * A value.
     *
     * @param millis the device's own clock
     */
    record Sample(String device, double millis, double value) {}

    /**
     * A trial found in what a device sent.
     *
     * @param complete false where the connection was lost within it: better repeated
     */
    record Trial(
            String device,
            String unit,
            double peak,
            double plateau,
            double seconds,
            double baseline,
            boolean complete) {}
}
