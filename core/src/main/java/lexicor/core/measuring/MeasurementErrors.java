package lexicor.core.measuring;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What two measurements of the same thing can differ by without anything having changed, where a department states it.
 *
 * @param byReading for {@code forceN} in percent of the force, for {@code gripKg} and {@code pinchKg} in kilograms, for
 *     {@code rangeDeg} in degrees, for {@code spinalLevel} in levels
 */
public record MeasurementErrors(Map<String, Double> byReading) {
    /** The readings whose error can be stated, with the largest that makes sense. */
    private static final Map<String, Double> LARGEST = new TreeMap<>(
            Map.of("forceN", 100.0, "gripKg", 40.0, "pinchKg", 20.0, "rangeDeg", 60.0, "spinalLevel", 10.0));

    private static final String FORCE = "forceN";

    /** What is wrong with an error stated, and what is expected in its place. */
    public record Objection(String reading, String expected) {}

    /** The first of the errors that cannot be used; empty where all can. */
    public static Optional<Objection> objection(Map<String, Double> errors) {
        for (Map.Entry<String, Double> e : new TreeMap<>(errors).entrySet()) {
            Double most = LARGEST.get(e.getKey());
            if (most == null || e.getValue() == null) {
                return Optional.of(new Objection(e.getKey(), "expected a number for one of " + LARGEST.keySet()));
            }
            if (!(e.getValue() >= 0 && e.getValue() <= most)) {
                return Optional.of(new Objection(
                        e.getKey(), String.format(Locale.ROOT, "expected a number from 0 to %.0f", most)));
            }
        }
        return Optional.empty();
    }

    /**
     * What two measurements of a reading can differ by, in the reading's unit; empty where it is not stated.
     *
     * @param value of which a percentage is taken, where it is stated as one
     */
    public Optional<Double> of(String reading, double value) {
        return Optional.ofNullable(byReading.get(reading)).map(e -> reading.equals(FORCE) ? e / 100 * value : e);
    }
}
