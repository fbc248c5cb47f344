package lexicor.server.devices;

import java.util.Arrays;
import java.util.Optional;

/** What a device measures. */
enum DeviceKind {
    DYNAMOMETER("N", 10),
    GRIP("kg", 2),
    INCLINOMETER("degrees", 5);

    private final String unit;
    private final double threshold;

    DeviceKind(String unit, double threshold) {
        this.unit = unit;
        this.threshold = threshold;
    }

    static Optional<DeviceKind> withId(String id) {
        return Arrays.stream(values()).filter(k -> k.id().equals(id)).findFirst();
    }

    String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    String unit() {
        return unit;
    }

    /** How far from rest a trial begins, in the unit. */
    double threshold() {
        return threshold;
    }
}
