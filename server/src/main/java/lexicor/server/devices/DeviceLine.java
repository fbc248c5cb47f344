package lexicor.server.devices;

import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A line that a device sends. */
sealed interface DeviceLine {
    int LONGEST = 512;

    /** The first line of a device: what it is. */
    record Hello(DeviceKind kind, String name) implements DeviceLine {}

    /** A value at a time of the device's own clock. */
    record Value(double millis, double value) implements DeviceLine {}

    /** The device leaves. */
    record Bye() implements DeviceLine {}

    /**
     * @param number of the line within its request, from 1, for the message
     */
    static DeviceLine read(JsonMapper json, int number, String line) {
        String field = "line " + number;
        if (line.length() > LONGEST) {
            throw Refusal.field(field, "longer than " + LONGEST + " characters");
        }
        JsonNode node;
        try {
            node = json.readTree(line);
        } catch (JacksonException e) {
            throw Refusal.field(field, "not a JSON object");
        }
        CleanText.check(node, field);
        return switch (node.path("type").asString("")) {
            case "hello" -> hello(field, node);
            case "sample" -> new Value(number(field, node, "ms"), number(field, node, "value"));
            case "bye" -> new Bye();
            default -> throw Refusal.field(field, "expected type hello, sample or bye");
        };
    }

    private static Hello hello(String field, JsonNode node) {
        DeviceKind kind = DeviceKind.withId(node.path("kind").asString(""))
                .orElseThrow(() -> Refusal.field(field, "expected kind dynamometer, grip or inclinometer"));
        String name = node.path("name").asString("");
        if (name.isBlank() || name.length() > 60) {
            throw Refusal.field(field, "expected a name of 1 to 60 characters");
        }
        return new Hello(kind, name);
    }

    private static double number(String field, JsonNode node, String name) {
        JsonNode value = node.path(name);
        if (!value.isNumber() || !Double.isFinite(value.asDouble())) {
            throw Refusal.field(field, "expected " + name + " as a number");
        }
        return value.asDouble();
    }
}
